<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de">
<context>
    <name>window</name>
    <message>
        <source>
or </source>
        <translation>
oder </translation>
    </message>
    <message>
        <source>
… and %1 kB more</source>
        <translation>
… und %1 kB mehr</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source> / 10 mm</source>
        <translation> / 10 mm</translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation> und %1 mehr</translation>
    </message>
    <message>
        <source> and more</source>
        <translation> und mehr</translation>
    </message>
    <message>
        <source> cells</source>
        <translation> Zellen</translation>
    </message>
    <message>
        <source> for %1 %2</source>
        <translation> für %1 %2</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> von %1</translation>
    </message>
    <message>
        <source> of at least %1</source>
        <translation> von mindestens %1</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source> px a px</source>
        <translation> px je px</translation>
    </message>
    <message>
        <source> ticks</source>
        <translation> Takte</translation>
    </message>
    <message>
        <source> units</source>
        <translation> Einheiten</translation>
    </message>
    <message>
        <source> · holds %1</source>
        <translation> · hält %1</translation>
    </message>
    <message>
        <source> – and %1 more</source>
        <translation> – und %1 mehr</translation>
    </message>
    <message>
        <source> — drag or click and click, arrows, Backspace takes back, H hints, Home again, Esc ends</source>
        <translation> — ziehen oder klicken und klicken, Pfeile, Rücktaste nimmt zurück, H hilft, Pos1 von vorn, Esc beendet</translation>
    </message>
    <message>
        <source>"%1" does not say when it is on: write the first tick and the one after the last, as in 0-60, 90-100.</source>
        <translation>„%1“ sagt nicht, wann es an ist: schreib den ersten Takt und den nach dem letzten, wie in 0-60, 90-100.</translation>
    </message>
    <message>
        <source>"%1" is no whole number. Write one, or nothing for a parked counter.</source>
        <translation>„%1“ ist keine ganze Zahl. Schreib eine, oder nichts für einen abgestellten Stein.</translation>
    </message>
    <message>
        <source>"%1" stands in the margin when it is about something: choose what it is for on the board first.</source>
        <translation>„%1“ steht im Seitenrand, wenn es um etwas geht: wähle erst auf dem Brett, wofür es ist.</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 % of %2 %3.</source>
        <translation>%1 % von %2 %3.</translation>
    </message>
    <message>
        <source>%1 %2 of %3</source>
        <translation>%1 %2 von %3</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 as they are</source>
        <translation>%1 wie sie sind</translation>
    </message>
    <message>
        <source>%1 at least %2</source>
        <translation>%1 mindestens %2</translation>
    </message>
    <message>
        <source>%1 beaten %2 of %3</source>
        <translation>%1 besiegt %2 von %3</translation>
    </message>
    <message>
        <source>%1 belongs to the tools and to the board: take another one.</source>
        <translation>%1 gehört den Werkzeugen und dem Brett: nimm eine andere.</translation>
    </message>
    <message>
        <source>%1 by %2 screens</source>
        <translation>%1 mal %2 Bildschirme</translation>
    </message>
    <message>
        <source>%1 by hand</source>
        <translation>%1 von Hand</translation>
    </message>
    <message>
        <source>%1 cannot be read as a picture.</source>
        <translation>%1 ist nicht als Bild lesbar.</translation>
    </message>
    <message>
        <source>%1 cannot be taken; the row says why.</source>
        <translation>%1 gehen nicht; die Zeile sagt, warum.</translation>
    </message>
    <message>
        <source>%1 cells</source>
        <translation>%1 Zellen</translation>
    </message>
    <message>
        <source>%1 cells now</source>
        <translation>%1 Zellen jetzt</translation>
    </message>
    <message>
        <source>%1 cells, %2 s</source>
        <translation>%1 Zellen, %2 s</translation>
    </message>
    <message>
        <source>%1 changed</source>
        <translation>%1 geändert</translation>
    </message>
    <message>
        <source>%1 changed; undo takes them back.</source>
        <translation>%1 geändert; Rückgängig nimmt sie zurück.</translation>
    </message>
    <message>
        <source>%1 copied.</source>
        <translation>%1 kopiert.</translation>
    </message>
    <message>
        <source>%1 does something else in a walk. Choose another key.</source>
        <translation>%1 tut im Probelauf etwas anderes. Wähle eine andere Taste.</translation>
    </message>
    <message>
        <source>%1 edited there</source>
        <translation>%1 dort bearbeitet</translation>
    </message>
    <message>
        <source>%1 entities</source>
        <translation>%1 Figuren</translation>
    </message>
    <message>
        <source>%1 fades, %2 px</source>
        <translation>%1 verblasst, %2 px</translation>
    </message>
    <message>
        <source>%1 files, all as they should be</source>
        <translation>%1 Dateien, alle wie sie sein sollen</translation>
    </message>
    <message>
        <source>%1 has %2 now.</source>
        <translation>%1 hat jetzt %2.</translation>
    </message>
    <message>
        <source>%1 has nothing to close</source>
        <translation>%1 hat nichts zu schließen</translation>
    </message>
    <message>
        <source>%1 here, %2</source>
        <translation>%1 hier, %2</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>%1 in %2 followed. Undo brings the matter back.</source>
        <translation>%1 in %2 folgten. Rückgängig bringt den Stoff zurück.</translation>
    </message>
    <message>
        <source>%1 is chosen for "%2" already.</source>
        <translation>%1 ist schon für „%2“ gewählt.</translation>
    </message>
    <message>
        <source>%1 is removed. What led there leads nowhere now: %2. Undo brings it back.</source>
        <translation>%1 ist entfernt. Was dorthin führte, führt jetzt nirgendwohin: %2. Rückgängig bringt es zurück.</translation>
    </message>
    <message>
        <source>%1 is removed; undo brings it back.</source>
        <translation>%1 ist entfernt; Rückgängig bringt es zurück.</translation>
    </message>
    <message>
        <source>%1 is taken in; undo takes it back.</source>
        <translation>%1 ist übernommen; Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>%1 is the key of "%2": give that another one first.</source>
        <translation>%1 ist die Taste von „%2“: gib jener erst eine andere.</translation>
    </message>
    <message>
        <source>%1 is there</source>
        <translation>%1 ist da</translation>
    </message>
    <message>
        <source>%1 is there already: choose another name.</source>
        <translation>%1 gibt es schon: wähle einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 kB, %2</source>
        <translation>%1 kB, %2</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>noch %1</translation>
    </message>
    <message>
        <source>%1 marks</source>
        <translation>%1 Striche</translation>
    </message>
    <message>
        <source>%1 modules, %2 × %3 units</source>
        <translation>%1 Module, %2 × %3 Einheiten</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 mehr</translation>
    </message>
    <message>
        <source>%1 new</source>
        <translation>%1 neu</translation>
    </message>
    <message>
        <source>%1 nodes, %2 materials, %3 pictures</source>
        <translation>%1 Knoten, %2 Materialien, %3 Bilder</translation>
    </message>
    <message>
        <source>%1 not judged yet.</source>
        <translation>%1 noch nicht beurteilt.</translation>
    </message>
    <message>
        <source>%1 not ours</source>
        <translation>%1 nicht unsere</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 of %2 cells took what was pasted.</source>
        <translation>%1 von %2 Zellen nahmen das Eingefügte.</translation>
    </message>
    <message>
        <source>%1 of %2 triangles</source>
        <translation>%1 zu %2 Dreiecken</translation>
    </message>
    <message>
        <source>%1 of it in the project.</source>
        <translation>%1 davon im Projekt.</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>%1 on it</source>
        <translation>%1 daran</translation>
    </message>
    <message>
        <source>%1 on the board, %2 parked; shared by %3.</source>
        <translation>%1 auf dem Brett, %2 abgestellt; geteilt von %3.</translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation>%1 offen</translation>
    </message>
    <message>
        <source>%1 open, %2 not judged yet</source>
        <translation>%1 offen, %2 unbeurteilt</translation>
    </message>
    <message>
        <source>%1 pasted.</source>
        <translation>%1 eingefügt.</translation>
    </message>
    <message>
        <source>%1 placed, %2 different</source>
        <translation>%1, %2 Sorten</translation>
    </message>
    <message>
        <source>%1 plays %2</source>
        <translation>%1 spielt %2</translation>
    </message>
    <message>
        <source>%1 ports are proposed.</source>
        <translation>%1 Anschlüsse sind vorgeschlagen.</translation>
    </message>
    <message>
        <source>%1 px</source>
        <translation>%1 px</translation>
    </message>
    <message>
        <source>%1 px, %2 cells</source>
        <translation>%1 px, %2 Zellen</translation>
    </message>
    <message>
        <source>%1 px, %2 cells far</source>
        <translation>%1 px, %2 Zellen weit</translation>
    </message>
    <message>
        <source>%1 px, %2 cells up</source>
        <translation>%1 px, %2 Zellen hoch</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 s left</source>
        <translation>noch %1 s</translation>
    </message>
    <message>
        <source>%1 ticks</source>
        <translation>%1 Takte</translation>
    </message>
    <message>
        <source>%1 ticks, %2 s, %3 jumps</source>
        <translation>%1 Takte, %2 s, %3 Sprünge</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>%1 to go</source>
        <translation>%1 gehen weg</translation>
    </message>
    <message>
        <source>%1 was parked everywhere. Undo brings it back.</source>
        <translation>%1 war überall abgestellt. Rückgängig bringt ihn zurück.</translation>
    </message>
    <message>
        <source>%1 written.</source>
        <translation>%1 geschrieben.</translation>
    </message>
    <message>
        <source>%1 · %2 × %3 cells of %4 px · %5×</source>
        <translation>%1 · %2 × %3 Zellen zu %4 px · %5×</translation>
    </message>
    <message>
        <source>%1 ×</source>
        <translation>%1 ×</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>%1 × %2 at %3, %4</source>
        <translation>%1 × %2 bei %3, %4</translation>
    </message>
    <message>
        <source>%1 × %2 cells</source>
        <translation>%1 × %2 Zellen</translation>
    </message>
    <message>
        <source>%1 × %2 cells.</source>
        <translation>%1 × %2 Zellen.</translation>
    </message>
    <message>
        <source>%1 × %2 cells. Drag it with Select (G).</source>
        <translation>%1 × %2 Zellen. Zieh es mit Auswählen (G).</translation>
    </message>
    <message>
        <source>%1 × %2 in a level of %L3 × %L4</source>
        <translation>%1 × %2 in einem Level von %L3 × %L4</translation>
    </message>
    <message>
        <source>%1 × %2 modules, exactly.</source>
        <translation>%1 × %2 Module, genau.</translation>
    </message>
    <message>
        <source>%1 × %2 px</source>
        <translation>%1 × %2 px</translation>
    </message>
    <message>
        <source>%1 × %2 px; a screen, dashed below, is %3 × %4 px.</source>
        <translation>%1 × %2 px; ein Bildschirm, unten gestrichelt, hat %3 × %4 px.</translation>
    </message>
    <message>
        <source>%1 × %2 tiles</source>
        <translation>%1 × %2 Kacheln</translation>
    </message>
    <message>
        <source>%1 × %2 tiles are in hand, to be laid again.</source>
        <translation>%1 × %2 Kacheln sind in der Hand, um wieder gelegt zu werden.</translation>
    </message>
    <message>
        <source>%1 × %2, %3</source>
        <translation>%1 × %2, %3</translation>
    </message>
    <message>
        <source>%1 × %2, %3 storeys</source>
        <translation>%1 × %2, %3 Geschosse</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, %2 %</source>
        <translation>%1, %2 %</translation>
    </message>
    <message>
        <source>%1, %2 on %3</source>
        <translation>%1, %2 auf %3</translation>
    </message>
    <message>
        <source>%1, %2 px</source>
        <translation>%1, %2 px</translation>
    </message>
    <message>
        <source>%1, %2 times</source>
        <translation>%1, %2-mal</translation>
    </message>
    <message>
        <source>%1, %2 to look at or to write</source>
        <translation>%1, %2 anzusehen oder zu schreiben</translation>
    </message>
    <message>
        <source>%1, %2 to make</source>
        <translation>%1, %2 zu machen</translation>
    </message>
    <message>
        <source>%1, %2 · %3 · phase %4 of table %5 · tick %6</source>
        <translation>%1, %2 · %3 · Phase %4 von Tafel %5 · Takt %6</translation>
    </message>
    <message>
        <source>%1, all as they should be</source>
        <translation>%1, alle wie sie sein sollen</translation>
    </message>
    <message>
        <source>%1, as matter</source>
        <translation>%1, als Stoff</translation>
    </message>
    <message>
        <source>%1, at %2</source>
        <translation>%1, bei %2</translation>
    </message>
    <message>
        <source>%1, for you alone</source>
        <translation>%1, nur für dich</translation>
    </message>
    <message>
        <source>%1, in Prove</source>
        <translation>%1, in Prüfen</translation>
    </message>
    <message>
        <source>%1, in the margin</source>
        <translation>%1, im Seitenrand</translation>
    </message>
    <message>
        <source>%1, lent</source>
        <translation>%1, geliehen</translation>
    </message>
    <message>
        <source>%1, off %2, %3</source>
        <translation>%1, daneben um %2, %3</translation>
    </message>
    <message>
        <source>%1, storey %2</source>
        <translation>%1, Geschoss %2</translation>
    </message>
    <message>
        <source>%1, taken</source>
        <translation>%1, genommen</translation>
    </message>
    <message>
        <source>%1, then %2</source>
        <translation>%1, dann %2</translation>
    </message>
    <message>
        <source>%1, tool</source>
        <translation>%1, Werkzeug</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: %2 of %3 files written.</source>
        <translation>%1: %2 von %3 Dateien geschrieben.</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>%1: all was as it should be.</source>
        <translation>%1: alles war, wie es sein soll.</translation>
    </message>
    <message>
        <source>%1: is on</source>
        <translation>%1: ist an</translation>
    </message>
    <message>
        <source>%1: it stands in %2, of %3. Lay it with the brush.</source>
        <translation>%1: steht in %2, aus %3. Leg ihn mit dem Pinsel.</translation>
    </message>
    <message>
        <source>%1: once.</source>
        <translation>%1: einmal.</translation>
    </message>
    <message>
        <source>%1: open its sheet</source>
        <translation>%1: sein Blatt öffnen</translation>
    </message>
    <message>
        <source>%1: repeats %2 times across, %3 down.</source>
        <translation>%1: %2-mal waagerecht, %3-mal senkrecht.</translation>
    </message>
    <message>
        <source>%1: repeats %2 times at parallax 1.</source>
        <translation>%1: %2-mal bei Parallaxe 1.</translation>
    </message>
    <message>
        <source>%1: repeats, and is cut at the top.</source>
        <translation>%1: wiederholt sich und ist oben abgeschnitten.</translation>
    </message>
    <message>
        <source>%1: stretched.</source>
        <translation>%1: gestreckt.</translation>
    </message>
    <message>
        <source>%1: the board is drawn aslant, from one side.</source>
        <translation>%1: Das Brett wird schräg gezeichnet, von einer Seite.</translation>
    </message>
    <message>
        <source>%1; a click takes one, as one undo.</source>
        <translation>%1; ein Klick nimmt einen, als ein Schritt.</translation>
    </message>
    <message>
        <source>%1; and %2 more changes.</source>
        <translation>%1; und %2 weitere Änderungen.</translation>
    </message>
    <message>
        <source>%1; stale: %2</source>
        <translation>%1; veraltet: %2</translation>
    </message>
    <message>
        <source>%1?</source>
        <translation>%1?</translation>
    </message>
    <message>
        <source>%1[*] – Rook Plot</source>
        <translation>%1[*] – Rook Plot</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%L1 cells, %2 cases</source>
        <translation>%L1 Zellen, %2 Fälle</translation>
    </message>
    <message>
        <source>%L1 px</source>
        <translation>%L1 px</translation>
    </message>
    <message>
        <source>%L1 tiles</source>
        <translation>%L1 Kacheln</translation>
    </message>
    <message>
        <source>%L1 tiles in %2 columns.</source>
        <translation>%L1 Kacheln in %2 Spalten.</translation>
    </message>
    <message>
        <source>%L1 · %2 MB</source>
        <translation>%L1 · %2 MB</translation>
    </message>
    <message>
        <source>%L1 ×</source>
        <translation>%L1 ×</translation>
    </message>
    <message>
        <source>&amp;About Rook Plot</source>
        <translation>&amp;Über Rook Plot</translation>
    </message>
    <message>
        <source>&amp;Bring a file in …</source>
        <translation>Datei &amp;hereinholen …</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Kopieren</translation>
    </message>
    <message>
        <source>&amp;Duplicate</source>
        <translation>&amp;Verdoppeln</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;Find what to do …</source>
        <translation>&amp;Finden, was zu tun ist …</translation>
    </message>
    <message>
        <source>&amp;Fit the level</source>
        <translation>Level ein&amp;passen</translation>
    </message>
    <message>
        <source>&amp;Group or ungroup</source>
        <translation>&amp;Gruppieren oder lösen</translation>
    </message>
    <message>
        <source>&amp;Guide</source>
        <translation>&amp;Handbuch</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Keys of this step</source>
        <translation>&amp;Tasten dieses Schritts</translation>
    </message>
    <message>
        <source>&amp;Level</source>
        <translation>&amp;Level</translation>
    </message>
    <message>
        <source>&amp;Mirror sideways</source>
        <translation>&amp;Seitlich spiegeln</translation>
    </message>
    <message>
        <source>&amp;New level …</source>
        <translation>&amp;Neues Level …</translation>
    </message>
    <message>
        <source>&amp;New …</source>
        <translation>&amp;Neu …</translation>
    </message>
    <message>
        <source>&amp;Night board</source>
        <translation>&amp;Nachtbrett</translation>
    </message>
    <message>
        <source>&amp;Open …</source>
        <translation>&amp;Öffnen …</translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation>&amp;Einfügen</translation>
    </message>
    <message>
        <source>&amp;Plan under the masses, in Shape</source>
        <translation>&amp;Plan unter den Massen, in Formen</translation>
    </message>
    <message>
        <source>&amp;Project</source>
        <translation>&amp;Projekt</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Sichern</translation>
    </message>
    <message>
        <source>&amp;Settings</source>
        <translation>&amp;Einstellungen</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>&amp;View in depth: beside, instead, off</source>
        <translation>Ansicht in die &amp;Tiefe: daneben, statt, aus</translation>
    </message>
    <message>
        <source>&amp;Walk</source>
        <translation>&amp;Probelauf</translation>
    </message>
    <message>
        <source>&amp;Walk through the window</source>
        <translation>&amp;Gang durch das Fenster</translation>
    </message>
    <message>
        <source>&amp;Write all targets</source>
        <translation>Alle Ausgaben sch&amp;reiben</translation>
    </message>
    <message>
        <source>+ target</source>
        <translation>+ Ausgabe</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>, %1 deep</source>
        <translation>, %1 tief</translation>
    </message>
    <message>
        <source>, %1 steps</source>
        <translation>, %1 Stufen</translation>
    </message>
    <message>
        <source>, %1 won: %2 at best, %3 in the middle</source>
        <translation>, %1 gewonnen: %2 im besten Fall, %3 in der Mitte</translation>
    </message>
    <message>
        <source>, and . turn it</source>
        <translation>, und . drehen ihn</translation>
    </message>
    <message>
        <source>, as %1</source>
        <translation>, als %1</translation>
    </message>
    <message>
        <source>, bare by hand</source>
        <translation>, kahl von Hand</translation>
    </message>
    <message>
        <source>, by hand</source>
        <translation>, von Hand</translation>
    </message>
    <message>
        <source>, last exit %1</source>
        <translation>, letzter Ausgang %1</translation>
    </message>
    <message>
        <source>, mark %1</source>
        <translation>, Marke %1</translation>
    </message>
    <message>
        <source>, mirrored</source>
        <translation>, gespiegelt</translation>
    </message>
    <message>
        <source>, no hint: not decided whether it can be solved</source>
        <translation>, kein Hinweis: nicht entschieden, ob es lösbar ist</translation>
    </message>
    <message>
        <source>, on storey %1</source>
        <translation>, auf Geschoss %1</translation>
    </message>
    <message>
        <source>, slot %1, %2</source>
        <translation>, Platz %1, %2</translation>
    </message>
    <message>
        <source>, this can no longer be solved</source>
        <translation>, das ist nicht mehr lösbar</translation>
    </message>
    <message>
        <source>, upended</source>
        <translation>, umgekehrt</translation>
    </message>
    <message>
        <source>. Undo takes it back.</source>
        <translation>. Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>0 stays with the screen, 1 moves with the level.</source>
        <translation>0 bleibt beim Bildschirm, 1 geht mit dem Level.</translation>
    </message>
    <message>
        <source>0-60, 90-100</source>
        <translation>0-60, 90-100</translation>
    </message>
    <message>
        <source>1 file, as it should be</source>
        <translation>1 Datei, wie sie sein soll</translation>
    </message>
    <message>
        <source>3d isometric depth perspective</source>
        <translation>3d isometrisch tiefe perspektive</translation>
    </message>
    <message>
        <source>3d rotate turn orbit camera</source>
        <translation>3d drehen umkreisen kamera ecke</translation>
    </message>
    <message>
        <source>; %1: %2</source>
        <translation>; %1: %2</translation>
    </message>
    <message>
        <source>; the proof run takes %1</source>
        <translation>; der Beweislauf braucht %1</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; %2</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; %2</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in %2</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; in %2</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; on %2</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; auf %2</translation>
    </message>
    <message>
        <source>&lt;b&gt;open air&lt;/b&gt;</source>
        <translation>&lt;b&gt;offene Luft&lt;/b&gt;</translation>
    </message>
    <message>
        <source>A cell</source>
        <translation>Eine Zelle</translation>
    </message>
    <message>
        <source>A click takes the same matter as far as it hangs together.</source>
        <translation>Ein Klick nimmt denselben Stoff, so weit er zusammenhängt.</translation>
    </message>
    <message>
        <source>A death takes one of</source>
        <translation>Ein Tod kostet eins von</translation>
    </message>
    <message>
        <source>A field that is changed here changes for all of them.</source>
        <translation>Ein Feld, das hier geändert wird, ändert sich für alle.</translation>
    </message>
    <message>
        <source>A field's name is lower-case letters, digits, - and _.</source>
        <translation>Der Name eines Felds hat kleine Buchstaben, Ziffern, - und _.</translation>
    </message>
    <message>
        <source>A first game, in half an hour</source>
        <translation>Ein erstes Spiel in einer halben Stunde</translation>
    </message>
    <message>
        <source>A flight of stairs instead of a line, as while S is held.</source>
        <translation>Eine Treppe statt einer Linie, wie solange S gehalten ist.</translation>
    </message>
    <message>
        <source>A folder of models</source>
        <translation>Ein Ordner mit Modellen</translation>
    </message>
    <message>
        <source>A folder with a rookplot.json</source>
        <translation>Ein Ordner mit einer rookplot.json</translation>
    </message>
    <message>
        <source>A folder …</source>
        <translation>Ein Ordner …</translation>
    </message>
    <message>
        <source>A frame on the board shows another size before it is taken.</source>
        <translation>Ein Rahmen auf dem Brett zeigt eine andere Größe, ehe sie gilt.</translation>
    </message>
    <message>
        <source>A game on this computer sees each stroke as it is drawn, and tells where players are</source>
        <translation>Ein Spiel auf diesem Rechner sieht jeden Strich beim Zeichnen und meldet, wo Spieler sind</translation>
    </message>
    <message>
        <source>A key counts as every key of its kind and letter in later levels.</source>
        <translation>Ein Schlüssel zählt in späteren Leveln wie jeder seiner Art und seines Buchstabens.</translation>
    </message>
    <message>
        <source>A key that is chosen for jumping takes that from Up. P, I, O, U, F, K, Home, Tab and Escape do something else in a walk.</source>
        <translation>Eine Taste, die zum Springen gewählt ist, nimmt das der Taste Oben. P, I, O, U, F, K, Pos1, Tab und Escape tun im Probelauf anderes.</translation>
    </message>
    <message>
        <source>A line each, as Ochre #c9962f; changed in its line, a name changes everywhere.</source>
        <translation>Je eine Zeile, wie Ochre #c9962f; in ihrer Zeile geändert, ändert sich ein Name überall.</translation>
    </message>
    <message>
        <source>A model of %1 kB, glTF 2.0, y up:</source>
        <translation>Ein Modell von %1 kB, glTF 2.0, y nach oben:</translation>
    </message>
    <message>
        <source>A move back</source>
        <translation>Ein Zug zurück</translation>
    </message>
    <message>
        <source>A move is</source>
        <translation>Ein Zug ist</translation>
    </message>
    <message>
        <source>A move on</source>
        <translation>Ein Zug weiter</translation>
    </message>
    <message>
        <source>A new project</source>
        <translation>Ein neues Projekt</translation>
    </message>
    <message>
        <source>A new rule</source>
        <translation>Eine neue Regel</translation>
    </message>
    <message>
        <source>A new target: %1</source>
        <translation>Eine neue Ausgabe: %1</translation>
    </message>
    <message>
        <source>A picture, one px a cell</source>
        <translation>Ein Bild, ein px je Zelle</translation>
    </message>
    <message>
        <source>A plain name, for goals to use:</source>
        <translation>Ein einfacher Name, den Ziele benutzen:</translation>
    </message>
    <message>
        <source>A proof run of %1 s passes %2 of %3 way points of the main route, in order.</source>
        <translation>Ein Beweislauf von %1 s passiert %2 von %3 Wegpunkten der Hauptroute, der Reihe nach.</translation>
    </message>
    <message>
        <source>A queue has at most %L1 stacks, and these are %L2. Take some out.</source>
        <translation>Eine Schlange hat höchstens %L1 Stapel, und dies sind %L2. Nimm welche heraus.</translation>
    </message>
    <message>
        <source>A row of tiles in hand becomes the frames of its first one, wherever that is worn.</source>
        <translation>Eine Reihe Kacheln in der Hand wird zu den Bildern ihrer ersten, wo immer diese getragen wird.</translation>
    </message>
    <message>
        <source>A run that only a stronger body makes is a finding.</source>
        <translation>Ein Lauf, den nur ein stärkerer Körper schafft, ist ein Befund.</translation>
    </message>
    <message>
        <source>A shader is refused: %1</source>
        <translation>Ein Shader wird abgelehnt: %1</translation>
    </message>
    <message>
        <source>A shot every</source>
        <translation>Ein Schuss alle</translation>
    </message>
    <message>
        <source>A small board that you dress by hand; its matter looks like that anywhere.</source>
        <translation>Ein kleines Brett, das du von Hand kleidest; sein Stoff sieht überall so aus.</translation>
    </message>
    <message>
        <source>A stack a line, its colours from the bottom up.</source>
        <translation>Je Zeile ein Stapel, seine Farben von unten nach oben.</translation>
    </message>
    <message>
        <source>A stack holds</source>
        <translation>Ein Stapel fasst</translation>
    </message>
    <message>
        <source>A storey &amp;down</source>
        <translation>Ein Geschoss h&amp;inunter</translation>
    </message>
    <message>
        <source>A storey &amp;up</source>
        <translation>Ein Geschoss &amp;hinauf</translation>
    </message>
    <message>
        <source>A storey down</source>
        <translation>Ein Geschoss hinunter</translation>
    </message>
    <message>
        <source>A storey up</source>
        <translation>Ein Geschoss hinauf</translation>
    </message>
    <message>
        <source>A switch opens it for so many ticks; a key or a pickup, once held, does whenever one comes.</source>
        <translation>Ein Schalter öffnet sie für so viele Takte; ein Schlüssel oder Fund, den man hat, jedes Mal, wenn man kommt.</translation>
    </message>
    <message>
        <source>A unit is</source>
        <translation>Eine Einheit ist</translation>
    </message>
    <message>
        <source>A walk cannot be steered by that key. Choose another one.</source>
        <translation>Mit dieser Taste lässt sich kein Probelauf steuern. Wähle eine andere.</translation>
    </message>
    <message>
        <source>A walk through the six steps</source>
        <translation>Ein Gang durch die sechs Schritte</translation>
    </message>
    <message>
        <source>A way of %1 modules passes %2 of %3 way points of the main route, in order.</source>
        <translation>Ein Weg von %1 Modulen kommt an %2 von %3 Wegpunkten der Hauptroute vorbei, der Reihe nach.</translation>
    </message>
    <message>
        <source>A yard of two storeys, with its kit</source>
        <translation>Ein Hof mit zwei Geschossen und sein Bausatz</translation>
    </message>
    <message>
        <source>Abilities in hand — click to solve as if the player had others</source>
        <translation>Fähigkeiten in der Hand — klicken löst, als hätte der Spieler andere</translation>
    </message>
    <message>
        <source>Abilities in hand — solved as if, the profile stays as it is</source>
        <translation>Fähigkeiten in der Hand — gelöst als ob, das Profil bleibt</translation>
    </message>
    <message>
        <source>Abilities that one has in hand here, for the verdict of this level by itself. The game's proof follows what is carried.</source>
        <translation>Fähigkeiten, die man hier hat, für das Urteil über dieses Level allein. Der Beweis des Spiels folgt dem, was mitgenommen wird.</translation>
    </message>
    <message>
        <source>About Rook Plot</source>
        <translation>Über Rook Plot</translation>
    </message>
    <message>
        <source>Above its storey</source>
        <translation>Über seinem Geschoss</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Waagerecht</translation>
    </message>
    <message>
        <source>Across, down and storeys of the piece</source>
        <translation>Breite, Tiefe und Geschosse des Teils</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Dazu</translation>
    </message>
    <message>
        <source>Add a field</source>
        <translation>Feld dazu</translation>
    </message>
    <message>
        <source>Add a goal</source>
        <translation>Ziel dazu</translation>
    </message>
    <message>
        <source>Add a kind</source>
        <translation>Art dazu</translation>
    </message>
    <message>
        <source>Add a picture</source>
        <translation>Bild dazu</translation>
    </message>
    <message>
        <source>Add a picture …</source>
        <translation>Bild dazu …</translation>
    </message>
    <message>
        <source>Add a screen</source>
        <translation>Bildschirm dazu</translation>
    </message>
    <message>
        <source>Add a tally</source>
        <translation>Zähler dazu</translation>
    </message>
    <message>
        <source>Add a text</source>
        <translation>Text dazu</translation>
    </message>
    <message>
        <source>Add a turn mark</source>
        <translation>Umkehrmarke dazu</translation>
    </message>
    <message>
        <source>Add as a sheet</source>
        <translation>Als Bogen dazu</translation>
    </message>
    <message>
        <source>Add before</source>
        <translation>Davor dazu</translation>
    </message>
    <message>
        <source>Add behind</source>
        <translation>Dahinter dazu</translation>
    </message>
    <message>
        <source>Add lives</source>
        <translation>Leben dazu</translation>
    </message>
    <message>
        <source>Add to roster</source>
        <translation>Zum Aufgebot dazu</translation>
    </message>
    <message>
        <source>After a death it</source>
        <translation>Nach einem Tod</translation>
    </message>
    <message>
        <source>After move</source>
        <translation>Nach Zug</translation>
    </message>
    <message>
        <source>After the last level</source>
        <translation>Nach dem letzten Level</translation>
    </message>
    <message>
        <source>Against shipping: %1, in %2.</source>
        <translation>Spricht gegen das Liefern: %1, in %2.</translation>
    </message>
    <message>
        <source>Air jumps</source>
        <translation>Luftsprünge</translation>
    </message>
    <message>
        <source>Align centres</source>
        <translation>Mittig nebeneinander</translation>
    </message>
    <message>
        <source>Align feet</source>
        <translation>Füße ausrichten</translation>
    </message>
    <message>
        <source>Align left</source>
        <translation>Links ausrichten</translation>
    </message>
    <message>
        <source>Align middles</source>
        <translation>Mittig übereinander</translation>
    </message>
    <message>
        <source>Align right</source>
        <translation>Rechts ausrichten</translation>
    </message>
    <message>
        <source>Align tops</source>
        <translation>Oben ausrichten</translation>
    </message>
    <message>
        <source>All levels</source>
        <translation>Alle Level</translation>
    </message>
    <message>
        <source>All of that matter in the level, not only what hangs together.</source>
        <translation>Alles von diesem Stoff im Level, nicht nur, was zusammenhängt.</translation>
    </message>
    <message>
        <source>All other zones get this one's theme, music, messages, and a camera that lies in them as it does here.</source>
        <translation>Alle anderen Zonen bekommen Thema, Musik und Nachrichten von dieser und eine Kamera, die in ihnen liegt wie hier.</translation>
    </message>
    <message>
        <source>All pickups of the level</source>
        <translation>Alle Funde des Levels</translation>
    </message>
    <message>
        <source>All states are seen, so the least number of moves is exact, and what cannot be solved is proven. A state is dead when the goal can no longer be reached from it: choose a counter, and each slot shows how many of the states with it there are. Tab plays the level; H gives a hint there.</source>
        <translation>Alle Zustände sind gesehen, also ist die kleinste Zahl der Züge genau, und was unlösbar ist, ist bewiesen. Ein Zustand ist tot, wenn das Ziel von ihm nicht mehr erreichbar ist: wähle einen Stein, und jeder Platz zeigt, wie viele der Zustände mit ihm dort es sind. Tab spielt das Level; H gibt dort einen Hinweis.</translation>
    </message>
    <message>
        <source>Also what somebody else wrote or changed there</source>
        <translation>Auch was ein anderer dort schrieb oder änderte</translation>
    </message>
    <message>
        <source>Also with each ability that the profile lacks, and without each that it has.</source>
        <translation>Auch mit jeder Fähigkeit, die dem Profil fehlt, und ohne jede, die es hat.</translation>
    </message>
    <message>
        <source>An arc of</source>
        <translation>Ein Bogen von</translation>
    </message>
    <message>
        <source>An image of tiles</source>
        <translation>Ein Bild mit Kacheln</translation>
    </message>
    <message>
        <source>And %1 more like these.</source>
        <translation>Und %1 mehr wie diese.</translation>
    </message>
    <message>
        <source>And %1 more, in Ship.</source>
        <translation>Und %1 mehr, in Liefern.</translation>
    </message>
    <message>
        <source>And %1 more.</source>
        <translation>Und %1 mehr.</translation>
    </message>
    <message>
        <source>And %1 more: they stand on the map.</source>
        <translation>Und %1 mehr: sie stehen auf der Karte.</translation>
    </message>
    <message>
        <source>And whatever else you look for</source>
        <translation>Und was du sonst suchst</translation>
    </message>
    <message>
        <source>Animate by %1 frames</source>
        <translation>Mit %1 Bildern bewegen</translation>
    </message>
    <message>
        <source>Another number, other variants.</source>
        <translation>Eine andere Zahl, andere Varianten.</translation>
    </message>
    <message>
        <source>Another seed</source>
        <translation>Anderer Startwert</translation>
    </message>
    <message>
        <source>Another window works on this project.</source>
        <translation>Ein anderes Fenster arbeitet an diesem Projekt.</translation>
    </message>
    <message>
        <source>Another window works on this project: here one can only look.</source>
        <translation>Ein anderes Fenster arbeitet an diesem Projekt: hier kann man nur schauen.</translation>
    </message>
    <message>
        <source>Apart by commas; the first is the one that texts are written in. rookplot texts writes the others for translators.</source>
        <translation>Durch Kommas getrennt; in der ersten sind die Texte geschrieben. rookplot texts schreibt die anderen für Übersetzer.</translation>
    </message>
    <message>
        <source>Apart, cells</source>
        <translation>Abstand, Zellen</translation>
    </message>
    <message>
        <source>Arrangement</source>
        <translation>Anordnung</translation>
    </message>
    <message>
        <source>Arrows move by a module. Ctrl+D copies beside it.</source>
        <translation>Pfeile rücken um ein Modul. Strg+D kopiert daneben.</translation>
    </message>
    <message>
        <source>Arrows move by a slot; point and comma turn; dragged off the board, a counter is parked.</source>
        <translation>Pfeile rücken um einen Platz; Punkt und Komma drehen; vom Brett gezogen wird ein Stein abgestellt.</translation>
    </message>
    <message>
        <source>Arrows nudge by a cell, with Shift by a px.</source>
        <translation>Pfeile rücken um eine Zelle, mit Umschalt um ein px.</translation>
    </message>
    <message>
        <source>As</source>
        <translation>Als</translation>
    </message>
    <message>
        <source>As few rectangles as there can be.</source>
        <translation>So wenige Rechtecke, wie es gibt.</translation>
    </message>
    <message>
        <source>As if: %1</source>
        <translation>Als ob: %1</translation>
    </message>
    <message>
        <source>As many cells as there are characters or px.</source>
        <translation>So viele Zellen, wie Zeichen oder px da sind.</translation>
    </message>
    <message>
        <source>As on %1, %2 × %3 px, at whole zoom.</source>
        <translation>Wie auf %1, %2 × %3 px, in ganzem Zoom.</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie der Desktop</translation>
    </message>
    <message>
        <source>As the level that it is a copy of.</source>
        <translation>Wie das Level, das es kopiert.</translation>
    </message>
    <message>
        <source>Ask for %1</source>
        <translation>%1 verlangen</translation>
    </message>
    <message>
        <source>Ask for it</source>
        <translation>Verlangen</translation>
    </message>
    <message>
        <source>Ask for none</source>
        <translation>Keinen verlangen</translation>
    </message>
    <message>
        <source>Ask for nothing</source>
        <translation>Nichts verlangen</translation>
    </message>
    <message>
        <source>At an edge</source>
        <translation>An einer Kante</translation>
    </message>
    <message>
        <source>At eye height</source>
        <translation>Auf Augenhöhe</translation>
    </message>
    <message>
        <source>At its own place first, then at each point; at every passing.</source>
        <translation>Erst an seinem Platz, dann an jedem Punkt; jedes Mal.</translation>
    </message>
    <message>
        <source>At least, a level</source>
        <translation>Mindestens je Level</translation>
    </message>
    <message>
        <source>At most, a level</source>
        <translation>Höchstens je Level</translation>
    </message>
    <message>
        <source>At the lower edge</source>
        <translation>Am unteren Rand</translation>
    </message>
    <message>
        <source>Away from</source>
        <translation>Fern von</translation>
    </message>
    <message>
        <source>Axonometric view</source>
        <translation>Axonometrie</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Back to the board</source>
        <translation>Zurück zum Brett</translation>
    </message>
    <message>
        <source>Back to the level</source>
        <translation>Zurück zum Level</translation>
    </message>
    <message>
        <source>Back to the margin</source>
        <translation>Zurück zum Seitenrand</translation>
    </message>
    <message>
        <source>Backdrop</source>
        <translation>Hintergrund</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Rücktaste</translation>
    </message>
    <message>
        <source>Bead %1</source>
        <translation>Perle %1</translation>
    </message>
    <message>
        <source>Beads</source>
        <translation>Perlen</translation>
    </message>
    <message>
        <source>Before %1</source>
        <translation>Vor %1</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Anfangen</translation>
    </message>
    <message>
        <source>Begin at another spawn</source>
        <translation>An einem anderen Start beginnen</translation>
    </message>
    <message>
        <source>Begin in another level</source>
        <translation>In einem anderen Level beginnen</translation>
    </message>
    <message>
        <source>Begin otherwise, %1 moves</source>
        <translation>Anders beginnen, %1 Züge</translation>
    </message>
    <message>
        <source>Begins at</source>
        <translation>Beginnt an</translation>
    </message>
    <message>
        <source>Begins in</source>
        <translation>Beginnt in</translation>
    </message>
    <message>
        <source>Behaves as</source>
        <translation>Verhält sich</translation>
    </message>
    <message>
        <source>Behind</source>
        <translation>Dahinter</translation>
    </message>
    <message>
        <source>Behind %1</source>
        <translation>Hinter %1</translation>
    </message>
    <message>
        <source>Behind who walks; drag to look about, V chooses</source>
        <translation>Hinter dem, der geht; Ziehen blickt umher, V wählt</translation>
    </message>
    <message>
        <source>Being looked at …</source>
        <translation>Wird angesehen …</translation>
    </message>
    <message>
        <source>Being proven …</source>
        <translation>Wird bewiesen …</translation>
    </message>
    <message>
        <source>Being solved as if …</source>
        <translation>Wird als ob gelöst …</translation>
    </message>
    <message>
        <source>Being solved …</source>
        <translation>Wird gelöst …</translation>
    </message>
    <message>
        <source>Beside</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>Between which one pours</source>
        <translation>Zwischen welchen man gießt</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Leer</translation>
    </message>
    <message>
        <source>Block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>Blocked</source>
        <translation>Blockiert</translation>
    </message>
    <message>
        <source>Blocks</source>
        <translation>Blöcke</translation>
    </message>
    <message>
        <source>Board</source>
        <translation>Brett</translation>
    </message>
    <message>
        <source>Board of slots</source>
        <translation>Brett aus Plätzen</translation>
    </message>
    <message>
        <source>Board size</source>
        <translation>Brettgröße</translation>
    </message>
    <message>
        <source>Bodies cross no border here.</source>
        <translation>Hier kommen keine Körper über eine Grenze.</translation>
    </message>
    <message>
        <source>Body height</source>
        <translation>Körperhöhe</translation>
    </message>
    <message>
        <source>Body is high</source>
        <translation>Körper ist hoch</translation>
    </message>
    <message>
        <source>Body width</source>
        <translation>Körperbreite</translation>
    </message>
    <message>
        <source>Both</source>
        <translation>Beide</translation>
    </message>
    <message>
        <source>Bottom border</source>
        <translation>Unterer Rand</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>Box, px across</source>
        <translation>Kasten breit, px</translation>
    </message>
    <message>
        <source>Box, px down</source>
        <translation>Kasten hoch, px</translation>
    </message>
    <message>
        <source>Boxes and outlines are rooms: open space that the level must have.</source>
        <translation>Kästen und Umrisse sind Räume: offener Platz, den das Level haben muss.</translation>
    </message>
    <message>
        <source>Boxes, outlines and straight lines can be laid as matter.</source>
        <translation>Kästen, Umrisse und gerade Linien lassen sich als Stoff legen.</translation>
    </message>
    <message>
        <source>Bring a file in</source>
        <translation>Datei hereinholen</translation>
    </message>
    <message>
        <source>Bring a file in …</source>
        <translation>Datei hereinholen …</translation>
    </message>
    <message>
        <source>Bring in CSV …</source>
        <translation>CSV hereinholen …</translation>
    </message>
    <message>
        <source>Bring in placements</source>
        <translation>Aufstellungen hereinholen</translation>
    </message>
    <message>
        <source>Brush</source>
        <translation>Pinsel</translation>
    </message>
    <message>
        <source>Brush and line lay rises along their way; a click cuts or fills a corner.</source>
        <translation>Pinsel und Linie legen Steigungen entlang ihres Wegs; ein Klick schneidet oder füllt eine Ecke.</translation>
    </message>
    <message>
        <source>Bundle</source>
        <translation>Bündel</translation>
    </message>
    <message>
        <source>By cells</source>
        <translation>Um Zellen</translation>
    </message>
    <message>
        <source>By rooms</source>
        <translation>Nach Räumen</translation>
    </message>
    <message>
        <source>By screens</source>
        <translation>Nach Bildschirmen</translation>
    </message>
    <message>
        <source>By the matter in hand; forms are kept.</source>
        <translation>Durch den Stoff in der Hand; Formen bleiben.</translation>
    </message>
    <message>
        <source>By which goals, triggers and zones name it.</source>
        <translation>Womit Ziele, Auslöser und Zonen ihn nennen.</translation>
    </message>
    <message>
        <source>CSV table (*.csv)</source>
        <translation>CSV-Tabelle (*.csv)</translation>
    </message>
    <message>
        <source>Calls</source>
        <translation>Ruft</translation>
    </message>
    <message>
        <source>Camera beyond</source>
        <translation>Kamera weiter</translation>
    </message>
    <message>
        <source>Camera beyond the zone, %1, px</source>
        <translation>Kamera über die Zone hinaus, %1, px</translation>
    </message>
    <message>
        <source>Can be won</source>
        <translation>Zu gewinnen</translation>
    </message>
    <message>
        <source>Carried as</source>
        <translation>Getragen als</translation>
    </message>
    <message>
        <source>Carried on</source>
        <translation>Mitgenommen</translation>
    </message>
    <message>
        <source>Carry %1 from level to level</source>
        <translation>%1 von Level zu Level mitnehmen</translation>
    </message>
    <message>
        <source>Cases that no swatch shows are listed here.</source>
        <translation>Fälle, die keine Probe zeigt, stehen hier.</translation>
    </message>
    <message>
        <source>Cast</source>
        <translation>Besetzen</translation>
    </message>
    <message>
        <source>Cast locked</source>
        <translation>Besetzung gesperrt</translation>
    </message>
    <message>
        <source>Cast of this level</source>
        <translation>Besetzung dieses Levels</translation>
    </message>
    <message>
        <source>Cast shown</source>
        <translation>Besetzung sichtbar</translation>
    </message>
    <message>
        <source>Cast, %1</source>
        <translation>Besetzen, %1</translation>
    </message>
    <message>
        <source>Cast: who lives there</source>
        <translation>Besetzen: wer hier lebt</translation>
    </message>
    <message>
        <source>Ceiling is thick</source>
        <translation>Decke ist dick</translation>
    </message>
    <message>
        <source>Ceiling of rooms</source>
        <translation>Decke von Räumen</translation>
    </message>
    <message>
        <source>Cell</source>
        <translation>Zelle</translation>
    </message>
    <message>
        <source>Cell height, px</source>
        <translation>Zellhöhe, px</translation>
    </message>
    <message>
        <source>Cell width, px</source>
        <translation>Zellbreite, px</translation>
    </message>
    <message>
        <source>Cells</source>
        <translation>Zellen</translation>
    </message>
    <message>
        <source>Cells and view</source>
        <translation>Zellen und Blick</translation>
    </message>
    <message>
        <source>Cells are given back to the dressing, as by the right button.</source>
        <translation>Zellen gehen an die Kleidung zurück, wie mit der rechten Taste.</translation>
    </message>
    <message>
        <source>Cells in a rectangle.</source>
        <translation>Zellen in einem Rechteck.</translation>
    </message>
    <message>
        <source>Cells inside a loop that is drawn.</source>
        <translation>Zellen in einer gezogenen Schleife.</translation>
    </message>
    <message>
        <source>Cells wear nothing, whatever dressing says.</source>
        <translation>Zellen tragen nichts, was auch die Kleidung sagt.</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>Change %1 of %2</source>
        <translation>%1 von %2 ändern</translation>
    </message>
    <message>
        <source>Change a border</source>
        <translation>Einen Rand ändern</translation>
    </message>
    <message>
        <source>Change a goal</source>
        <translation>Ein Ziel ändern</translation>
    </message>
    <message>
        <source>Change a scatter rule</source>
        <translation>Eine Streuregel ändern</translation>
    </message>
    <message>
        <source>Change a screen</source>
        <translation>Einen Bildschirm ändern</translation>
    </message>
    <message>
        <source>Change a tally</source>
        <translation>Einen Zähler ändern</translation>
    </message>
    <message>
        <source>Change a text</source>
        <translation>Einen Text ändern</translation>
    </message>
    <message>
        <source>Change it all the same</source>
        <translation>Trotzdem ändern</translation>
    </message>
    <message>
        <source>Change the board</source>
        <translation>Das Brett ändern</translation>
    </message>
    <message>
        <source>Change the kit %1</source>
        <translation>Den Bausatz %1 ändern</translation>
    </message>
    <message>
        <source>Change the music</source>
        <translation>Die Musik ändern</translation>
    </message>
    <message>
        <source>Change the queue</source>
        <translation>Die Schlange ändern</translation>
    </message>
    <message>
        <source>Change the size</source>
        <translation>Größe ändern</translation>
    </message>
    <message>
        <source>Change what a death does</source>
        <translation>Ändern, was ein Tod bewirkt</translation>
    </message>
    <message>
        <source>Change, laid ones too</source>
        <translation>Ändern, auch Gelegte</translation>
    </message>
    <message>
        <source>Changed here and on the disk.</source>
        <translation>Hier und auf der Platte geändert.</translation>
    </message>
    <message>
        <source>Changed on the disk since: %1.</source>
        <translation>Seither auf der Platte geändert: %1.</translation>
    </message>
    <message>
        <source>Changed, and in %1 where it stood.</source>
        <translation>Geändert, auch an %1, wo er stand.</translation>
    </message>
    <message>
        <source>Changed; what was laid before stays as it is.</source>
        <translation>Geändert; was vorher gelegt war, bleibt.</translation>
    </message>
    <message>
        <source>Character in files</source>
        <translation>Zeichen in Dateien</translation>
    </message>
    <message>
        <source>Choices</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>Choose a folder …</source>
        <translation>Ordner wählen …</translation>
    </message>
    <message>
        <source>Choose a kind in the tray, or add one.</source>
        <translation>Wähle eine Art in der Ablage, oder füge eine hinzu.</translation>
    </message>
    <message>
        <source>Choose a picture …</source>
        <translation>Bild wählen …</translation>
    </message>
    <message>
        <source>Choose an image …</source>
        <translation>Bild wählen …</translation>
    </message>
    <message>
        <source>Choose files or a folder, or drop them on the window. Of a file with many nodes each becomes a piece.</source>
        <translation>Wähle Dateien oder einen Ordner, oder lass sie auf das Fenster fallen. Aus einer Datei mit vielen Knoten wird jeder ein Teil.</translation>
    </message>
    <message>
        <source>Choose otherwise.</source>
        <translation>Anders wählen.</translation>
    </message>
    <message>
        <source>Choose the colour</source>
        <translation>Farbe wählen</translation>
    </message>
    <message>
        <source>Choose the rule</source>
        <translation>Die Regel wählen</translation>
    </message>
    <message>
        <source>Choose variants</source>
        <translation>Varianten wählen</translation>
    </message>
    <message>
        <source>Choose …</source>
        <translation>Wählen …</translation>
    </message>
    <message>
        <source>Click a field, then press the keys. Tools keep A S D F G.</source>
        <translation>Klick ein Feld an, dann drück die Tasten. Werkzeuge behalten A S D F G.</translation>
    </message>
    <message>
        <source>Click a piece: its open ports get ends.</source>
        <translation>Ein Bauteil anklicken: seine offenen Anschlüsse bekommen Enden.</translation>
    </message>
    <message>
        <source>Click a tile, or drag over several, to set them by hand.</source>
        <translation>Klick eine Kachel an oder zieh über mehrere, um sie von Hand zu setzen.</translation>
    </message>
    <message>
        <source>Click a wall for a door, or drag a hole.</source>
        <translation>Für eine Tür auf eine Wand klicken, oder ein Loch ziehen.</translation>
    </message>
    <message>
        <source>Click on the board where the new route starts.</source>
        <translation>Klick auf das Brett, wo die neue Route beginnt.</translation>
    </message>
    <message>
        <source>Click on the board where the player starts, then on from there to the end.</source>
        <translation>Klick auf das Brett, wo der Spieler beginnt, dann von dort weiter bis zum Ende.</translation>
    </message>
    <message>
        <source>Click on the line to hang a bead on it: what stands in the way, or happens there.</source>
        <translation>Klick auf die Linie, um eine Perle daran zu hängen: was im Weg steht oder dort geschieht.</translation>
    </message>
    <message>
        <source>Click places one, a drag a row. The right button deletes, Ctrl takes the kind.</source>
        <translation>Klicken setzt einen, Ziehen eine Reihe. Die rechte Taste löscht, Strg nimmt die Art.</translation>
    </message>
    <message>
        <source>Click places the card in hand; dragged off the board or by the right button a counter is parked.</source>
        <translation>Klicken setzt die Karte in der Hand; vom Brett gezogen oder mit der rechten Taste wird ein Stein abgestellt.</translation>
    </message>
    <message>
        <source>Click to set, right button to take away. Ramps rise towards the side that is nearest; walls and ports stand there.</source>
        <translation>Klicken setzt, die rechte Taste nimmt weg. Rampen steigen zur nächsten Seite; dort stehen Wände und Anschlüsse.</translation>
    </message>
    <message>
        <source>Click, or drag a frame. Drag moves by whole modules.</source>
        <translation>Klicken oder einen Rahmen ziehen. Ziehen rückt um ganze Module.</translation>
    </message>
    <message>
        <source>Climb</source>
        <translation>Klettern</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close all ports</source>
        <translation>Alle schließen</translation>
    </message>
    <message>
        <source>Close its openings</source>
        <translation>Öffnungen schließen</translation>
    </message>
    <message>
        <source>Close its ports</source>
        <translation>Seine Anschlüsse schließen</translation>
    </message>
    <message>
        <source>Close off</source>
        <translation>Absperren</translation>
    </message>
    <message>
        <source>Closed off and solved anew: is the end still reached?</source>
        <translation>Abgesperrt und neu gelöst: kommt man trotzdem ans Ende?</translation>
    </message>
    <message>
        <source>Collision</source>
        <translation>Kollision</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Colour behind</source>
        <translation>Farbe dahinter</translation>
    </message>
    <message>
        <source>Colour behind the level</source>
        <translation>Farbe hinter dem Level</translation>
    </message>
    <message>
        <source>Colour behind, at the lower edge</source>
        <translation>Farbe dahinter, am unteren Rand</translation>
    </message>
    <message>
        <source>Colours of no matter take the nearest</source>
        <translation>Farben ohne Stoff nehmen den nächsten</translation>
    </message>
    <message>
        <source>Colours of stacks</source>
        <translation>Farben der Stapel</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>Columns and rows count from 0; an empty cell is a parked counter. Copy and paste as in a spreadsheet; a double click on a level opens it.</source>
        <translation>Spalten und Zeilen zählen ab 0; eine leere Zelle ist ein abgestellter Stein. Kopieren und Einfügen wie in einer Tabelle; ein Doppelklick auf ein Level öffnet es.</translation>
    </message>
    <message>
        <source>Columns and rows from its first cell, which is 0,0: 0,0 1,0</source>
        <translation>Spalten und Zeilen ab seiner ersten Zelle, die 0,0 ist: 0,0 1,0</translation>
    </message>
    <message>
        <source>Columns of a grid</source>
        <translation>Spalten des Gitters</translation>
    </message>
    <message>
        <source>Comes in by</source>
        <translation>Herein durch</translation>
    </message>
    <message>
        <source>Comes to</source>
        <translation>Kommt auf</translation>
    </message>
    <message>
        <source>Comfort</source>
        <translation>Spielraum</translation>
    </message>
    <message>
        <source>Comfort below this is a finding</source>
        <translation>Weniger Spielraum ist ein Befund</translation>
    </message>
    <message>
        <source>Comfort wanted</source>
        <translation>Spielraum ab</translation>
    </message>
    <message>
        <source>Comma and point turn what is in hand.</source>
        <translation>Komma und Punkt drehen, was man in der Hand hat.</translation>
    </message>
    <message>
        <source>Copied %1 × %2 cells.</source>
        <translation>%1 × %2 Zellen kopiert.</translation>
    </message>
    <message>
        <source>Copied %1.</source>
        <translation>%1 kopiert.</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy it</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy of</source>
        <translation>Kopie von</translation>
    </message>
    <message>
        <source>Copy there</source>
        <translation>Dorthin kopieren</translation>
    </message>
    <message>
        <source>Copy there, joined by a hallway</source>
        <translation>Dorthin kopieren, mit Gang verbunden</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>Corners of rooms</source>
        <translation>Ecken von Räumen</translation>
    </message>
    <message>
        <source>Corners of the rose look up from below</source>
        <translation>Ecken der Rose blicken von unten hinauf</translation>
    </message>
    <message>
        <source>Corners point</source>
        <translation>Ecken nach</translation>
    </message>
    <message>
        <source>Count in each zone</source>
        <translation>Anzahl je Zone</translation>
    </message>
    <message>
        <source>Counted by</source>
        <translation>Gezählt von</translation>
    </message>
    <message>
        <source>Counter</source>
        <translation>Stein</translation>
    </message>
    <message>
        <source>Counters</source>
        <translation>Steine</translation>
    </message>
    <message>
        <source>Counters are placed and exported; nothing is to be solved.</source>
        <translation>Steine werden gesetzt und ausgegeben; zu lösen ist nichts.</translation>
    </message>
    <message>
        <source>Counters are turned, not mirrored.</source>
        <translation>Steine werden gedreht, nicht gespiegelt.</translation>
    </message>
    <message>
        <source>Counters of</source>
        <translation>Steine von</translation>
    </message>
    <message>
        <source>Counters of this level alone. Levels of one roster have the same counters, each where it likes.</source>
        <translation>Steine nur dieses Levels. Level eines Aufgebots haben dieselben Steine, jeden, wo sie wollen.</translation>
    </message>
    <message>
        <source>Counters slide; each that is named has to get onto a marked slot.</source>
        <translation>Steine gleiten; jeder genannte muss auf einen Platz mit Marke.</translation>
    </message>
    <message>
        <source>Counts for</source>
        <translation>Zählt für</translation>
    </message>
    <message>
        <source>Covers %1.</source>
        <translation>Bedeckt %1.</translation>
    </message>
    <message>
        <source>Coyote time</source>
        <translation>Coyote-Zeit</translation>
    </message>
    <message>
        <source>Crossings are being found …</source>
        <translation>Übergänge werden gesucht …</translation>
    </message>
    <message>
        <source>Crossings that bodies make from here.</source>
        <translation>Übergänge, die Körper von hier machen.</translation>
    </message>
    <message>
        <source>Crossings that bodies make.</source>
        <translation>Übergänge, die Körper machen.</translation>
    </message>
    <message>
        <source>Ctrl + arrows, Enter</source>
        <translation>Strg + Pfeile, Enter</translation>
    </message>
    <message>
        <source>Ctrl + click</source>
        <translation>Strg + Klick</translation>
    </message>
    <message>
        <source>Ctrl + click, drag</source>
        <translation>Strg + Klick, Ziehen</translation>
    </message>
    <message>
        <source>Ctrl + drag takes a motif</source>
        <translation>Strg + Ziehen nimmt ein Motiv</translation>
    </message>
    <message>
        <source>Ctrl+C, Ctrl+V</source>
        <translation>Strg+C, Strg+V</translation>
    </message>
    <message>
        <source>Ctrl+K finds it by the words that you have for it. F1 lists the keys of the step that you are in; Shift+F1 opens the guide.</source>
        <translation>Strg+K findet es mit deinen Worten dafür. F1 nennt die Tasten des Schritts, in dem du bist; Umschalt+F1 öffnet das Handbuch.</translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation>&amp;Ausschneiden</translation>
    </message>
    <message>
        <source>Cuts away what is higher; a storey has four steps</source>
        <translation>Schneidet weg, was höher ist; ein Geschoss hat vier Stufen</translation>
    </message>
    <message>
        <source>Cuts off %1 of matter.</source>
        <translation>Schneidet %1 mit Stoff ab.</translation>
    </message>
    <message>
        <source>Cuts strokes. The right button does so with any pencil.</source>
        <translation>Schneidet Striche. Die rechte Taste tut das mit jedem Stift.</translation>
    </message>
    <message>
        <source>D&amp;elete</source>
        <translation>&amp;Löschen</translation>
    </message>
    <message>
        <source>D&amp;uplicate</source>
        <translation>&amp;Verdoppeln</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Dead</source>
        <translation>Tot</translation>
    </message>
    <message>
        <source>Dead places of</source>
        <translation>Tote Plätze von</translation>
    </message>
    <message>
        <source>Deadly</source>
        <translation>Tödlich</translation>
    </message>
    <message>
        <source>Decide first: go on with what was kept, or with what was saved.</source>
        <translation>Entscheide erst: mit dem Behaltenen weiter oder mit dem Gesicherten.</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Delete it</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Directions</source>
        <translation>Richtungen</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Discard changes?</source>
        <translation>Änderungen verwerfen?</translation>
    </message>
    <message>
        <source>Dissolve the motif</source>
        <translation>Motiv auflösen</translation>
    </message>
    <message>
        <source>Does it fit?</source>
        <translation>Passt es?</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Door</source>
        <translation>Tür</translation>
    </message>
    <message>
        <source>Doubt</source>
        <translation>Zweifel</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Senkrecht</translation>
    </message>
    <message>
        <source>Down, drop through</source>
        <translation>Unten, durchfallen</translation>
    </message>
    <message>
        <source>Drag a box on the board over what must be met.</source>
        <translation>Zieh auf dem Brett einen Kasten über das, was man treffen muss.</translation>
    </message>
    <message>
        <source>Drag a card onto a part, or choose below what stands for it.</source>
        <translation>Zieh eine Karte auf ein Teil, oder wähle unten, was dafür steht.</translation>
    </message>
    <message>
        <source>Drag a path; bends, tees and crossings are chosen. Shift finds a way round.</source>
        <translation>Einen Pfad ziehen; Bögen, Abzweige und Kreuzungen werden gewählt. Umschalt findet einen Weg herum.</translation>
    </message>
    <message>
        <source>Drag a row of frames to animate</source>
        <translation>Zieh eine Reihe Bilder zum Bewegen</translation>
    </message>
    <message>
        <source>Drag a rule: later ones lie over earlier ones.</source>
        <translation>Zieh eine Regel: spätere liegen über früheren.</translation>
    </message>
    <message>
        <source>Drag from one known point of the picture to another, then say how many cells they are apart.</source>
        <translation>Zieh von einem bekannten Punkt des Bildes zu einem anderen, dann sag, wie viele Zellen sie auseinander liegen.</translation>
    </message>
    <message>
        <source>Drag it on the board; the right button takes it away.</source>
        <translation>Zieh sie auf dem Brett; die rechte Taste nimmt sie weg.</translation>
    </message>
    <message>
        <source>Drag the end of its line on the board: where shots fly, and how far. Walls, doors and the level's edge end them.</source>
        <translation>Zieh das Ende seiner Linie auf dem Brett: wohin Schüsse fliegen und wie weit. Wände, Türen und der Rand des Levels beenden sie.</translation>
    </message>
    <message>
        <source>Drag to bring it nearer or farther.</source>
        <translation>Ziehen bringt sie näher oder ferner.</translation>
    </message>
    <message>
        <source>Drag. Shift: parts of a module. Pull a side or face of what is selected.</source>
        <translation>Ziehen. Umschalt: Teile eines Moduls. Seiten und Flächen des Gewählten lassen sich verschieben.</translation>
    </message>
    <message>
        <source>Drag: the margin wider or narrower. Twice: as at first.</source>
        <translation>Ziehen: breiter oder schmaler. Zweimal klicken: wie am Anfang.</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>Draw region</source>
        <translation>Bereich zeichnen</translation>
    </message>
    <message>
        <source>Drawn</source>
        <translation>Gezeichnet</translation>
    </message>
    <message>
        <source>Drawn to open ports. Shift: parts of a module. Drag: a row.</source>
        <translation>Rastet an offenen Anschlüssen ein. Umschalt: Teile eines Moduls. Ziehen: eine Reihe.</translation>
    </message>
    <message>
        <source>Dress a small swatch by hand; the matter is dressed everywhere as it is there.</source>
        <translation>Kleide eine kleine Probe von Hand; der Stoff ist überall so gekleidet wie dort.</translation>
    </message>
    <message>
        <source>Dress anew</source>
        <translation>Neu kleiden</translation>
    </message>
    <message>
        <source>Dress everything anew</source>
        <translation>Alles neu kleiden</translation>
    </message>
    <message>
        <source>Dress this patch with tiles: every mass follows. Lay more matter in Shape. Tiles on open cells beside a surface are trims.</source>
        <translation>Kleide diesen Fleck mit Kacheln: jede Masse folgt. Leg mehr Stoff in Formen. Kacheln auf offenen Zellen neben einer Fläche sind Säume.</translation>
    </message>
    <message>
        <source>Drifts, px</source>
        <translation>Treibt, px</translation>
    </message>
    <message>
        <source>Each frame</source>
        <translation>Jedes Bild</translation>
    </message>
    <message>
        <source>Each from its first tick to the one after its last.</source>
        <translation>Jede von ihrem ersten Takt bis zu dem nach ihrem letzten.</translation>
    </message>
    <message>
        <source>Each stands with its place in Prove; F3 goes through.</source>
        <translation>Jeder steht mit seinem Ort in Prüfen; F3 geht hindurch.</translation>
    </message>
    <message>
        <source>Edges of one face alone: one sees into the model there</source>
        <translation>Kanten nur einer Fläche: dort sieht man in das Modell hinein</translation>
    </message>
    <message>
        <source>Edit kind</source>
        <translation>Art bearbeiten</translation>
    </message>
    <message>
        <source>Edit matter</source>
        <translation>Stoff bearbeiten</translation>
    </message>
    <message>
        <source>Eight of its kind that turn about this place; what stands in the middle next is guarded.</source>
        <translation>Acht seiner Art, die um diesen Ort kreisen; was als Nächstes in der Mitte steht, ist bewacht.</translation>
    </message>
    <message>
        <source>Empty places</source>
        <translation>Leere Plätze</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Enter, in a field, mixes too.</source>
        <translation>Auch die Eingabetaste in einem Feld mischt.</translation>
    </message>
    <message>
        <source>Enter; one undo takes it back</source>
        <translation>Enter; einmal Rückgängig nimmt es zurück</translation>
    </message>
    <message>
        <source>Enter; one undo takes them back</source>
        <translation>Eingabe; ein Rückgängig nimmt sie zurück</translation>
    </message>
    <message>
        <source>Entities in one, at most</source>
        <translation>Figuren in einer, höchstens</translation>
    </message>
    <message>
        <source>Error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Escape</source>
        <translation>Escape</translation>
    </message>
    <message>
        <source>Exit</source>
        <translation>Ausgang</translation>
    </message>
    <message>
        <source>Exits</source>
        <translation>Ausgänge</translation>
    </message>
    <message>
        <source>Exits and fields that name the level are renamed with it.</source>
        <translation>Ausgänge und Felder, die das Level nennen, werden mit umbenannt.</translation>
    </message>
    <message>
        <source>Export a layer</source>
        <translation>Eine Ebene ausgeben</translation>
    </message>
    <message>
        <source>Export as CSV …</source>
        <translation>Als CSV ausgeben …</translation>
    </message>
    <message>
        <source>Export the parts list</source>
        <translation>Teileliste ausgeben</translation>
    </message>
    <message>
        <source>Exported %1.</source>
        <translation>%1 ausgegeben.</translation>
    </message>
    <message>
        <source>Faces that look the other way than they should</source>
        <translation>Flächen, die in die falsche Richtung sehen</translation>
    </message>
    <message>
        <source>Facing</source>
        <translation>Blickt nach</translation>
    </message>
    <message>
        <source>Fades</source>
        <translation>Verblasst</translation>
    </message>
    <message>
        <source>Fading of %1 beyond %2 px</source>
        <translation>Verblassen von %1 hinter %2 px</translation>
    </message>
    <message>
        <source>Fading of a layer</source>
        <translation>Verblassen einer Ebene</translation>
    </message>
    <message>
        <source>Fading of a picture</source>
        <translation>Verblassen eines Bildes</translation>
    </message>
    <message>
        <source>Fall factor</source>
        <translation>Fallfaktor</translation>
    </message>
    <message>
        <source>Farther</source>
        <translation>Ferner</translation>
    </message>
    <message>
        <source>Farthest, level</source>
        <translation>Weitester, eben</translation>
    </message>
    <message>
        <source>Field</source>
        <translation>Feld</translation>
    </message>
    <message>
        <source>Fields</source>
        <translation>Felder</translation>
    </message>
    <message>
        <source>Files of the target</source>
        <translation>Dateien der Ausgabe</translation>
    </message>
    <message>
        <source>Files …</source>
        <translation>Dateien …</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Fill with pieces</source>
        <translation>Mit Bauteilen füllen</translation>
    </message>
    <message>
        <source>Filter the rows</source>
        <translation>Zeilen filtern</translation>
    </message>
    <message>
        <source>Filter: crab speed&gt;2</source>
        <translation>Filter: crab speed&gt;2</translation>
    </message>
    <message>
        <source>Find the scale</source>
        <translation>Maßstab finden</translation>
    </message>
    <message>
        <source>Finding %1: %2 %3</source>
        <translation>Befund %1: %2 %3</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Finest part of a module</source>
        <translation>Feinster Teil eines Moduls</translation>
    </message>
    <message>
        <source>First corner x, px</source>
        <translation>Ecke x, px</translation>
    </message>
    <message>
        <source>First corner y, px</source>
        <translation>Ecke y, px</translation>
    </message>
    <message>
        <source>First tile is</source>
        <translation>Erste Kachel ist</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Einpassung</translation>
    </message>
    <message>
        <source>Fit by scale</source>
        <translation>Durch Maßstab einpassen</translation>
    </message>
    <message>
        <source>Fit of a picture</source>
        <translation>Einpassung eines Bildes</translation>
    </message>
    <message>
        <source>Five minutes in the demo, in the real window</source>
        <translation>Fünf Minuten in der Demo, im echten Fenster</translation>
    </message>
    <message>
        <source>Flip across</source>
        <translation>Seitlich wenden</translation>
    </message>
    <message>
        <source>Flip down</source>
        <translation>Senkrecht wenden</translation>
    </message>
    <message>
        <source>Flips</source>
        <translation>Spiegelungen</translation>
    </message>
    <message>
        <source>Floor is thick</source>
        <translation>Boden ist dick</translation>
    </message>
    <message>
        <source>Floors are thick</source>
        <translation>Böden sind dick</translation>
    </message>
    <message>
        <source>Foe</source>
        <translation>Gegner</translation>
    </message>
    <message>
        <source>Folder for the project</source>
        <translation>Ordner für das Projekt</translation>
    </message>
    <message>
        <source>Folder of the target</source>
        <translation>Ordner der Ausgabe</translation>
    </message>
    <message>
        <source>Folder that the project's folder is made in</source>
        <translation>Ordner, in dem der des Projekts entsteht</translation>
    </message>
    <message>
        <source>Folder that the target is written to</source>
        <translation>Ordner, in den die Ausgabe geschrieben wird</translation>
    </message>
    <message>
        <source>Follow the rule</source>
        <translation>Der Regel folgen</translation>
    </message>
    <message>
        <source>For</source>
        <translation>Für</translation>
    </message>
    <message>
        <source>For a time</source>
        <translation>Für eine Zeit</translation>
    </message>
    <message>
        <source>For games</source>
        <translation>Für Spiele</translation>
    </message>
    <message>
        <source>For how long</source>
        <translation>Wie lange</translation>
    </message>
    <message>
        <source>For how long it counts</source>
        <translation>Wie lange er zählt</translation>
    </message>
    <message>
        <source>For large levels: tiles and cells as zlib streams, a small part of the size, and no longer to be read by eye</source>
        <translation>Für große Level: Kacheln und Zellen als zlib-Ströme, ein kleiner Teil der Größe, und nicht mehr mit dem Auge zu lesen</translation>
    </message>
    <message>
        <source>Forget plays</source>
        <translation>Gespieltes vergessen</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Form, by hand</source>
        <translation>Form, von Hand</translation>
    </message>
    <message>
        <source>Former page</source>
        <translation>Vorige Seite</translation>
    </message>
    <message>
        <source>Former run</source>
        <translation>Voriger Lauf</translation>
    </message>
    <message>
        <source>Forms as they are drawn</source>
        <translation>Formen wie gezeichnet</translation>
    </message>
    <message>
        <source>Four rooms, a pit, water and a locked door</source>
        <translation>Vier Räume, eine Grube, Wasser und eine verschlossene Tür</translation>
    </message>
    <message>
        <source>From CSV …</source>
        <translation>Aus CSV …</translation>
    </message>
    <message>
        <source>From above</source>
        <translation>Von oben</translation>
    </message>
    <message>
        <source>From above, as the plan is</source>
        <translation>Von oben, wie der Plan liegt</translation>
    </message>
    <message>
        <source>From afar</source>
        <translation>Von weitem</translation>
    </message>
    <message>
        <source>From below</source>
        <translation>Von unten</translation>
    </message>
    <message>
        <source>From cell</source>
        <translation>Ab Zelle</translation>
    </message>
    <message>
        <source>From left</source>
        <translation>Von links</translation>
    </message>
    <message>
        <source>From level to level</source>
        <translation>Von Level zu Level</translation>
    </message>
    <message>
        <source>From nothing to a game in a browser</source>
        <translation>Von nichts bis zum Spiel im Browser</translation>
    </message>
    <message>
        <source>From the left side</source>
        <translation>Von der linken Seite</translation>
    </message>
    <message>
        <source>From the lower left corner</source>
        <translation>Von der unteren linken Ecke</translation>
    </message>
    <message>
        <source>From the lower right corner</source>
        <translation>Von der unteren rechten Ecke</translation>
    </message>
    <message>
        <source>From the lower side</source>
        <translation>Von der unteren Seite</translation>
    </message>
    <message>
        <source>From the px of the tiles in hand: the form that fits best.</source>
        <translation>Aus den px der Kacheln in der Hand: die Form, die am besten passt.</translation>
    </message>
    <message>
        <source>From the right side</source>
        <translation>Von der rechten Seite</translation>
    </message>
    <message>
        <source>From the side</source>
        <translation>Von der Seite</translation>
    </message>
    <message>
        <source>From the side, from above, pieces, or blank</source>
        <translation>Von der Seite, von oben, aus Bauteilen oder leer</translation>
    </message>
    <message>
        <source>From the upper left corner</source>
        <translation>Von der oberen linken Ecke</translation>
    </message>
    <message>
        <source>From the upper right corner</source>
        <translation>Von der oberen rechten Ecke</translation>
    </message>
    <message>
        <source>From the upper side</source>
        <translation>Von der oberen Seite</translation>
    </message>
    <message>
        <source>From tile</source>
        <translation>Ab Kachel</translation>
    </message>
    <message>
        <source>From top</source>
        <translation>Von oben</translation>
    </message>
    <message>
        <source>From, to</source>
        <translation>Von, bis</translation>
    </message>
    <message>
        <source>G&amp;rid</source>
        <translation>&amp;Raster</translation>
    </message>
    <message>
        <source>Game controller</source>
        <translation>Spielsteuergerät</translation>
    </message>
    <message>
        <source>Game map</source>
        <translation>Karte des Spiels</translation>
    </message>
    <message>
        <source>Games load this layer</source>
        <translation>Spiele laden diese Ebene</translation>
    </message>
    <message>
        <source>Games load this layer. The eye hides it here alone, to see better.</source>
        <translation>Spiele laden diese Ebene. Das Auge verbirgt sie nur hier, um besser zu sehen.</translation>
    </message>
    <message>
        <source>Gap across, px</source>
        <translation>Lücke quer, px</translation>
    </message>
    <message>
        <source>Gap down, px</source>
        <translation>Lücke längs, px</translation>
    </message>
    <message>
        <source>Gaps and overlaps</source>
        <translation>Lücken und Überschneidungen</translation>
    </message>
    <message>
        <source>Ghosts</source>
        <translation>Schatten</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Go on with the new one</source>
        <translation>Mit dem neuen weiter</translation>
    </message>
    <message>
        <source>Go on with what was kept</source>
        <translation>Mit dem Behaltenen weiter</translation>
    </message>
    <message>
        <source>Go on with what was saved</source>
        <translation>Mit dem Gesicherten weiter</translation>
    </message>
    <message>
        <source>Go to that window</source>
        <translation>Zu jenem Fenster</translation>
    </message>
    <message>
        <source>Go to the first of them.</source>
        <translation>Zum ersten davon.</translation>
    </message>
    <message>
        <source>Goals</source>
        <translation>Ziele</translation>
    </message>
    <message>
        <source>Goes</source>
        <translation>Geht</translation>
    </message>
    <message>
        <source>Goes on: at the last checkpoint, else where one came in.</source>
        <translation>Geht weiter: am letzten Rücksetzpunkt, sonst wo man hereinkam.</translation>
    </message>
    <message>
        <source>Goes over by</source>
        <translation>Geht über durch</translation>
    </message>
    <message>
        <source>Gone</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>Grants</source>
        <translation>Verleiht</translation>
    </message>
    <message>
        <source>Graphite</source>
        <translation>Graphit</translation>
    </message>
    <message>
        <source>Greatest fall</source>
        <translation>Größter Fall</translation>
    </message>
    <message>
        <source>Green: bodies cross there; plum: only with an ability. A click chooses a zone.</source>
        <translation>Grün: dort kommen Körper hinüber; pflaumenblau: nur mit einer Fähigkeit. Ein Klick wählt eine Zone.</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppieren</translation>
    </message>
    <message>
        <source>Group, ungroup</source>
        <translation>Gruppieren, lösen</translation>
    </message>
    <message>
        <source>Grow</source>
        <translation>Wachsen</translation>
    </message>
    <message>
        <source>Grow a cave</source>
        <translation>Höhle wachsen lassen</translation>
    </message>
    <message>
        <source>Growing %1 %2 … Esc stops it.</source>
        <translation>%1 %2 wachsen … Esc hält an.</translation>
    </message>
    <message>
        <source>Grows across</source>
        <translation>Wächst waagerecht</translation>
    </message>
    <message>
        <source>Grows down</source>
        <translation>Wächst senkrecht</translation>
    </message>
    <message>
        <source>Guide – Rook Plot</source>
        <translation>Handbuch – Rook Plot</translation>
    </message>
    <message>
        <source>Height, cells</source>
        <translation>Höhe, Zellen</translation>
    </message>
    <message>
        <source>Height, px</source>
        <translation>Höhe, px</translation>
    </message>
    <message>
        <source>Height, units</source>
        <translation>Höhe, Einheiten</translation>
    </message>
    <message>
        <source>Held</source>
        <translation>Gehalten</translation>
    </message>
    <message>
        <source>Held to its plan</source>
        <translation>Am Plan gemessen</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Here one can look; when it is left, this window takes over.</source>
        <translation>Hier kann man schauen; wenn es verlassen wird, übernimmt dieses Fenster.</translation>
    </message>
    <message>
        <source>Here one can only look.</source>
        <translation>Hier kann man nur schauen.</translation>
    </message>
    <message>
        <source>Here one walks: a body %1 units high, that steps up %2 and drops %3. What is washed over can be reached; hatched, one cannot finish from it. The line is the way to the exit.</source>
        <translation>Hier geht man: ein Körper, %1 Einheiten hoch, der %2 hinaufsteigt und %3 hinabspringt. Das Getönte ist erreichbar; vom Schraffierten kommt man nicht ans Ende. Die Linie ist der Weg zum Ausgang.</translation>
    </message>
    <message>
        <source>High</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>High, px</source>
        <translation>Hoch, px</translation>
    </message>
    <message>
        <source>Higher</source>
        <translation>Höher</translation>
    </message>
    <message>
        <source>Highest</source>
        <translation>Höchster</translation>
    </message>
    <message>
        <source>Hold R and drag from edge to edge to measure a jump.</source>
        <translation>Halte R und zieh von Kante zu Kante, um einen Sprung zu messen.</translation>
    </message>
    <message>
        <source>Hold the tile still</source>
        <translation>Kachel stillhalten</translation>
    </message>
    <message>
        <source>Hollow it to a room</source>
        <translation>Zu einem Raum aushöhlen</translation>
    </message>
    <message>
        <source>How far the camera shows beyond the zone: %1</source>
        <translation>Wie weit die Kamera über die Zone hinaus zeigt: %1</translation>
    </message>
    <message>
        <source>How high is shown</source>
        <translation>Wie hoch gezeigt wird</translation>
    </message>
    <message>
        <source>How it looks</source>
        <translation>Wie es aussieht</translation>
    </message>
    <message>
        <source>How long each frame is shown; 60 ticks are a second.</source>
        <translation>Wie lange jedes Bild gezeigt wird; 60 Takte sind eine Sekunde.</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>How many cells apart are they?</source>
        <translation>Wie viele Zellen liegen sie auseinander?</translation>
    </message>
    <message>
        <source>How much</source>
        <translation>Wie viel</translation>
    </message>
    <message>
        <source>Id of the text</source>
        <translation>Id des Textes</translation>
    </message>
    <message>
        <source>Id, in files and for the game</source>
        <translation>Id, in Dateien und für das Spiel</translation>
    </message>
    <message>
        <source>Image map</source>
        <translation>Zellenbild</translation>
    </message>
    <message>
        <source>Import a model of a piece</source>
        <translation>Modell eines Bauteils hereinholen</translation>
    </message>
    <message>
        <source>Import a model …</source>
        <translation>Modell hereinholen …</translation>
    </message>
    <message>
        <source>In 16 ticks it walks %1 px, %2 a tick (%3 asked): %4. A jump rises %5 px (%6 asked) in %7 ticks; falling settles at %8 px a tick. %9 phases.</source>
        <translation>In 16 Takten geht er %1 px, %2 je Takt (%3 verlangt): %4. Ein Sprung steigt %5 px (%6 verlangt) in %7 Takten; der Fall pendelt sich bei %8 px je Takt ein. %9 Phasen.</translation>
    </message>
    <message>
        <source>In Walk and in the game, from another zone to this one.</source>
        <translation>Im Probelauf und im Spiel, von einer anderen Zone in diese.</translation>
    </message>
    <message>
        <source>In depth from the ne&amp;xt corner</source>
        <translation>Tiefe von der &amp;nächsten Ecke</translation>
    </message>
    <message>
        <source>In front</source>
        <translation>Davor</translation>
    </message>
    <message>
        <source>In hand</source>
        <translation>In der Hand</translation>
    </message>
    <message>
        <source>In hand on arrival</source>
        <translation>Bei der Ankunft vorhanden</translation>
    </message>
    <message>
        <source>In play</source>
        <translation>Im Spiel</translation>
    </message>
    <message>
        <source>In the folder</source>
        <translation>Im Ordner</translation>
    </message>
    <message>
        <source>In the level</source>
        <translation>Im Level</translation>
    </message>
    <message>
        <source>In their order</source>
        <translation>Der Reihe nach</translation>
    </message>
    <message>
        <source>In this order</source>
        <translation>Der Reihe nach</translation>
    </message>
    <message>
        <source>In ticks</source>
        <translation>In Takten</translation>
    </message>
    <message>
        <source>Inner radius, px</source>
        <translation>Innerer Radius, px</translation>
    </message>
    <message>
        <source>It begins with</source>
        <translation>Es beginnt mit</translation>
    </message>
    <message>
        <source>It drops</source>
        <translation>Er springt hinab</translation>
    </message>
    <message>
        <source>It fades while the middle of the player is on that side of the line.</source>
        <translation>Sie verblasst, solange die Mitte des Spielers auf jener Seite der Linie ist.</translation>
    </message>
    <message>
        <source>It flies for</source>
        <translation>Er fliegt</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Es ist</translation>
    </message>
    <message>
        <source>It is followed anew whenever the masses change.</source>
        <translation>Sie wird neu befolgt, sooft sich die Massen ändern.</translation>
    </message>
    <message>
        <source>It is open until one has all that it names, and is off it; then it is shut for good.</source>
        <translation>Sie ist offen, bis man alles hat, was sie nennt, und nicht in ihr steht; dann ist sie für immer zu.</translation>
    </message>
    <message>
        <source>It lies in %1.</source>
        <translation>Es liegt in %1.</translation>
    </message>
    <message>
        <source>It must stay possible: Prove replays it after every edit.</source>
        <translation>Er muss möglich bleiben: Prüfen spielt ihn nach jeder Änderung nach.</translation>
    </message>
    <message>
        <source>It opens for who comes up to it that way, and shuts behind them.</source>
        <translation>Sie öffnet, wer aus dieser Richtung kommt, und schließt hinter ihm.</translation>
    </message>
    <message>
        <source>It opens for who is within a px of it, for so many ticks after; 0: for as long as somebody is there.</source>
        <translation>Sie öffnet, wer ihr auf ein px nahe kommt, für so viele Takte danach; 0: solange jemand da ist.</translation>
    </message>
    <message>
        <source>It opens for who uses it within a px of it, for so many ticks after; 0: for as long as somebody is there.</source>
        <translation>Sie öffnet, wer sie auf ein px Nähe benutzt, für so viele Takte danach; 0: solange jemand da ist.</translation>
    </message>
    <message>
        <source>It opens when all of these are held:</source>
        <translation>Öffnet, wenn man all dies hat:</translation>
    </message>
    <message>
        <source>It steps up</source>
        <translation>Er steigt hinauf</translation>
    </message>
    <message>
        <source>It stood in %1. Undo brings it back.</source>
        <translation>Er stand in %1. Rückgängig bringt ihn zurück.</translation>
    </message>
    <message>
        <source>Its cells:</source>
        <translation>Seine Zellen:</translation>
    </message>
    <message>
        <source>Its longest side, times the middle one of all</source>
        <translation>Seine längste Seite, das Vielfache der mittleren von allen</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Ihr Name</translation>
    </message>
    <message>
        <source>Its size in modules and storeys</source>
        <translation>Seine Größe in Modulen und Geschossen</translation>
    </message>
    <message>
        <source>Its time</source>
        <translation>Seine Zeit</translation>
    </message>
    <message>
        <source>JSON-RPC is spoken in text messages</source>
        <translation>JSON-RPC wird in Textnachrichten gesprochen</translation>
    </message>
    <message>
        <source>Joins, dressed</source>
        <translation>Verbunden, gekleidet</translation>
    </message>
    <message>
        <source>Jump</source>
        <translation>Springen</translation>
    </message>
    <message>
        <source>Jump height</source>
        <translation>Sprunghöhe</translation>
    </message>
    <message>
        <source>Jumps</source>
        <translation>Sprünge</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Keep and warn</source>
        <translation>Behalten und warnen</translation>
    </message>
    <message>
        <source>Keep as a rule</source>
        <translation>Als Regel behalten</translation>
    </message>
    <message>
        <source>Keep mine</source>
        <translation>Meins behalten</translation>
    </message>
    <message>
        <source>Keep selection</source>
        <translation>Auswahl behalten</translation>
    </message>
    <message>
        <source>Keep the run</source>
        <translation>Lauf behalten</translation>
    </message>
    <message>
        <source>Keep the selected cells, and what stands among them, as a block.</source>
        <translation>Die gewählten Zellen und was in ihnen steht als Block behalten.</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Kept as a block: its card stands behind the matters.</source>
        <translation>Als Block behalten: seine Karte steht hinter den Stoffen.</translation>
    </message>
    <message>
        <source>Kept with %1 as "%2": Prove replays it after every edit.</source>
        <translation>Mit %1 als „%2“ behalten: Prüfen spielt ihn nach jeder Änderung nach.</translation>
    </message>
    <message>
        <source>Key for: %1</source>
        <translation>Taste für: %1</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Keys for: %1</source>
        <translation>Tasten für: %1</translation>
    </message>
    <message>
        <source>Keys in %1</source>
        <translation>Tasten in %1</translation>
    </message>
    <message>
        <source>Keys of &amp;a walk …</source>
        <translation>&amp;Tasten des Probelaufs …</translation>
    </message>
    <message>
        <source>Keys of a walk</source>
        <translation>Tasten des Probelaufs</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Kind in hand</source>
        <translation>Art in der Hand</translation>
    </message>
    <message>
        <source>Kind of counter</source>
        <translation>Art des Steins</translation>
    </message>
    <message>
        <source>Kind of the goal</source>
        <translation>Art des Ziels</translation>
    </message>
    <message>
        <source>Kinds (*.json)</source>
        <translation>Arten (*.json)</translation>
    </message>
    <message>
        <source>Kinds from a file</source>
        <translation>Arten aus einer Datei</translation>
    </message>
    <message>
        <source>Kinds to a file</source>
        <translation>Arten in eine Datei</translation>
    </message>
    <message>
        <source>Kit</source>
        <translation>Bausatz</translation>
    </message>
    <message>
        <source>Kit %1</source>
        <translation>Bausatz %1</translation>
    </message>
    <message>
        <source>Kit of this level</source>
        <translation>Bausatz dieses Levels</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>Ladders, liquids</source>
        <translation>Leitern, Flüssiges</translation>
    </message>
    <message>
        <source>Laid as</source>
        <translation>Gelegt als</translation>
    </message>
    <message>
        <source>Laid here</source>
        <translation>Hier gelegt</translation>
    </message>
    <message>
        <source>Laid on the swatch: dress its middle cell.</source>
        <translation>Auf die Probe gelegt: kleide ihre mittlere Zelle.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Language of the words</source>
        <translation>Sprache des Textes</translation>
    </message>
    <message>
        <source>Languages</source>
        <translation>Sprachen</translation>
    </message>
    <message>
        <source>Large models</source>
        <translation>Große Modelle</translation>
    </message>
    <message>
        <source>Large models, shown by their blocks: %1</source>
        <translation>Große Modelle, als Klötze gezeigt: %1</translation>
    </message>
    <message>
        <source>Lasts</source>
        <translation>Hält</translation>
    </message>
    <message>
        <source>Lay %1</source>
        <translation>%1 legen</translation>
    </message>
    <message>
        <source>Lay as matter</source>
        <translation>Als Stoff legen</translation>
    </message>
    <message>
        <source>Lay by tiles</source>
        <translation>Nach Kacheln legen</translation>
    </message>
    <message>
        <source>Lay down</source>
        <translation>Festlegen</translation>
    </message>
    <message>
        <source>Lay start and end as spawn and exit</source>
        <translation>Start und Ausgang setzen</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Lays</source>
        <translation>Legt</translation>
    </message>
    <message>
        <source>Lays this case in a free place of its matter's swatch, to dress.</source>
        <translation>Legt diesen Fall auf einen freien Platz der Probe seines Stoffs, zum Kleiden.</translation>
    </message>
    <message>
        <source>Lead to %1</source>
        <translation>Zu %1 führen</translation>
    </message>
    <message>
        <source>Lead to the end</source>
        <translation>Zum Ende führen</translation>
    </message>
    <message>
        <source>Leads to</source>
        <translation>Führt zu</translation>
    </message>
    <message>
        <source>Leaf %1</source>
        <translation>Blatt %1</translation>
    </message>
    <message>
        <source>Least moves of the puzzle levels, in their order</source>
        <translation>Wenigste Züge der Rätsellevel, der Reihe nach</translation>
    </message>
    <message>
        <source>Least moves, from</source>
        <translation>Wenigste Züge, von</translation>
    </message>
    <message>
        <source>Least moves, level by level:</source>
        <translation>Wenigste Züge, Level um Level:</translation>
    </message>
    <message>
        <source>Least, by a short hop</source>
        <translation>Kürzester, kurz gedrückt</translation>
    </message>
    <message>
        <source>Leave a layer out</source>
        <translation>Eine Ebene weglassen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Leaves</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Left border</source>
        <translation>Linker Rand</translation>
    </message>
    <message>
        <source>Left, right, up, down</source>
        <translation>Links, rechts, oben, unten</translation>
    </message>
    <message>
        <source>Left, the tools, on the keys A S D F G. Then what they lay. Take one, and drag on the board; the right button erases, Ctrl+Z takes back.</source>
        <translation>Links die Werkzeuge, auf den Tasten A S D F G. Dann, was sie legen. Nimm eins und zieh auf dem Brett; die rechte Taste löscht, Strg+Z nimmt zurück.</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Lengths in</source>
        <translation>Längen in</translation>
    </message>
    <message>
        <source>Let go</source>
        <translation>Losgelassen</translation>
    </message>
    <message>
        <source>Lets through</source>
        <translation>Lässt durch</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Level</translation>
    </message>
    <message>
        <source>Level %1</source>
        <translation>Level %1</translation>
    </message>
    <message>
        <source>Level &amp;sheet</source>
        <translation>Level&amp;blatt</translation>
    </message>
    <message>
        <source>Level sheet</source>
        <translation>Levelblatt</translation>
    </message>
    <message>
        <source>Level sheet: title, size, goals, words</source>
        <translation>Levelblatt: Titel, Größe, Ziele, Texte</translation>
    </message>
    <message>
        <source>Levels</source>
        <translation>Level</translation>
    </message>
    <message>
        <source>Levels may lead round for ever</source>
        <translation>Level dürfen endlos im Kreis führen</translation>
    </message>
    <message>
        <source>Levels of the target</source>
        <translation>Level der Ausgabe</translation>
    </message>
    <message>
        <source>Levels that lead round</source>
        <translation>Level, die im Kreis führen</translation>
    </message>
    <message>
        <source>Levels, tables, pictures, models (*.txt *.png *.csv *.json *.glb *.gltf *.obj *.svg *.jpg *.jpeg);;All files (*)</source>
        <translation>Level, Tabellen, Bilder, Modelle (*.txt *.png *.csv *.json *.glb *.gltf *.obj *.svg *.jpg *.jpeg);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Listens on port %1. Start lantern --link, or a game of your own.</source>
        <translation>Lauscht auf Port %1. Starte lantern --link oder ein eigenes Spiel.</translation>
    </message>
    <message>
        <source>Live link</source>
        <translation>Verbindung zum Spiel</translation>
    </message>
    <message>
        <source>Lives</source>
        <translation>Leben</translation>
    </message>
    <message>
        <source>Lock a layer</source>
        <translation>Eine Ebene sperren</translation>
    </message>
    <message>
        <source>Lock it: tools leave it alone</source>
        <translation>Sperren: Werkzeuge lassen sie in Ruhe</translation>
    </message>
    <message>
        <source>Lock leaf %1</source>
        <translation>Blatt %1 sperren</translation>
    </message>
    <message>
        <source>Lock the underlay</source>
        <translation>Vorlage sperren</translation>
    </message>
    <message>
        <source>Locked</source>
        <translation>Verschlossen</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>Look again</source>
        <translation>Noch einmal ansehen</translation>
    </message>
    <message>
        <source>Look of the level</source>
        <translation>Aussehen des Levels</translation>
    </message>
    <message>
        <source>Looking at the file …</source>
        <translation>Die Datei wird angesehen …</translation>
    </message>
    <message>
        <source>Looking for a run there …</source>
        <translation>Ein Lauf dorthin wird gesucht …</translation>
    </message>
    <message>
        <source>Looking which pieces fit …</source>
        <translation>Es wird gesucht, welche Teile passen …</translation>
    </message>
    <message>
        <source>Looks like</source>
        <translation>Sieht aus wie</translation>
    </message>
    <message>
        <source>Low walls</source>
        <translation>Niedrige Wände</translation>
    </message>
    <message>
        <source>Lower</source>
        <translation>Tiefer</translation>
    </message>
    <message>
        <source>Lower numbers are drawn first, and lie behind.</source>
        <translation>Kleinere Zahlen werden zuerst gezeichnet und liegen hinten.</translation>
    </message>
    <message>
        <source>Made with Qt, nlohmann-json, CLI11, tl-expected, libspng, zlib, libsodium, libnoise, libcsv, Lua, Pango, Cairo, Poppler, TinyGLTF, tinyobjloader, SDL and libwebsockets, each under its own licence. Rook Plot's own licence is not chosen yet.</source>
        <translation>Gemacht mit Qt, nlohmann-json, CLI11, tl-expected, libspng, zlib, libsodium, libnoise, libcsv, Lua, Pango, Cairo, Poppler, TinyGLTF, tinyobjloader, SDL und libwebsockets, jedes unter seiner eigenen Lizenz. Die Lizenz von Rook Plot ist noch nicht gewählt.</translation>
    </message>
    <message>
        <source>Make %1 × %2 a motif</source>
        <translation>%1 × %2 zum Motiv machen</translation>
    </message>
    <message>
        <source>Make a kind with the role counter in Cast first.</source>
        <translation>Mach erst eine Art mit der Rolle Stein in Besetzen.</translation>
    </message>
    <message>
        <source>Make a ring of it</source>
        <translation>Einen Ring daraus machen</translation>
    </message>
    <message>
        <source>Make the level</source>
        <translation>Level anlegen</translation>
    </message>
    <message>
        <source>Make the project</source>
        <translation>Projekt anlegen</translation>
    </message>
    <message>
        <source>Make the swatch</source>
        <translation>Probe machen</translation>
    </message>
    <message>
        <source>Many models …</source>
        <translation>Viele Modelle …</translation>
    </message>
    <message>
        <source>Map of the zones</source>
        <translation>Karte der Zonen</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Seitenrand</translation>
    </message>
    <message>
        <source>Mark of the goal</source>
        <translation>Marke des Ziels</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>Marks cells whose case no swatch shows: the nearest stands in.</source>
        <translation>Kennzeichnet Zellen, deren Fall keine Probe zeigt: der nächste springt ein.</translation>
    </message>
    <message>
        <source>Masses</source>
        <translation>Massen</translation>
    </message>
    <message>
        <source>Masses are deep</source>
        <translation>Massen sind tief</translation>
    </message>
    <message>
        <source>Masses locked</source>
        <translation>Massen gesperrt</translation>
    </message>
    <message>
        <source>Masses shown</source>
        <translation>Massen sichtbar</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Materialien</translation>
    </message>
    <message>
        <source>Matter is laid in the form that each tile set by hand looks like.</source>
        <translation>Stoff wird in der Form gelegt, nach der jede von Hand gesetzte Kachel aussieht.</translation>
    </message>
    <message>
        <source>Matter to lay</source>
        <translation>Stoff, der gelegt wird</translation>
    </message>
    <message>
        <source>Matter to replace</source>
        <translation>Stoff, der ersetzt wird</translation>
    </message>
    <message>
        <source>Matters, kinds and the rest</source>
        <translation>Stoffe, Arten und der Rest</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Members</source>
        <translation>Mitglieder</translation>
    </message>
    <message>
        <source>Merge</source>
        <translation>Verschmelzen</translation>
    </message>
    <message>
        <source>Messages for the game, or with &gt; for an entity.</source>
        <translation>Nachrichten für das Spiel, oder mit &gt; für eine Figur.</translation>
    </message>
    <message>
        <source>Mine</source>
        <translation>Meins</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>Mirror &amp;top to bottom</source>
        <translation>&amp;Oben und unten spiegeln</translation>
    </message>
    <message>
        <source>Mirror left with right</source>
        <translation>Links und rechts spiegeln</translation>
    </message>
    <message>
        <source>Mirror top with bottom</source>
        <translation>Oben und unten spiegeln</translation>
    </message>
    <message>
        <source>Mirror ↔</source>
        <translation>Spiegeln ↔</translation>
    </message>
    <message>
        <source>Mirror ↕</source>
        <translation>Spiegeln ↕</translation>
    </message>
    <message>
        <source>Mix</source>
        <translation>Mischen</translation>
    </message>
    <message>
        <source>Mixing …</source>
        <translation>Wird gemischt …</translation>
    </message>
    <message>
        <source>Mixing: %1 of 1000 tries …</source>
        <translation>Mischen: %1 von 1000 Versuchen …</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Models</source>
        <translation>Modelle</translation>
    </message>
    <message>
        <source>Models (*.glb *.gltf *.obj);;All files (*)</source>
        <translation>Modelle (*.glb *.gltf *.obj);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Models (*.gltf *.glb *.obj)</source>
        <translation>Modelle (*.gltf *.glb *.obj)</translation>
    </message>
    <message>
        <source>Models still to be read: %1</source>
        <translation>Noch zu lesende Modelle: %1</translation>
    </message>
    <message>
        <source>Models to bring in</source>
        <translation>Modelle zum Hereinholen</translation>
    </message>
    <message>
        <source>Models, a row each; the mark says which become pieces</source>
        <translation>Modelle, je eine Zeile; der Haken sagt, welche zu Teilen werden</translation>
    </message>
    <message>
        <source>Models, each used</source>
        <translation>Modelle, je benutzt</translation>
    </message>
    <message>
        <source>Modular pieces</source>
        <translation>Bauteile</translation>
    </message>
    <message>
        <source>Module across</source>
        <translation>Modul breit</translation>
    </message>
    <message>
        <source>Module down</source>
        <translation>Modul lang</translation>
    </message>
    <message>
        <source>Module, storey</source>
        <translation>Modul, Geschoss</translation>
    </message>
    <message>
        <source>Modules</source>
        <translation>Module</translation>
    </message>
    <message>
        <source>Modules across</source>
        <translation>Module quer</translation>
    </message>
    <message>
        <source>Modules down</source>
        <translation>Module längs</translation>
    </message>
    <message>
        <source>Modules from the corner</source>
        <translation>Module von der Ecke</translation>
    </message>
    <message>
        <source>Modules: 2, 1.25 or 5/4</source>
        <translation>Module: 2, 1.25 oder 5/4</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>Bewegung</translation>
    </message>
    <message>
        <source>Move &amp;down in the order</source>
        <translation>&amp;Später in der Folge</translation>
    </message>
    <message>
        <source>Move &amp;up in the order</source>
        <translation>Früher in der &amp;Folge</translation>
    </message>
    <message>
        <source>Move as another</source>
        <translation>Anders bewegen</translation>
    </message>
    <message>
        <source>Moves across</source>
        <translation>Geht mit, waagerecht</translation>
    </message>
    <message>
        <source>Moves as</source>
        <translation>Bewegt sich als</translation>
    </message>
    <message>
        <source>Moves back</source>
        <translation>Züge zurück</translation>
    </message>
    <message>
        <source>Moves down</source>
        <translation>Geht mit, senkrecht</translation>
    </message>
    <message>
        <source>Moves of this solution that alone keep the goal within reach.</source>
        <translation>Züge dieser Lösung, die allein das Ziel erreichbar halten.</translation>
    </message>
    <message>
        <source>Music</source>
        <translation>Musik</translation>
    </message>
    <message>
        <source>Music, for the game</source>
        <translation>Musik, für das Spiel</translation>
    </message>
    <message>
        <source>My game</source>
        <translation>Mein Spiel</translation>
    </message>
    <message>
        <source>My game %1</source>
        <translation>Mein Spiel %1</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Name a layer</source>
        <translation>Eine Ebene benennen</translation>
    </message>
    <message>
        <source>Name a tile</source>
        <translation>Eine Kachel benennen</translation>
    </message>
    <message>
        <source>Name in files</source>
        <translation>Name in Dateien</translation>
    </message>
    <message>
        <source>Name of a new block</source>
        <translation>Name eines neuen Blocks</translation>
    </message>
    <message>
        <source>Name of a new field</source>
        <translation>Name eines neuen Felds</translation>
    </message>
    <message>
        <source>Name of the layer in hand</source>
        <translation>Name der Ebene in der Hand</translation>
    </message>
    <message>
        <source>Name of the target</source>
        <translation>Name der Ausgabe</translation>
    </message>
    <message>
        <source>Nearer</source>
        <translation>Näher</translation>
    </message>
    <message>
        <source>Needs</source>
        <translation>Braucht</translation>
    </message>
    <message>
        <source>New &amp;kit level …</source>
        <translation>Neues Ba&amp;usatzlevel …</translation>
    </message>
    <message>
        <source>New kind</source>
        <translation>Neue Art</translation>
    </message>
    <message>
        <source>New kit</source>
        <translation>Neuer Bausatz</translation>
    </message>
    <message>
        <source>New level</source>
        <translation>Neues Level</translation>
    </message>
    <message>
        <source>New mark</source>
        <translation>Neue Marke</translation>
    </message>
    <message>
        <source>New matter</source>
        <translation>Neuer Stoff</translation>
    </message>
    <message>
        <source>New name</source>
        <translation>Neuer Name</translation>
    </message>
    <message>
        <source>New piece</source>
        <translation>Neues Bauteil</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Neues Projekt</translation>
    </message>
    <message>
        <source>New roster</source>
        <translation>Neues Aufgebot</translation>
    </message>
    <message>
        <source>New route</source>
        <translation>Neue Route</translation>
    </message>
    <message>
        <source>New target: %1</source>
        <translation>Neue Ausgabe: %1</translation>
    </message>
    <message>
        <source>New, of</source>
        <translation>Neu, aus</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Befund</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Nächste Seite</translation>
    </message>
    <message>
        <source>Next part of the window</source>
        <translation>Nächster Teil des Fensters</translation>
    </message>
    <message>
        <source>Night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>No errors, %1.</source>
        <translation>Keine Fehler, %1.</translation>
    </message>
    <message>
        <source>No level has a way out yet. Place an exit in Cast.</source>
        <translation>Noch kein Level hat einen Ausgang. Setze einen im Schritt Besetzen.</translation>
    </message>
    <message>
        <source>No plan yet. Draw with the pencil (A), lead the route from start to end (S), and hang beads on it for what stands in the way.</source>
        <translation>Noch kein Plan. Zeichne mit dem Stift (A), führe die Route vom Anfang zum Ende (S), und häng Perlen daran für das, was im Weg steht.</translation>
    </message>
    <message>
        <source>No proof run follows the main route to its end.</source>
        <translation>Kein Beweislauf folgt der Hauptroute bis ans Ende.</translation>
    </message>
    <message>
        <source>No region</source>
        <translation>Kein Bereich</translation>
    </message>
    <message>
        <source>No run leads here, whatever one does</source>
        <translation>Kein Lauf führt hierher, was man auch tut</translation>
    </message>
    <message>
        <source>No run there was found.</source>
        <translation>Dorthin wurde kein Lauf gefunden.</translation>
    </message>
    <message>
        <source>No slots were copied.</source>
        <translation>Keine Plätze wurden kopiert.</translation>
    </message>
    <message>
        <source>No start was found in %1 tries. Ask for fewer moves, or go farther back.</source>
        <translation>Kein Anfang in %1 Versuchen gefunden. Verlange weniger Züge oder geh weiter zurück.</translation>
    </message>
    <message>
        <source>No swatch of this matter is left.</source>
        <translation>Keine Probe dieses Stoffs ist übrig.</translation>
    </message>
    <message>
        <source>No swatch yet. Add a sheet in the margin, make a swatch of a matter, and dress it with tiles: every mass of that matter follows.</source>
        <translation>Noch keine Probe. Füge im Seitenrand einen Bogen hinzu, mach eine Probe eines Stoffs und kleide sie mit Kacheln: jede Masse jenes Stoffs folgt.</translation>
    </message>
    <message>
        <source>No tile covers %1 px at the right and %2 at the bottom.</source>
        <translation>Keine Kachel bedeckt %1 px rechts und %2 unten.</translation>
    </message>
    <message>
        <source>No tile is</source>
        <translation>Keine Kachel ist</translation>
    </message>
    <message>
        <source>Noise</source>
        <translation>Rauschen</translation>
    </message>
    <message>
        <source>None. Pickups of a kind can count for one: a score, lives, keys of a kind.</source>
        <translation>Keine. Funde einer Art können für einen zählen: Punkte, Leben, Schlüssel einer Art.</translation>
    </message>
    <message>
        <source>None: the exit is all that there is to find.</source>
        <translation>Keine: nur der Ausgang ist zu finden.</translation>
    </message>
    <message>
        <source>Not decided here.</source>
        <translation>Hier nicht entschieden.</translation>
    </message>
    <message>
        <source>Not judged yet. %1</source>
        <translation>Noch nicht beurteilt. %1</translation>
    </message>
    <message>
        <source>Not judged: nobody walks on a board of slots. The plan is for the eye.</source>
        <translation>Nicht beurteilt: auf einem Brett aus Plätzen geht niemand. Der Plan ist fürs Auge.</translation>
    </message>
    <message>
        <source>Not kept:</source>
        <translation>Nicht behalten:</translation>
    </message>
    <message>
        <source>Not one tile fits.</source>
        <translation>Keine einzige Kachel passt.</translation>
    </message>
    <message>
        <source>Not proven yet.</source>
        <translation>Noch nicht bewiesen.</translation>
    </message>
    <message>
        <source>Not reached: the nearest a body comes is %1 px.</source>
        <translation>Nicht erreicht: am nächsten kommt ein Körper auf %1 px.</translation>
    </message>
    <message>
        <source>Not shown yet</source>
        <translation>Noch nicht gezeigt</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nichts</translation>
    </message>
    <message>
        <source>Nothing holds all of these words.</source>
        <translation>Nichts enthält alle diese Wörter.</translation>
    </message>
    <message>
        <source>Nothing is asked for yet.</source>
        <translation>Noch ist nichts verlangt.</translation>
    </message>
    <message>
        <source>Nothing is called so. Try one word, or what it is for.</source>
        <translation>Nichts heißt so. Versuch ein einzelnes Wort, oder wofür es da ist.</translation>
    </message>
    <message>
        <source>Nothing is written out yet. Choose a format in the tray: each is a target of its own, with its folder and its levels.</source>
        <translation>Noch wird nichts geschrieben. Wähle ein Format in der Ablage: jedes ist eine eigene Ausgabe mit ihrem Ordner und ihren Leveln.</translation>
    </message>
    <message>
        <source>Nothing is written until you save.</source>
        <translation>Geschrieben wird nichts, bis du sicherst.</translation>
    </message>
    <message>
        <source>Nothing stands against shipping.</source>
        <translation>Nichts spricht gegen das Liefern.</translation>
    </message>
    <message>
        <source>Nothing would be lost.</source>
        <translation>Nichts ginge verloren.</translation>
    </message>
    <message>
        <source>Nothing would change.</source>
        <translation>Nichts würde sich ändern.</translation>
    </message>
    <message>
        <source>Nothing yet. Ctrl+K finds whatever you look for, by the words that you have for it.</source>
        <translation>Noch nichts. Strg+K findet, was du suchst, mit deinen Worten dafür.</translation>
    </message>
    <message>
        <source>Ochre</source>
        <translation>Ocker</translation>
    </message>
    <message>
        <source>Octaves</source>
        <translation>Oktaven</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Of %1, %2. What is there is laid anew.</source>
        <translation>Aus %1, %2. Was da ist, wird neu gelegt.</translation>
    </message>
    <message>
        <source>Of several kinds: choose one kind to change its fields.</source>
        <translation>Von mehreren Arten: wähle eine, um ihre Felder zu ändern.</translation>
    </message>
    <message>
        <source>Of the first solid matter.</source>
        <translation>Aus dem ersten festen Stoff.</translation>
    </message>
    <message>
        <source>Of the game (key 0): what is taken adds its value to it, a foe that is beaten what it is worth.</source>
        <translation>Vom Spiel (Taste 0): was genommen wird, zählt seinen Wert dazu, ein besiegter Gegner, was er wert ist.</translation>
    </message>
    <message>
        <source>Of the usual ones the scale by which they come nearest to whole modules</source>
        <translation>Von den üblichen der Maßstab, mit dem sie ganzen Modulen am nächsten kommen</translation>
    </message>
    <message>
        <source>Of what</source>
        <translation>Wovon</translation>
    </message>
    <message>
        <source>Off the module</source>
        <translation>Neben dem Modul</translation>
    </message>
    <message>
        <source>Off: a bonus. One can win without it.</source>
        <translation>Aus: eine Zugabe. Man kann ohne sie gewinnen.</translation>
    </message>
    <message>
        <source>Off: a game from which no exit leads to the end is a finding.</source>
        <translation>Aus: ein Spiel, aus dem kein Ausgang zum Ende führt, ist ein Befund.</translation>
    </message>
    <message>
        <source>On</source>
        <translation>Auf</translation>
    </message>
    <message>
        <source>On %L1 cells.</source>
        <translation>Auf %L1 Zellen.</translation>
    </message>
    <message>
        <source>On a</source>
        <translation>Auf einem</translation>
    </message>
    <message>
        <source>On a kit board the way is drawn to the module that is pointed at.</source>
        <translation>Auf einem Bausatzbrett führt der Weg zum Modul unter dem Zeiger.</translation>
    </message>
    <message>
        <source>On entering</source>
        <translation>Beim Betreten</translation>
    </message>
    <message>
        <source>On in ticks</source>
        <translation>An in Takten</translation>
    </message>
    <message>
        <source>On leaving</source>
        <translation>Beim Verlassen</translation>
    </message>
    <message>
        <source>On the board:</source>
        <translation>Auf dem Brett:</translation>
    </message>
    <message>
        <source>On use</source>
        <translation>Beim Benutzen</translation>
    </message>
    <message>
        <source>Once round</source>
        <translation>Einmal herum</translation>
    </message>
    <message>
        <source>One character a cell, as the matters' glyphs; spaces are open.</source>
        <translation>Ein Zeichen je Zelle, wie die der Stoffe; Leerzeichen sind offen.</translation>
    </message>
    <message>
        <source>One empty level; the cast, the matters and the art are there</source>
        <translation>Ein leeres Level; Besetzung, Stoffe und Bilder sind da</translation>
    </message>
    <message>
        <source>One px a cell, in the colours of the matters.</source>
        <translation>Ein px je Zelle, in den Farben der Stoffe.</translation>
    </message>
    <message>
        <source>One step is deep</source>
        <translation>Eine Stufe ist tief</translation>
    </message>
    <message>
        <source>One step rises</source>
        <translation>Eine Stufe steigt</translation>
    </message>
    <message>
        <source>One steps and pushes; every marked slot has to hold a pushed one.</source>
        <translation>Einer geht und schiebt; jeder Platz mit Marke muss einen geschobenen tragen.</translation>
    </message>
    <message>
        <source>One tick back</source>
        <translation>Ein Takt zurück</translation>
    </message>
    <message>
        <source>One tick on</source>
        <translation>Ein Takt weiter</translation>
    </message>
    <message>
        <source>One works on a level in six steps, with the keys 1 to 6: plan it, lay it, dress it, fill it, prove it, ship it. A mark says how far each is.</source>
        <translation>An einem Level arbeitet man in sechs Schritten, mit den Tasten 1 bis 6: planen, legen, kleiden, besetzen, prüfen, liefern. Ein Zeichen sagt, wie weit jeder ist.</translation>
    </message>
    <message>
        <source>One-way, deadly</source>
        <translation>Einseitig, tödlich</translation>
    </message>
    <message>
        <source>Only a run of one life from the level's start, with its own abilities, can be kept.</source>
        <translation>Behalten lässt sich nur ein Lauf eines Lebens vom Start des Levels mit dessen Fähigkeiten.</translation>
    </message>
    <message>
        <source>Only files of this computer can be brought in.</source>
        <translation>Nur Dateien dieses Rechners lassen sich hereinholen.</translation>
    </message>
    <message>
        <source>Only the given keys again</source>
        <translation>Nur wieder die vorgesehenen Tasten</translation>
    </message>
    <message>
        <source>Onto slots marked</source>
        <translation>Auf Plätze mit Marke</translation>
    </message>
    <message>
        <source>Opacity</source>
        <translation>Deckkraft</translation>
    </message>
    <message>
        <source>Opacity of a layer</source>
        <translation>Deckkraft einer Ebene</translation>
    </message>
    <message>
        <source>Opacity of a picture</source>
        <translation>Deckkraft eines Bildes</translation>
    </message>
    <message>
        <source>Opacity of the underlay</source>
        <translation>Deckkraft der Vorlage</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Open a copy of the demo, Lantern Weir.</source>
        <translation>Eine Kopie der Demo, Lantern Weir, öffnen.</translation>
    </message>
    <message>
        <source>Open a project</source>
        <translation>Ein Projekt öffnen</translation>
    </message>
    <message>
        <source>Open a project folder</source>
        <translation>Projektordner öffnen</translation>
    </message>
    <message>
        <source>Open air (carve)</source>
        <translation>Offene Luft (aushöhlen)</translation>
    </message>
    <message>
        <source>Open as a table</source>
        <translation>Als Tabelle öffnen</translation>
    </message>
    <message>
        <source>Open or close this section</source>
        <translation>Diesen Abschnitt öffnen oder schließen</translation>
    </message>
    <message>
        <source>Open places that walls seal off, in place of the zones there are.</source>
        <translation>Offene Orte, die von Wänden umschlossen sind, anstelle der jetzigen Zonen.</translation>
    </message>
    <message>
        <source>Open ports</source>
        <translation>Offene Anschlüsse</translation>
    </message>
    <message>
        <source>Open re&amp;paired</source>
        <translation>Re&amp;pariert öffnen</translation>
    </message>
    <message>
        <source>Open the &amp;demo</source>
        <translation>&amp;Demo öffnen</translation>
    </message>
    <message>
        <source>Open the folder: %1</source>
        <translation>Ordner öffnen: %1</translation>
    </message>
    <message>
        <source>Open the swatch on the board; once more, back to the level.</source>
        <translation>Öffnet die Probe auf dem Brett; noch einmal, zurück zum Level.</translation>
    </message>
    <message>
        <source>OpenGL 3.3 cannot be had here</source>
        <translation>OpenGL 3.3 ist hier nicht zu haben</translation>
    </message>
    <message>
        <source>OpenGL cannot be used in a thread here</source>
        <translation>OpenGL lässt sich hier nicht in einem Thread verwenden</translation>
    </message>
    <message>
        <source>OpenGL is older than 3.3 here</source>
        <translation>OpenGL ist hier älter als 3.3</translation>
    </message>
    <message>
        <source>Opened last</source>
        <translation>Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Opening</source>
        <translation>Öffnung</translation>
    </message>
    <message>
        <source>Openings</source>
        <translation>Öffnungen</translation>
    </message>
    <message>
        <source>Opens</source>
        <translation>Öffnet</translation>
    </message>
    <message>
        <source>Opens the sheet: click a tile, or drag over several.</source>
        <translation>Öffnet den Bogen: eine Kachel anklicken oder über mehrere ziehen.</translation>
    </message>
    <message>
        <source>Or: Project, Open repaired.</source>
        <translation>Oder: Projekt, Repariert öffnen.</translation>
    </message>
    <message>
        <source>Order of play</source>
        <translation>In Spielfolge</translation>
    </message>
    <message>
        <source>Other variants, trims and motifs, by chance; press again for others.</source>
        <translation>Andere Varianten, Säume und Motive, zufällig; noch einmal drücken für andere.</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>Outlines what is solid, and hatches cells that look otherwise: ochre ones look solid and are not, vermilion ones are solid and do not look it.</source>
        <translation>Umrandet, was fest ist, und schraffiert Zellen, die anders aussehen: ockerfarbene sehen fest aus und sind es nicht, zinnoberrote sind fest und sehen nicht so aus.</translation>
    </message>
    <message>
        <source>Outlines, slopes</source>
        <translation>Umrisse, Schrägen</translation>
    </message>
    <message>
        <source>PNG, JPEG or SVG</source>
        <translation>PNG, JPEG oder SVG</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Pack rows of numbers</source>
        <translation>Zahlenreihen packen</translation>
    </message>
    <message>
        <source>Page up and Page down; the one below shows faintly.</source>
        <translation>Bild auf und Bild ab; das darunter scheint schwach durch.</translation>
    </message>
    <message>
        <source>Page up and down change the storey.</source>
        <translation>Bild auf und ab wechseln das Geschoss.</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Bild auf, Bild ab</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Pages of browsers that may link</source>
        <translation>Browserseiten, die sich verbinden dürfen</translation>
    </message>
    <message>
        <source>Pages of the margin</source>
        <translation>Seiten des Seitenrands</translation>
    </message>
    <message>
        <source>Paid by</source>
        <translation>Bezahlt mit</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Parallel</source>
        <translation>Parallel</translation>
    </message>
    <message>
        <source>Park</source>
        <translation>Abstellen</translation>
    </message>
    <message>
        <source>Parts list</source>
        <translation>Teileliste</translation>
    </message>
    <message>
        <source>Patches of trims</source>
        <translation>Flecken von Säumen</translation>
    </message>
    <message>
        <source>Patches, cells</source>
        <translation>Flecken, Zellen</translation>
    </message>
    <message>
        <source>Path</source>
        <translation>Pfad</translation>
    </message>
    <message>
        <source>Patrols, tracks, formations, and how high springs throw.</source>
        <translation>Patrouillen, Bahnen, Formationen, und wie hoch Federn werfen.</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>Pause the run</source>
        <translation>Lauf anhalten</translation>
    </message>
    <message>
        <source>Peels storeys off from above</source>
        <translation>Schält Geschosse von oben ab</translation>
    </message>
    <message>
        <source>Pencil</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>Period</source>
        <translation>Periode</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Picture before or behind the level</source>
        <translation>Bild vor oder hinter dem Level</translation>
    </message>
    <message>
        <source>Picture from the sheet</source>
        <translation>Bild aus dem Bogen</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.svg)</translation>
    </message>
    <message>
        <source>Pictures (*.png)</source>
        <translation>Bilder (*.png)</translation>
    </message>
    <message>
        <source>Pictures at several depths behind the level. Several levels may share them: changed once, changed in all.</source>
        <translation>Bilder in mehreren Tiefen hinter dem Level. Mehrere Level können sie teilen: einmal geändert, in allen geändert.</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Bauteil</translation>
    </message>
    <message>
        <source>Piece in hand</source>
        <translation>Bauteil in der Hand</translation>
    </message>
    <message>
        <source>Pieces are laid on levels of pieces.</source>
        <translation>Bauteile liegen auf Leveln aus Bauteilen.</translation>
    </message>
    <message>
        <source>Pieces are turned, not mirrored.</source>
        <translation>Bauteile werden gedreht, nicht gespiegelt.</translation>
    </message>
    <message>
        <source>Pieces of this level</source>
        <translation>Bauteile dieses Levels</translation>
    </message>
    <message>
        <source>Pin</source>
        <translation>Festhalten</translation>
    </message>
    <message>
        <source>Pivot</source>
        <translation>Drehpunkt</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Setzen</translation>
    </message>
    <message>
        <source>Place %1</source>
        <translation>%1 setzen</translation>
    </message>
    <message>
        <source>Place a counter and mark a slot first, then say which has to get where.</source>
        <translation>Setze erst einen Stein und eine Marke, dann sag, wer wohin muss.</translation>
    </message>
    <message>
        <source>Place a key or a switch, then choose it here.</source>
        <translation>Setze einen Schlüssel oder Schalter und wähle ihn dann hier.</translation>
    </message>
    <message>
        <source>Place a picture under the board</source>
        <translation>Ein Bild unter das Brett legen</translation>
    </message>
    <message>
        <source>Place a picture …</source>
        <translation>Bild unterlegen …</translation>
    </message>
    <message>
        <source>Place in the frame</source>
        <translation>In den Rahmen setzen</translation>
    </message>
    <message>
        <source>Place them</source>
        <translation>Setzen</translation>
    </message>
    <message>
        <source>Placed the picture. Drag it with Select; Scale fits it to the cells.</source>
        <translation>Bild gelegt. Zieh es mit Auswählen; Maßstab passt es an die Zellen an.</translation>
    </message>
    <message>
        <source>Placements</source>
        <translation>Aufstellungen</translation>
    </message>
    <message>
        <source>Placements of the roster</source>
        <translation>Aufstellungen des Aufgebots</translation>
    </message>
    <message>
        <source>Placements …</source>
        <translation>Aufstellungen …</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>Plain</source>
        <translation>Schlicht</translation>
    </message>
    <message>
        <source>Plan book</source>
        <translation>Planbuch</translation>
    </message>
    <message>
        <source>Plan of the piece</source>
        <translation>Grundriss des Bauteils</translation>
    </message>
    <message>
        <source>Plans</source>
        <translation>Pläne</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>Play from the spawn. With Shift: from the pointer.</source>
        <translation>Vom Start spielen. Mit Umschalt: vom Zeiger.</translation>
    </message>
    <message>
        <source>Play page</source>
        <translation>Spielseite</translation>
    </message>
    <message>
        <source>Play the run</source>
        <translation>Lauf spielen</translation>
    </message>
    <message>
        <source>Play the runs that prove it, level after level</source>
        <translation>Die Beweisläufe spielen, Level um Level</translation>
    </message>
    <message>
        <source>Plum</source>
        <translation>Pflaume</translation>
    </message>
    <message>
        <source>Point at the board to see what is there.</source>
        <translation>Zeig auf das Brett, um zu sehen, was dort ist.</translation>
    </message>
    <message>
        <source>Ports that do not fit</source>
        <translation>Anschlüsse, die nicht passen</translation>
    </message>
    <message>
        <source>Poured between</source>
        <translation>Gegossen zwischen</translation>
    </message>
    <message>
        <source>Preset …</source>
        <translation>Vorlage …</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>Vorschau</translation>
    </message>
    <message>
        <source>Previous finding</source>
        <translation>Voriger Befund</translation>
    </message>
    <message>
        <source>Previous part of the window</source>
        <translation>Voriger Teil des Fensters</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>Price of %1</source>
        <translation>Preis von %1</translation>
    </message>
    <message>
        <source>Price of locked slots</source>
        <translation>Preis verschlossener Plätze</translation>
    </message>
    <message>
        <source>Probe</source>
        <translation>Sonde</translation>
    </message>
    <message>
        <source>Process %1 on %2, since %3. Here one can look; when it is left, this window takes over.</source>
        <translation>Prozess %1 auf %2, seit %3. Hier kann man schauen; wenn es verlassen wird, übernimmt dieses Fenster.</translation>
    </message>
    <message>
        <source>Profile</source>
        <translation>Profil</translation>
    </message>
    <message>
        <source>Profile of ports</source>
        <translation>Profil der Anschlüsse</translation>
    </message>
    <message>
        <source>Profiles and what they fit</source>
        <translation>Profile und was zu ihnen passt</translation>
    </message>
    <message>
        <source>Profiles of ports and what each fits; a star: only its mirror image.</source>
        <translation>Profile der Anschlüsse und was zu jedem passt; ein Stern: nur sein Spiegelbild.</translation>
    </message>
    <message>
        <source>Project</source>
        <translation>Projekt</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Beweis</translation>
    </message>
    <message>
        <source>Proof run</source>
        <translation>Beweislauf</translation>
    </message>
    <message>
        <source>Proposals</source>
        <translation>Vorschläge</translation>
    </message>
    <message>
        <source>Prove</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Prove: all that can be reached</source>
        <translation>Prüfen: alles, was erreichbar ist</translation>
    </message>
    <message>
        <source>Push to the right</source>
        <translation>Stoß nach rechts</translation>
    </message>
    <message>
        <source>Pushed ones of</source>
        <translation>Geschobene von</translation>
    </message>
    <message>
        <source>Pushing</source>
        <translation>Schieben</translation>
    </message>
    <message>
        <source>Puzzle</source>
        <translation>Rätsel</translation>
    </message>
    <message>
        <source>Quarter turns</source>
        <translation>Vierteldrehungen</translation>
    </message>
    <message>
        <source>Queue</source>
        <translation>Schlange</translation>
    </message>
    <message>
        <source>R + drag</source>
        <translation>R + Ziehen</translation>
    </message>
    <message>
        <source>ROOKPLOT_NO_OPENGL is set</source>
        <translation>ROOKPLOT_NO_OPENGL ist gesetzt</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>Halbmesser</translation>
    </message>
    <message>
        <source>Radius or step</source>
        <translation>Radius oder Schritt</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>Reach is still being solved.</source>
        <translation>Die Reichweite wird noch gelöst.</translation>
    </message>
    <message>
        <source>Reach while you draw</source>
        <translation>Reichweite beim Zeichnen</translation>
    </message>
    <message>
        <source>Read again from the disk: %1 parts had changed there.</source>
        <translation>Von der Platte neu gelesen: %1 Teile hatten sich dort geändert.</translation>
    </message>
    <message>
        <source>Read again from the disk: one part had changed there.</source>
        <translation>Von der Platte neu gelesen: ein Teil hatte sich dort geändert.</translation>
    </message>
    <message>
        <source>Read kinds …</source>
        <translation>Arten lesen …</translation>
    </message>
    <message>
        <source>Reading the picture …</source>
        <translation>Das Bild wird gelesen …</translation>
    </message>
    <message>
        <source>Reading …</source>
        <translation>Wird gelesen …</translation>
    </message>
    <message>
        <source>Reading: %1 of %2 files …</source>
        <translation>Gelesen: %1 von %2 Dateien …</translation>
    </message>
    <message>
        <source>Recipe</source>
        <translation>Rezept</translation>
    </message>
    <message>
        <source>Rectangles as large as the game's first screen.</source>
        <translation>Rechtecke, so groß wie der erste Bildschirm des Spiels.</translation>
    </message>
    <message>
        <source>Region</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>Relative to the project, so that it is the same for everybody</source>
        <translation>Relativ zum Projekt, damit er für alle gleich ist</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove the field</source>
        <translation>Feld entfernen</translation>
    </message>
    <message>
        <source>Remove the kind</source>
        <translation>Art entfernen</translation>
    </message>
    <message>
        <source>Remove the rule</source>
        <translation>Regel entfernen</translation>
    </message>
    <message>
        <source>Remove the target</source>
        <translation>Ausgabe entfernen</translation>
    </message>
    <message>
        <source>Remove the zone</source>
        <translation>Zone entfernen</translation>
    </message>
    <message>
        <source>Remove this swatch</source>
        <translation>Diese Probe entfernen</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Replace in all levels</source>
        <translation>In allen Leveln ersetzen</translation>
    </message>
    <message>
        <source>Replace this sheet</source>
        <translation>Diesen Bogen ersetzen</translation>
    </message>
    <message>
        <source>Reward</source>
        <translation>Lohn</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>Right border</source>
        <translation>Rechter Rand</translation>
    </message>
    <message>
        <source>Ring to ring, px</source>
        <translation>Ring zu Ring, px</translation>
    </message>
    <message>
        <source>Rise, cells</source>
        <translation>Steigung, Zellen</translation>
    </message>
    <message>
        <source>Rise, units</source>
        <translation>Anstieg, Einheiten</translation>
    </message>
    <message>
        <source>Rise: height of a step, cells</source>
        <translation>Steigung: Höhe einer Stufe, Zellen</translation>
    </message>
    <message>
        <source>Rises</source>
        <translation>Steigt</translation>
    </message>
    <message>
        <source>Role</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>Roll anew</source>
        <translation>Neu würfeln</translation>
    </message>
    <message>
        <source>Roll the dressing</source>
        <translation>Kleidung würfeln</translation>
    </message>
    <message>
        <source>Rook Plot</source>
        <translation>Rook Plot</translation>
    </message>
    <message>
        <source>Rook Plot is for level designers. Every verdict is proven: a yes comes with a run that replays, tick by tick; a no means that every pixel was tried.</source>
        <translation>Rook Plot ist für Leveldesigner. Jedes Urteil ist bewiesen: ein Ja bringt einen Lauf mit, der sich Takt für Takt nachspielen lässt; ein Nein heißt, dass jedes px versucht wurde.</translation>
    </message>
    <message>
        <source>Rook Plot: build levels and prove that they can be played through.</source>
        <translation>Rook Plot: Level bauen und beweisen, dass man durchkommt.</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>Roster</source>
        <translation>Aufgebot</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>Säule</translation>
    </message>
    <message>
        <source>Route</source>
        <translation>Route</translation>
    </message>
    <message>
        <source>Routes</source>
        <translation>Routen</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>Rows of characters</source>
        <translation>Zeilen von Zeichen</translation>
    </message>
    <message>
        <source>Rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>Rule and goal</source>
        <translation>Regel und Ziel</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Laufen</translation>
    </message>
    <message>
        <source>Run to</source>
        <translation>Lauf zu</translation>
    </message>
    <message>
        <source>Run to px %1, %2</source>
        <translation>Lauf zu px %1, %2</translation>
    </message>
    <message>
        <source>Running games</source>
        <translation>Laufende Spiele</translation>
    </message>
    <message>
        <source>Running order</source>
        <translation>Spielfolge</translation>
    </message>
    <message>
        <source>Running order ›</source>
        <translation>Spielfolge ›</translation>
    </message>
    <message>
        <source>Runs of a colour are poured; each colour has to lie in one stack.</source>
        <translation>Läufe einer Farbe werden gegossen; jede Farbe muss in einem Stapel liegen.</translation>
    </message>
    <message>
        <source>S held</source>
        <translation>S gehalten</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Save &amp;as …</source>
        <translation>Sichern &amp;als …</translation>
    </message>
    <message>
        <source>Save the project first: pictures are kept in its folder.</source>
        <translation>Erst das Projekt sichern: Bilder liegen in seinem Ordner.</translation>
    </message>
    <message>
        <source>Save the project first: sheets are kept in its folder.</source>
        <translation>Erst das Projekt sichern: Bögen liegen in seinem Ordner.</translation>
    </message>
    <message>
        <source>Save the project first: the file is copied into its folder.</source>
        <translation>Erst das Projekt sichern: die Datei wird in seinen Ordner kopiert.</translation>
    </message>
    <message>
        <source>Save the project first: the model is copied into its folder.</source>
        <translation>Erst das Projekt sichern: das Modell wird in seinen Ordner kopiert.</translation>
    </message>
    <message>
        <source>Save the project first: the models are copied into its folder.</source>
        <translation>Speichere zuerst das Projekt: die Modelle werden in seinen Ordner kopiert.</translation>
    </message>
    <message>
        <source>Save the project in a new folder</source>
        <translation>Projekt in einem neuen Ordner sichern</translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation>Gesichert %1</translation>
    </message>
    <message>
        <source>Saved to %1.</source>
        <translation>In %1 gesichert.</translation>
    </message>
    <message>
        <source>Say what a tile looks like</source>
        <translation>Sagen, wonach eine Kachel aussieht</translation>
    </message>
    <message>
        <source>Say what tiles look like</source>
        <translation>Sagen, wonach Kacheln aussehen</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Maßstab</translation>
    </message>
    <message>
        <source>Scale …</source>
        <translation>Maßstab …</translation>
    </message>
    <message>
        <source>Scale, cells</source>
        <translation>Maßstab, Zellen</translation>
    </message>
    <message>
        <source>Scatter</source>
        <translation>Streuen</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Screens</source>
        <translation>Bildschirme</translation>
    </message>
    <message>
        <source>Sealed border, cells</source>
        <translation>Dichter Rand, Zellen</translation>
    </message>
    <message>
        <source>Search cards  /</source>
        <translation>Karten suchen  /</translation>
    </message>
    <message>
        <source>Search the cards</source>
        <translation>Karten suchen</translation>
    </message>
    <message>
        <source>Search the guide</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Seed</source>
        <translation>Startwert</translation>
    </message>
    <message>
        <source>Seen from</source>
        <translation>Gesehen von</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>Select &amp;all</source>
        <translation>Alles &amp;auswählen</translation>
    </message>
    <message>
        <source>Select a counter first (S).</source>
        <translation>Wähle erst einen Stein (S).</translation>
    </message>
    <message>
        <source>Select cells (G) to keep them as a block.</source>
        <translation>Wähle Zellen (G), um sie als Block zu behalten.</translation>
    </message>
    <message>
        <source>Select some cells first (G), then copy.</source>
        <translation>Wähle erst Zellen (G), dann kopiere.</translation>
    </message>
    <message>
        <source>Select some cells first (G), then keep them.</source>
        <translation>Wähle erst Zellen (G), dann behalte sie.</translation>
    </message>
    <message>
        <source>Select some cells first (G), then turn them.</source>
        <translation>Wähle erst Zellen (G), dann dreh sie.</translation>
    </message>
    <message>
        <source>Select some marks first (G), then copy.</source>
        <translation>Wähle erst Striche (G), dann kopiere.</translation>
    </message>
    <message>
        <source>Select some marks first (G), then mirror.</source>
        <translation>Wähle erst Striche (G), dann spiegle.</translation>
    </message>
    <message>
        <source>Select some slots first (G), then copy.</source>
        <translation>Wähle erst Plätze (G), dann kopiere.</translation>
    </message>
    <message>
        <source>Select something first, then copy.</source>
        <translation>Erst etwas auswählen, dann kopieren.</translation>
    </message>
    <message>
        <source>Select two marks or more first (G).</source>
        <translation>Wähle erst zwei oder mehr Striche (G).</translation>
    </message>
    <message>
        <source>Selected cells</source>
        <translation>Gewählte Zellen</translation>
    </message>
    <message>
        <source>Selection</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>Set all straight</source>
        <translation>Alle gerade</translation>
    </message>
    <message>
        <source>Set by hand</source>
        <translation>Von Hand gesetzt</translation>
    </message>
    <message>
        <source>Set straight</source>
        <translation>Geraderücken</translation>
    </message>
    <message>
        <source>Set up all alike</source>
        <translation>Alle gleich</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Shades over blunt edges of models</source>
        <translation>Schattiert über stumpfe Kanten von Modellen</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>Shape, matter</source>
        <translation>Formen, Stoff</translation>
    </message>
    <message>
        <source>Shape: the tray</source>
        <translation>Formen: die Ablage</translation>
    </message>
    <message>
        <source>Share, %</source>
        <translation>Anteil, %</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>Shift adds. Drag inside to move, an edge to stretch. M, comma and point turn.</source>
        <translation>Umschalt fügt hinzu. Innen ziehen verschiebt, am Rand streckt. M, Komma und Punkt drehen.</translation>
    </message>
    <message>
        <source>Ship</source>
        <translation>Liefern</translation>
    </message>
    <message>
        <source>Ship: files that a game loads</source>
        <translation>Liefern: Dateien, die ein Spiel lädt</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Show %1 on the board</source>
        <translation>%1 auf dem Brett zeigen</translation>
    </message>
    <message>
        <source>Show a layer</source>
        <translation>Eine Ebene zeigen</translation>
    </message>
    <message>
        <source>Show it here; games take no notice of this</source>
        <translation>Hier zeigen; Spiele beachten das nicht</translation>
    </message>
    <message>
        <source>Show it on the swatch</source>
        <translation>Auf der Probe zeigen</translation>
    </message>
    <message>
        <source>Show its solution in Prove</source>
        <translation>Seine Lösung in Prüfen zeigen</translation>
    </message>
    <message>
        <source>Show leaf %1</source>
        <translation>Blatt %1 zeigen</translation>
    </message>
    <message>
        <source>Show the targets</source>
        <translation>Die Ausgaben zeigen</translation>
    </message>
    <message>
        <source>Show the underlay</source>
        <translation>Vorlage zeigen</translation>
    </message>
    <message>
        <source>Show this exit in Cast</source>
        <translation>Diesen Ausgang in Besetzen zeigen</translation>
    </message>
    <message>
        <source>Shown at</source>
        <translation>Gezeigt bei</translation>
    </message>
    <message>
        <source>Shows</source>
        <translation>Zeigt</translation>
    </message>
    <message>
        <source>Shows models of more than 300,000 triangles, too; that takes a while</source>
        <translation>Zeigt auch Modelle mit mehr als 300.000 Dreiecken; das dauert eine Weile</translation>
    </message>
    <message>
        <source>Shut until all of these are held:</source>
        <translation>Zu, bis man all dies hat:</translation>
    </message>
    <message>
        <source>Sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Zeichen</translation>
    </message>
    <message>
        <source>Signs of the file, and what they stand for</source>
        <translation>Zeichen der Datei und wofür sie stehen</translation>
    </message>
    <message>
        <source>Six steps</source>
        <translation>Sechs Schritte</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Size of the brush, cells</source>
        <translation>Größe des Pinsels, Zellen</translation>
    </message>
    <message>
        <source>Sketch</source>
        <translation>Skizze</translation>
    </message>
    <message>
        <source>Skin</source>
        <translation>Kleiden</translation>
    </message>
    <message>
        <source>Skin: what it looks like</source>
        <translation>Kleiden: wie es aussieht</translation>
    </message>
    <message>
        <source>Slides</source>
        <translation>Gleitet</translation>
    </message>
    <message>
        <source>Slot height, px</source>
        <translation>Platzhöhe, px</translation>
    </message>
    <message>
        <source>Slot width, px</source>
        <translation>Platzbreite, px</translation>
    </message>
    <message>
        <source>Slots</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>Slots of each ring, the innermost first: 6, 12, 12</source>
        <translation>Plätze jedes Rings, der innerste zuerst: 6, 12, 12</translation>
    </message>
    <message>
        <source>Slots of rings</source>
        <translation>Plätze der Ringe</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Glatt</translation>
    </message>
    <message>
        <source>Smoothing, passes</source>
        <translation>Glätten, Gänge</translation>
    </message>
    <message>
        <source>Snap</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>Snap to %1</source>
        <translation>Einrasten: %1</translation>
    </message>
    <message>
        <source>Snaps to, px</source>
        <translation>Rastet auf, px</translation>
    </message>
    <message>
        <source>So many chance moves backwards from the solved placement.</source>
        <translation>So viele zufällige Züge rückwärts von der gelösten Stellung.</translation>
    </message>
    <message>
        <source>Solid</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>Solid area</source>
        <translation>Feste Fläche</translation>
    </message>
    <message>
        <source>Solid cells → rectangles</source>
        <translation>Feste Zellen → Rechtecke</translation>
    </message>
    <message>
        <source>Solid from, %</source>
        <translation>Fest ab, %</translation>
    </message>
    <message>
        <source>Solution</source>
        <translation>Lösung</translation>
    </message>
    <message>
        <source>Solve and walk as if %1 were in hand</source>
        <translation>Lösen und laufen, als hätte man %1</translation>
    </message>
    <message>
        <source>Solve as if the player had: %1</source>
        <translation>Lösen, als hätte der Spieler: %1</translation>
    </message>
    <message>
        <source>Sort</source>
        <translation>Sorte</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Space goes on</source>
        <translation>Leertaste geht weiter</translation>
    </message>
    <message>
        <source>Space marks it, or takes the mark off</source>
        <translation>Leertaste setzt den Haken oder nimmt ihn weg</translation>
    </message>
    <message>
        <source>Space or middle + drag</source>
        <translation>Leertaste oder Mitte + ziehen</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Spelled out</source>
        <translation>Ausgeschrieben</translation>
    </message>
    <message>
        <source>Spread across</source>
        <translation>Waagerecht verteilen</translation>
    </message>
    <message>
        <source>Spread down</source>
        <translation>Senkrecht verteilen</translation>
    </message>
    <message>
        <source>Spread evenly over the open cells where its standing rule holds.</source>
        <translation>Gleichmäßig über die offenen Zellen, in denen ihre Stehregel gilt.</translation>
    </message>
    <message>
        <source>Sprite from</source>
        <translation>Bild aus</translation>
    </message>
    <message>
        <source>Stack, upwards</source>
        <translation>Stapel, aufwärts</translation>
    </message>
    <message>
        <source>Stacks are put; equal tops flow together, long runs are taken away.</source>
        <translation>Stapel werden gelegt; gleiche Spitzen fließen zusammen, lange Läufe werden weggenommen.</translation>
    </message>
    <message>
        <source>Stairs</source>
        <translation>Treppe</translation>
    </message>
    <message>
        <source>Stamp by numbers</source>
        <translation>Stempel nach Zahlen</translation>
    </message>
    <message>
        <source>Standard</source>
        <translation>Vorgabe</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Steht</translation>
    </message>
    <message>
        <source>Stands at</source>
        <translation>Steht auf</translation>
    </message>
    <message>
        <source>Stands for</source>
        <translation>Steht für</translation>
    </message>
    <message>
        <source>Stands for it</source>
        <translation>Dafür steht</translation>
    </message>
    <message>
        <source>Stands on</source>
        <translation>Steht auf</translation>
    </message>
    <message>
        <source>Starts are mixed back from the placement in which the goal is met: the level's own, or the end of its solution.</source>
        <translation>Anfänge werden rückwärts aus der Stellung gemischt, in der das Ziel erfüllt ist: der des Levels oder dem Ende seiner Lösung.</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>State of %1</source>
        <translation>Zustand von %1</translation>
    </message>
    <message>
        <source>States</source>
        <translation>Zustände</translation>
    </message>
    <message>
        <source>States from which the goal can no longer be reached.</source>
        <translation>Zustände, von denen das Ziel nicht mehr erreichbar ist.</translation>
    </message>
    <message>
        <source>States, memory</source>
        <translation>Zustände, Speicher</translation>
    </message>
    <message>
        <source>Step up</source>
        <translation>Stufe</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Still to be made</source>
        <translation>Noch zu bauen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Storey</source>
        <translation>Geschoss</translation>
    </message>
    <message>
        <source>Storey %1</source>
        <translation>Geschoss %1</translation>
    </message>
    <message>
        <source>Storey of it</source>
        <translation>Sein Geschoss</translation>
    </message>
    <message>
        <source>Storeys</source>
        <translation>Geschosse</translation>
    </message>
    <message>
        <source>Storeys that are shown</source>
        <translation>Gezeigte Geschosse</translation>
    </message>
    <message>
        <source>Storeys up</source>
        <translation>Geschosse hinauf</translation>
    </message>
    <message>
        <source>Story</source>
        <translation>Geschichte</translation>
    </message>
    <message>
        <source>Strews</source>
        <translation>Streut</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>Swap</source>
        <translation>Tauschen</translation>
    </message>
    <message>
        <source>Swap the profile</source>
        <translation>Profil wechseln</translation>
    </message>
    <message>
        <source>Swap the two</source>
        <translation>Die zwei tauschen</translation>
    </message>
    <message>
        <source>Swaps with</source>
        <translation>Wechselt mit</translation>
    </message>
    <message>
        <source>Swatch %1</source>
        <translation>Probe %1</translation>
    </message>
    <message>
        <source>Swatches</source>
        <translation>Proben</translation>
    </message>
    <message>
        <source>Swim</source>
        <translation>Schwimmen</translation>
    </message>
    <message>
        <source>Switch a scatter rule</source>
        <translation>Eine Streuregel schalten</translation>
    </message>
    <message>
        <source>Tab plays the level at once, in the board; Tab once more goes back to drawing.</source>
        <translation>Tab spielt das Level sofort, auf dem Brett; noch einmal Tab kehrt zum Zeichnen zurück.</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Take %1 in</source>
        <translation>%1 übernehmen</translation>
    </message>
    <message>
        <source>Take a goal away</source>
        <translation>Ein Ziel entfernen</translation>
    </message>
    <message>
        <source>Take a kind in the tray and click where it is to stand. What is chosen has its fields in the margin: a patrol, a track, what a key opens.</source>
        <translation>Nimm eine Art aus der Ablage und klick, wo sie stehen soll. Das Gewählte hat seine Felder im Seitenrand: eine Patrouille, eine Bahn, was ein Schlüssel öffnet.</translation>
    </message>
    <message>
        <source>Take a screen away</source>
        <translation>Einen Bildschirm entfernen</translation>
    </message>
    <message>
        <source>Take a tally away</source>
        <translation>Einen Zähler entfernen</translation>
    </message>
    <message>
        <source>Take a text away</source>
        <translation>Einen Text entfernen</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand</translation>
    </message>
    <message>
        <source>Take in what changed on the disk</source>
        <translation>Übernehmen, was sich auf der Platte änderte</translation>
    </message>
    <message>
        <source>Take it in</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Take other tiles</source>
        <translation>Andere Kacheln nehmen</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Take out the selected</source>
        <translation>Gewählte herausnehmen</translation>
    </message>
    <message>
        <source>Take over</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Take the colours as written</source>
        <translation>Farben wie geschrieben nehmen</translation>
    </message>
    <message>
        <source>Take the field %1 away</source>
        <translation>Das Feld %1 entfernen</translation>
    </message>
    <message>
        <source>Take the queue as written</source>
        <translation>Schlange wie geschrieben nehmen</translation>
    </message>
    <message>
        <source>Take them in</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Take these</source>
        <translation>Diese nehmen</translation>
    </message>
    <message>
        <source>Take these changes</source>
        <translation>Diese Änderungen nehmen</translation>
    </message>
    <message>
        <source>Take this goal away</source>
        <translation>Dieses Ziel entfernen</translation>
    </message>
    <message>
        <source>Take this screen away</source>
        <translation>Diesen Bildschirm entfernen</translation>
    </message>
    <message>
        <source>Take this tally away</source>
        <translation>Diesen Zähler entfernen</translation>
    </message>
    <message>
        <source>Take this text away</source>
        <translation>Diesen Text entfernen</translation>
    </message>
    <message>
        <source>Take tiles from the sheet</source>
        <translation>Kacheln aus dem Bogen</translation>
    </message>
    <message>
        <source>Taken away from</source>
        <translation>Weggenommen ab</translation>
    </message>
    <message>
        <source>Takes all tiles away that were set by hand in this level.</source>
        <translation>Nimmt alle Kacheln weg, die in diesem Level von Hand gesetzt sind.</translation>
    </message>
    <message>
        <source>Takes away</source>
        <translation>Nimmt</translation>
    </message>
    <message>
        <source>Takes away %1.</source>
        <translation>Nimmt %1 weg.</translation>
    </message>
    <message>
        <source>Takes this matter away; its cells in all levels become the other.</source>
        <translation>Nimmt diesen Stoff weg; seine Zellen werden in allen Leveln der andere.</translation>
    </message>
    <message>
        <source>Tallies</source>
        <translation>Zähler</translation>
    </message>
    <message>
        <source>Tally of %1</source>
        <translation>Zähler von %1</translation>
    </message>
    <message>
        <source>Tally of the goal</source>
        <translation>Zähler des Ziels</translation>
    </message>
    <message>
        <source>Target</source>
        <translation>Ausgabe</translation>
    </message>
    <message>
        <source>Target %1, %2: %3</source>
        <translation>Ausgabe %1, %2: %3</translation>
    </message>
    <message>
        <source>Targets</source>
        <translation>Ausgaben</translation>
    </message>
    <message>
        <source>Targets are places that something is written to: data for an engine, a page that plays in a browser, a book of plans. Ctrl+E writes all of them.</source>
        <translation>Ausgaben sind Orte, an die geschrieben wird: Daten für eine Engine, eine Seite, die im Browser spielt, ein Buch der Pläne. Strg+E schreibt alle.</translation>
    </message>
    <message>
        <source>Text grid</source>
        <translation>Textraster</translation>
    </message>
    <message>
        <source>Text that is shown at the exit while it is missing</source>
        <translation>Text, der am Ausgang steht, solange es fehlt</translation>
    </message>
    <message>
        <source>Texts and controls</source>
        <translation>Texte und Knöpfe</translation>
    </message>
    <message>
        <source>That cannot be read. It stays as it was.</source>
        <translation>Das ist nicht lesbar. Es blieb, wie es war.</translation>
    </message>
    <message>
        <source>That exit leads nowhere: %1.</source>
        <translation>Dieser Ausgang führt nirgendwohin: %1.</translation>
    </message>
    <message>
        <source>That window does not answer. It is process %1 on %2.</source>
        <translation>Jenes Fenster antwortet nicht. Es ist Prozess %1 auf %2.</translation>
    </message>
    <message>
        <source>The &amp;game</source>
        <translation>Das &amp;Spiel</translation>
    </message>
    <message>
        <source>The block in hand becomes the selection; what was laid stays.</source>
        <translation>Der Block in der Hand wird die Auswahl; Gelegtes bleibt.</translation>
    </message>
    <message>
        <source>The board &amp;alone, tray while Q is held</source>
        <translation>Das Brett &amp;allein, Ablage bei Q</translation>
    </message>
    <message>
        <source>The board has a zoom of its own: Ctrl and + or -, or the wheel.</source>
        <translation>Das Brett hat seinen eigenen Zoom: Strg mit + oder -, oder das Rad.</translation>
    </message>
    <message>
        <source>The cast as CSV</source>
        <translation>Die Besetzung als CSV</translation>
    </message>
    <message>
        <source>The cast as a table</source>
        <translation>Die Besetzung als Tabelle</translation>
    </message>
    <message>
        <source>The cast from CSV</source>
        <translation>Die Besetzung aus CSV</translation>
    </message>
    <message>
        <source>The cast is locked. Unlock it in View, Cast locked.</source>
        <translation>Die Besetzung ist gesperrt. Entsperre sie in Ansicht, Besetzung gesperrt.</translation>
    </message>
    <message>
        <source>The cells of a motif are laid whole, where each of them meets its like.</source>
        <translation>Die Zellen eines Motivs werden ganz gelegt, wo jede auf ihresgleichen trifft.</translation>
    </message>
    <message>
        <source>The demo, Lantern Weir</source>
        <translation>Die Demo, Lantern Weir</translation>
    </message>
    <message>
        <source>The end of the game is reached.</source>
        <translation>Das Ende des Spiels ist erreicht.</translation>
    </message>
    <message>
        <source>The file as it will be</source>
        <translation>Die Datei, wie sie sein wird</translation>
    </message>
    <message>
        <source>The first at tick</source>
        <translation>Der erste in Takt</translation>
    </message>
    <message>
        <source>The form that the tile looks like: matter can be laid by it, once cells are selected.</source>
        <translation>Die Form, nach der die Kachel aussieht: Stoff lässt sich danach legen, wenn Zellen gewählt sind.</translation>
    </message>
    <message>
        <source>The frame of %1, %2 × %3 px.</source>
        <translation>Der Rahmen von %1, %2 × %3 px.</translation>
    </message>
    <message>
        <source>The game</source>
        <translation>Das Spiel</translation>
    </message>
    <message>
        <source>The game: what leads where, what is counted (0)</source>
        <translation>Das Spiel: was wohin führt, was gezählt wird (0)</translation>
    </message>
    <message>
        <source>The given keys again</source>
        <translation>Wieder die vorgesehenen Tasten</translation>
    </message>
    <message>
        <source>The guide is not beside the program: install the program again, or start it from where it was built.</source>
        <translation>Das Handbuch liegt nicht beim Programm: installiere das Programm neu oder starte es, wo es gebaut wurde.</translation>
    </message>
    <message>
        <source>The half of the cell that is nearest to the pointer.</source>
        <translation>Die Hälfte der Zelle, die dem Zeiger am nächsten ist.</translation>
    </message>
    <message>
        <source>The highest and the farthest jump, at the pointer.</source>
        <translation>Der höchste und der weiteste Sprung, am Zeiger.</translation>
    </message>
    <message>
        <source>The image %1 cannot be read.</source>
        <translation>Das Bild %1 ist nicht lesbar.</translation>
    </message>
    <message>
        <source>The image, with the tiles that it is cut into</source>
        <translation>Das Bild mit den Kacheln, in die es geschnitten wird</translation>
    </message>
    <message>
        <source>The jump, drawn to scale in cells</source>
        <translation>Der Sprung, maßstäblich in Zellen</translation>
    </message>
    <message>
        <source>The kit board from above and aslant. Works like the plan.</source>
        <translation>Das Bausatzbrett schräg von oben. Bedient sich wie der Grundriss.</translation>
    </message>
    <message>
        <source>The kit board in depth. Works like the plan; Ctrl and arrows turn it.</source>
        <translation>Das Bausatzbrett in die Tiefe. Wie der Plan zu bedienen; Strg und Pfeile drehen es.</translation>
    </message>
    <message>
        <source>The kit has no floor of one module, or no piece for paths.</source>
        <translation>Der Bausatz hat keinen Boden von einem Modul oder kein Bauteil für Pfade.</translation>
    </message>
    <message>
        <source>The last run that was played here must stay possible</source>
        <translation>Der letzte hier gespielte Lauf muss möglich bleiben</translation>
    </message>
    <message>
        <source>The level changed meanwhile: the preview is made anew.</source>
        <translation>Das Level änderte sich inzwischen: die Vorschau wird neu gemacht.</translation>
    </message>
    <message>
        <source>The level has changed meanwhile. Fill it once more.</source>
        <translation>Das Level hat sich inzwischen geändert. Fülle es noch einmal.</translation>
    </message>
    <message>
        <source>The level is too large for the fewest.</source>
        <translation>Das Level ist zu groß für die wenigsten.</translation>
    </message>
    <message>
        <source>The level. Draw and place here; the wheel zooms.</source>
        <translation>Das Level. Hier zeichnen und setzen; das Rad zoomt.</translation>
    </message>
    <message>
        <source>The levels of the game, in the order of play. The mark of each says whether it is proven that it can be played through.</source>
        <translation>Die Level des Spiels in der Reihenfolge, in der man sie spielt. Das Zeichen an jedem sagt, ob bewiesen ist, dass man es durchspielen kann.</translation>
    </message>
    <message>
        <source>The line at</source>
        <translation>Die Linie bei</translation>
    </message>
    <message>
        <source>The link cannot listen: %1.</source>
        <translation>Die Verbindung kann nicht lauschen: %1.</translation>
    </message>
    <message>
        <source>The link's place cannot be written (%1).</source>
        <translation>Der Ort der Verbindung lässt sich nicht schreiben (%1).</translation>
    </message>
    <message>
        <source>The list of all files with their hashes.</source>
        <translation>Die Liste aller Dateien mit ihren Prüfsummen.</translation>
    </message>
    <message>
        <source>The masses are locked. Unlock them in View, Masses locked.</source>
        <translation>Die Massen sind gesperrt. Entsperre sie in Ansicht, Massen gesperrt.</translation>
    </message>
    <message>
        <source>The model in hand, on its modules</source>
        <translation>Das Modell in der Hand, auf seinen Modulen</translation>
    </message>
    <message>
        <source>The nearest case stands in for these.</source>
        <translation>Für diese springt der nächste Fall ein.</translation>
    </message>
    <message>
        <source>The nearest case stands in. And %1 more.</source>
        <translation>Der nächste Fall springt ein. Und %1 mehr.</translation>
    </message>
    <message>
        <source>The nearest colour that is known, %1 away</source>
        <translation>Die nächste bekannte Farbe, %1 entfernt</translation>
    </message>
    <message>
        <source>The next save writes over them.</source>
        <translation>Das nächste Sichern überschreibt sie.</translation>
    </message>
    <message>
        <source>The other window has left this project: it is yours now.</source>
        <translation>Das andere Fenster hat das Projekt verlassen: jetzt ist es deins.</translation>
    </message>
    <message>
        <source>The page</source>
        <translation>Die Seite</translation>
    </message>
    <message>
        <source>The patch shows all cases. Take tiles from the sheet and dress it.</source>
        <translation>Der Fleck zeigt alle Fälle. Nimm Kacheln vom Bogen und kleide ihn.</translation>
    </message>
    <message>
        <source>The picture %1 cannot be read.</source>
        <translation>Das Bild %1 ist nicht lesbar.</translation>
    </message>
    <message>
        <source>The picture as it will be</source>
        <translation>Das Bild, wie es sein wird</translation>
    </message>
    <message>
        <source>The picture lies under the board of %1, to be traced.</source>
        <translation>Das Bild liegt unter dem Brett von %1, zum Nachzeichnen.</translation>
    </message>
    <message>
        <source>The port is</source>
        <translation>Der Anschluss ist</translation>
    </message>
    <message>
        <source>The project</source>
        <translation>Das Projekt</translation>
    </message>
    <message>
        <source>The project %1 was never saved.</source>
        <translation>Das Projekt %1 wurde nie gesichert.</translation>
    </message>
    <message>
        <source>The project folder to open, or its rookplot.json.</source>
        <translation>Der Projektordner, der geöffnet wird, oder seine rookplot.json.</translation>
    </message>
    <message>
        <source>The project has changed meanwhile. Take them in once more.</source>
        <translation>Das Projekt hat sich inzwischen geändert. Übernimm sie noch einmal.</translation>
    </message>
    <message>
        <source>The project has changes that are not saved. Discard them?</source>
        <translation>Das Projekt hat ungesicherte Änderungen. Verwerfen?</translation>
    </message>
    <message>
        <source>The right button gives back a plain slot, takes a mark off or the topmost colour.</source>
        <translation>Die rechte Taste macht einen Platz schlicht, nimmt eine Marke oder die oberste Farbe weg.</translation>
    </message>
    <message>
        <source>The running order</source>
        <translation>Die Spielfolge</translation>
    </message>
    <message>
        <source>The selection is at the edge of the level.</source>
        <translation>Die Auswahl liegt am Rand des Levels.</translation>
    </message>
    <message>
        <source>The sheet %1 has no picture that can be read. Choose its file in Skin.</source>
        <translation>Der Bogen %1 hat kein lesbares Bild. Wähle seine Datei in Kleiden.</translation>
    </message>
    <message>
        <source>The sheet that is shown above, by tiles that lie alike.</source>
        <translation>Den Bogen, der oben gezeigt wird, durch Kacheln, die gleich liegen.</translation>
    </message>
    <message>
        <source>The table says what stands here already.</source>
        <translation>Die Tabelle sagt, was hier schon steht.</translation>
    </message>
    <message>
        <source>The tiles in hand, left for right.</source>
        <translation>Die Kacheln in der Hand, links gegen rechts.</translation>
    </message>
    <message>
        <source>The tiles in hand, top for bottom.</source>
        <translation>Die Kacheln in der Hand, oben gegen unten.</translation>
    </message>
    <message>
        <source>The verdict, and what was found. F3 goes from one to the next; many have a fix that is one click, and one undo.</source>
        <translation>Das Urteil und was gefunden wurde. F3 geht von einem zum nächsten; vieles behebt ein Klick, und der ist ein Schritt für Rückgängig.</translation>
    </message>
    <message>
        <source>The wash is every place that a player can get to, to the pixel. While one draws, it follows. Ctrl and a click show a run to that place.</source>
        <translation>Die Tönung ist jeder Ort, an den ein Spieler kommt, aufs px genau. Beim Zeichnen folgt sie. Strg und ein Klick zeigen einen Lauf dorthin.</translation>
    </message>
    <message>
        <source>The whole board, with who walks on it</source>
        <translation>Das ganze Brett, mit dem, der darauf geht</translation>
    </message>
    <message>
        <source>The whole board.</source>
        <translation>Das ganze Brett.</translation>
    </message>
    <message>
        <source>The whole image is one tile</source>
        <translation>Das ganze Bild ist eine Kachel</translation>
    </message>
    <message>
        <source>The words</source>
        <translation>Der Text</translation>
    </message>
    <message>
        <source>Theirs</source>
        <translation>Ihres</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Thema</translation>
    </message>
    <message>
        <source>Theme of a new swatch</source>
        <translation>Thema einer neuen Probe</translation>
    </message>
    <message>
        <source>Themes are named where swatches are made, in Skin.</source>
        <translation>Themen bekommen ihre Namen, wo man Proben macht, in Kleiden.</translation>
    </message>
    <message>
        <source>There and back</source>
        <translation>Hin und zurück</translation>
    </message>
    <message>
        <source>There are no findings in this level.</source>
        <translation>In diesem Level gibt es keine Befunde.</translation>
    </message>
    <message>
        <source>There is no kit that they could become pieces of. Make a level of pieces first.</source>
        <translation>Es gibt keinen Baukasten, dessen Teile sie werden könnten. Mach zuerst ein Level aus Teilen.</translation>
    </message>
    <message>
        <source>There is no room of twelve cells or more.</source>
        <translation>Es gibt keinen Raum von zwölf oder mehr Zellen.</translation>
    </message>
    <message>
        <source>There is no route to follow yet (S).</source>
        <translation>Es gibt noch keine Route (S).</translation>
    </message>
    <message>
        <source>There is no target yet: choose a format in the tray.</source>
        <translation>Noch keine Ausgabe: wähle ein Format in der Ablage.</translation>
    </message>
    <message>
        <source>There is nothing to paste yet: copy some cells first.</source>
        <translation>Noch nichts einzufügen: erst Zellen kopieren.</translation>
    </message>
    <message>
        <source>There is nothing to paste yet: copy some marks first.</source>
        <translation>Noch nichts einzufügen: erst Striche kopieren.</translation>
    </message>
    <message>
        <source>They are given back to the dressing.</source>
        <translation>Sie gehen an die Kleidung zurück.</translation>
    </message>
    <message>
        <source>They are pieces now; undo takes them back.</source>
        <translation>Sie sind jetzt Teile; Rückgängig nimmt sie zurück.</translation>
    </message>
    <message>
        <source>They keep the tiles that are seen now.</source>
        <translation>Sie behalten die Kacheln, die man jetzt sieht.</translation>
    </message>
    <message>
        <source>Thickness of a frame, cells</source>
        <translation>Dicke eines Rahmens, Zellen</translation>
    </message>
    <message>
        <source>Thickness, 0 fills</source>
        <translation>Dicke, 0 füllt</translation>
    </message>
    <message>
        <source>Thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>Things of the scene (D) are counted here: what is there already, and what must still be made.</source>
        <translation>Dinge der Szene (D) werden hier gezählt: was schon da ist und was noch zu machen ist.</translation>
    </message>
    <message>
        <source>Things reached</source>
        <translation>Erreichtes</translation>
    </message>
    <message>
        <source>This book cannot be shown.</source>
        <translation>Dieses Buch lässt sich nicht zeigen.</translation>
    </message>
    <message>
        <source>This can no longer be solved</source>
        <translation>Das ist nicht mehr lösbar</translation>
    </message>
    <message>
        <source>This file goes.</source>
        <translation>Diese Datei geht weg.</translation>
    </message>
    <message>
        <source>This is no call of JSON-RPC 2.0</source>
        <translation>Das ist kein Aufruf von JSON-RPC 2.0</translation>
    </message>
    <message>
        <source>This is your own copy of the demo, in %1.</source>
        <translation>Das ist deine eigene Kopie der Demo, in %1.</translation>
    </message>
    <message>
        <source>This level has no kit yet.</source>
        <translation>Dieses Level hat noch keinen Bausatz.</translation>
    </message>
    <message>
        <source>This level is too large for a preview.</source>
        <translation>Dieses Level ist zu groß für eine Vorschau.</translation>
    </message>
    <message>
        <source>This matter has a field of that name already.</source>
        <translation>Dieser Stoff hat schon ein Feld dieses Namens.</translation>
    </message>
    <message>
        <source>This takes hold when the window is opened next.</source>
        <translation>Das gilt, wenn das Fenster wieder geöffnet wird.</translation>
    </message>
    <message>
        <source>Those of a group are chosen together.</source>
        <translation>Was zu einer Gruppe gehört, wird zusammen gewählt.</translation>
    </message>
    <message>
        <source>Those that it may be placed in: 0 1 2 3</source>
        <translation>Die, in denen er stehen darf: 0 1 2 3</translation>
    </message>
    <message>
        <source>Tick of the run</source>
        <translation>Takt des Laufs</translation>
    </message>
    <message>
        <source>Tightest</source>
        <translation>Engste Stelle</translation>
    </message>
    <message>
        <source>Tile height</source>
        <translation>Kachelhöhe</translation>
    </message>
    <message>
        <source>Tile width</source>
        <translation>Kachelbreite</translation>
    </message>
    <message>
        <source>Tiles in</source>
        <translation>Kacheln in</translation>
    </message>
    <message>
        <source>Tiles in hand</source>
        <translation>Kacheln in der Hand</translation>
    </message>
    <message>
        <source>Tiles of</source>
        <translation>Kacheln von</translation>
    </message>
    <message>
        <source>Tiles of %1</source>
        <translation>Kacheln von %1</translation>
    </message>
    <message>
        <source>Tiles of the sheet</source>
        <translation>Kacheln des Bogens</translation>
    </message>
    <message>
        <source>Time to the top</source>
        <translation>Zeit bis oben</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Title of the piece</source>
        <translation>Titel des Bauteils</translation>
    </message>
    <message>
        <source>To CSV …</source>
        <translation>Als CSV …</translation>
    </message>
    <message>
        <source>To a slot marked</source>
        <translation>Auf einen Platz mit Marke</translation>
    </message>
    <message>
        <source>To the right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Tools lay</source>
        <translation>Werkzeuge legen</translation>
    </message>
    <message>
        <source>Top border</source>
        <translation>Oberer Rand</translation>
    </message>
    <message>
        <source>Tread, cells</source>
        <translation>Auftritt, Zellen</translation>
    </message>
    <message>
        <source>Tread: length of a step, cells</source>
        <translation>Auftritt: Länge einer Stufe, Zellen</translation>
    </message>
    <message>
        <source>Treads</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Triangles</source>
        <translation>Dreiecke</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Turn &amp;left</source>
        <translation>Nach &amp;links drehen</translation>
    </message>
    <message>
        <source>Turn &amp;right</source>
        <translation>Nach &amp;rechts drehen</translation>
    </message>
    <message>
        <source>Turn left</source>
        <translation>Nach links drehen</translation>
    </message>
    <message>
        <source>Turn right</source>
        <translation>Nach rechts drehen</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Gedreht um</translation>
    </message>
    <message>
        <source>Turned by %1 degrees</source>
        <translation>Um %1 Grad gedreht</translation>
    </message>
    <message>
        <source>Turns</source>
        <translation>Dreht sich</translation>
    </message>
    <message>
        <source>Turns at px</source>
        <translation>Kehrt um bei px</translation>
    </message>
    <message>
        <source>Two levels to run and jump in, with foes, a lift and keys</source>
        <translation>Zwei Level zum Laufen und Springen, mit Gegnern, Lift und Schlüsseln</translation>
    </message>
    <message>
        <source>Type</source>
        <translation>Typ</translation>
    </message>
    <message>
        <source>Type of the new field</source>
        <translation>Typ des neuen Felds</translation>
    </message>
    <message>
        <source>Underlay</source>
        <translation>Vorlage</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Units</source>
        <translation>Einheiten</translation>
    </message>
    <message>
        <source>Up is</source>
        <translation>Oben ist</translation>
    </message>
    <message>
        <source>Up to</source>
        <translation>Bis zu</translation>
    </message>
    <message>
        <source>Up, Down: choose.  Enter: do it.  Esc: back.</source>
        <translation>Auf, Ab: wählen.  Enter: tun.  Esc: zurück.</translation>
    </message>
    <message>
        <source>Up, take hold</source>
        <translation>Oben, festhalten</translation>
    </message>
    <message>
        <source>Use, open a door</source>
        <translation>Benutzen, Tür öffnen</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Vary</source>
        <translation>Variieren</translation>
    </message>
    <message>
        <source>Vary the level</source>
        <translation>Das Level variieren</translation>
    </message>
    <message>
        <source>Vary …</source>
        <translation>Variieren …</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Verdigris</source>
        <translation>Grünspan</translation>
    </message>
    <message>
        <source>Vermilion</source>
        <translation>Zinnober</translation>
    </message>
    <message>
        <source>Version</source>
        <translation>Version</translation>
    </message>
    <message>
        <source>View in depth</source>
        <translation>Ansicht in die Tiefe</translation>
    </message>
    <message>
        <source>Waits</source>
        <translation>Wartet</translation>
    </message>
    <message>
        <source>Walk</source>
        <translation>Probelauf</translation>
    </message>
    <message>
        <source>Walk from</source>
        <translation>Laufen ab</translation>
    </message>
    <message>
        <source>Walk from the &amp;pointer</source>
        <translation>Probelauf ab &amp;Zeiger</translation>
    </message>
    <message>
        <source>Walk it through</source>
        <translation>Durchlaufen</translation>
    </message>
    <message>
        <source>Walk with</source>
        <translation>Laufen mit</translation>
    </message>
    <message>
        <source>Walk with this much of: %1</source>
        <translation>Mit so viel laufen von: %1</translation>
    </message>
    <message>
        <source>Walk: play the level here</source>
        <translation>Probelauf: das Level hier spielen</translation>
    </message>
    <message>
        <source>Wall push</source>
        <translation>Wandstoß</translation>
    </message>
    <message>
        <source>Walls are thick</source>
        <translation>Wände sind dick</translation>
    </message>
    <message>
        <source>Walls of rooms</source>
        <translation>Wände von Räumen</translation>
    </message>
    <message>
        <source>Walls that stand before their room are cut low</source>
        <translation>Wände, die vor ihrem Raum stehen, werden niedrig geschnitten</translation>
    </message>
    <message>
        <source>Ways as short</source>
        <translation>Gleich kurze Wege</translation>
    </message>
    <message>
        <source>Ways of foes</source>
        <translation>Wege der Gegner</translation>
    </message>
    <message>
        <source>Ways of foes and members that come round within</source>
        <translation>Wege von Gegnern und Mitgliedern, die herumkommen in</translation>
    </message>
    <message>
        <source>Wedge</source>
        <translation>Keil</translation>
    </message>
    <message>
        <source>What %1 stands for</source>
        <translation>Wofür %1 steht</translation>
    </message>
    <message>
        <source>What a death costs</source>
        <translation>Was ein Tod kostet</translation>
    </message>
    <message>
        <source>What a lasting pickup of any level grants is held nowhere until it was gained or carried.</source>
        <translation>Was ein bleibender Fund irgendeines Levels verleiht, hat man nirgends, bis man es gewonnen oder mitgebracht hat.</translation>
    </message>
    <message>
        <source>What a move is</source>
        <translation>Was ein Zug ist</translation>
    </message>
    <message>
        <source>What and where</source>
        <translation>Was und wo</translation>
    </message>
    <message>
        <source>What changed on the disk cannot be read.</source>
        <translation>Was sich auf der Platte änderte, ist nicht lesbar.</translation>
    </message>
    <message>
        <source>What changed on the disk is in; undo takes it out again. Nothing is saved yet.</source>
        <translation>Was sich auf der Platte änderte, ist da; Rückgängig nimmt es heraus. Noch ist nichts gesichert.</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Was möchtest du tun?</translation>
    </message>
    <message>
        <source>What do you want to do? Such as: moving platform</source>
        <translation>Was möchtest du tun? Etwa: bewegliche Plattform</translation>
    </message>
    <message>
        <source>What does it say?</source>
        <translation>Was steht da?</translation>
    </message>
    <message>
        <source>What follows from a change is told here first.</source>
        <translation>Was aus einer Änderung folgt, steht erst hier.</translation>
    </message>
    <message>
        <source>What follows the last level</source>
        <translation>Was auf das letzte Level folgt</translation>
    </message>
    <message>
        <source>What grows beside surfaces comes in patches of so many cells.</source>
        <translation>Was neben Flächen wächst, kommt in Flecken von so vielen Zellen.</translation>
    </message>
    <message>
        <source>What grows with it</source>
        <translation>Was mit ihm wächst</translation>
    </message>
    <message>
        <source>What is asked for</source>
        <translation>Was verlangt wird</translation>
    </message>
    <message>
        <source>What is assumed in hand</source>
        <translation>Was als vorhanden gilt</translation>
    </message>
    <message>
        <source>What is carried</source>
        <translation>Was mitgenommen wird</translation>
    </message>
    <message>
        <source>What is far is as large as what is near</source>
        <translation>Fernes ist so groß wie Nahes</translation>
    </message>
    <message>
        <source>What is it?</source>
        <translation>Was ist es?</translation>
    </message>
    <message>
        <source>What is placed comes to stand by its kind's rule: on the floor, under the ceiling, at the wall.</source>
        <translation>Was gesetzt wird, kommt nach der Regel seiner Art zu stehen: auf den Boden, unter die Decke, an die Wand.</translation>
    </message>
    <message>
        <source>What is strewn becomes tiles, things or matter of the level's own.</source>
        <translation>Das Gestreute wird zu eigenen Kacheln, Dingen oder Stoff des Levels.</translation>
    </message>
    <message>
        <source>What is to be put, a stack a line, from the bottom up:</source>
        <translation>Was zu legen ist, je Zeile ein Stapel, von unten nach oben:</translation>
    </message>
    <message>
        <source>What is wanted</source>
        <translation>Was gewünscht ist</translation>
    </message>
    <message>
        <source>What is wrong, and what to do</source>
        <translation>Was falsch ist und was zu tun ist</translation>
    </message>
    <message>
        <source>What it has written stays where it is</source>
        <translation>Was sie geschrieben hat, bleibt, wo es ist</translation>
    </message>
    <message>
        <source>What it is</source>
        <translation>Was es ist</translation>
    </message>
    <message>
        <source>What it is called</source>
        <translation>Wie er heißt</translation>
    </message>
    <message>
        <source>What its cells become</source>
        <translation>Was aus seinen Zellen wird</translation>
    </message>
    <message>
        <source>What refers to what, as lines.</source>
        <translation>Was sich worauf bezieht, als Linien.</translation>
    </message>
    <message>
        <source>What the file is</source>
        <translation>Was die Datei ist</translation>
    </message>
    <message>
        <source>What the tools lay on it: tiles by hand, or a matter that is dressed as the masses are and that nobody bumps into.</source>
        <translation>Was die Werkzeuge darauf legen: Kacheln von Hand, oder einen Stoff, der wie die Massen gekleidet ist und an den niemand stößt.</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>What was kept of this project is being read.</source>
        <translation>Was von diesem Projekt behalten wurde, wird gelesen.</translation>
    </message>
    <message>
        <source>What was laid stays as cells.</source>
        <translation>Gelegtes bleibt als Zellen.</translation>
    </message>
    <message>
        <source>What who walks sees; drag to look about, V chooses</source>
        <translation>Was der Gehende sieht; Ziehen blickt umher, V wählt</translation>
    </message>
    <message>
        <source>What would be lost is told here first.</source>
        <translation>Was verloren ginge, steht erst hier.</translation>
    </message>
    <message>
        <source>When it is on, in each period</source>
        <translation>Wann es an ist, in jeder Periode</translation>
    </message>
    <message>
        <source>When it is shown</source>
        <translation>Wann er gezeigt wird</translation>
    </message>
    <message>
        <source>When one can pass through a formation.</source>
        <translation>Wann man durch eine Formation kommt.</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>Where files lie</source>
        <translation>Wo Dateien liegen</translation>
    </message>
    <message>
        <source>Where foes and members are in each tick, for games that do not work it out. Longer ways are left out, so that files stay small.</source>
        <translation>Wo Gegner und Mitglieder in jedem Takt sind, für Spiele, die es nicht selbst ausrechnen. Längere Wege bleiben weg, damit Dateien klein bleiben.</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Wohin sie kommt</translation>
    </message>
    <message>
        <source>Where it is shown</source>
        <translation>Wo er gezeigt wird</translation>
    </message>
    <message>
        <source>Where it leads</source>
        <translation>Wohin er führt</translation>
    </message>
    <message>
        <source>Where it still stands as it was laid, too.</source>
        <translation>Auch wo er noch so steht, wie er gelegt wurde.</translation>
    </message>
    <message>
        <source>Where the game carries keys, it opens what keys of this kind and letter open in later levels.</source>
        <translation>Wo das Spiel Schlüssel mitnimmt, öffnet es, was Schlüssel dieser Art und dieses Buchstabens in späteren Leveln öffnen.</translation>
    </message>
    <message>
        <source>Where to look from</source>
        <translation>Von wo man blickt</translation>
    </message>
    <message>
        <source>While it is held one moves by that profile: its body is as large. Profiles are made in Prove, under Motion.</source>
        <translation>Solange man es hat, bewegt man sich nach jenem Profil: sein Körper ist gleich groß. Profile macht man in Prüfen, unter Bewegung.</translation>
    </message>
    <message>
        <source>Who comes here so cannot finish the game any more</source>
        <translation>Wer so hierher kommt, kann das Spiel nicht mehr beenden</translation>
    </message>
    <message>
        <source>Who stands may swap to it and back (Q in Walk). Its body is as large.</source>
        <translation>Wer steht, darf zu ihm und zurück wechseln (Q im Probelauf). Sein Körper ist gleich groß.</translation>
    </message>
    <message>
        <source>Whole cells.</source>
        <translation>Ganze Zellen.</translation>
    </message>
    <message>
        <source>Whose counts? Both keeps mine as a level of its own. Undo takes it back.</source>
        <translation>Was gilt? Beide behält meins als eigenes Level. Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>Wide</source>
        <translation>Breit</translation>
    </message>
    <message>
        <source>Wide, px</source>
        <translation>Breit, px</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Width of the margin: arrows</source>
        <translation>Breite des Seitenrands: Pfeile</translation>
    </message>
    <message>
        <source>Width, cells</source>
        <translation>Breite, Zellen</translation>
    </message>
    <message>
        <source>Width, px</source>
        <translation>Breite, px</translation>
    </message>
    <message>
        <source>Will be made: %1</source>
        <translation>Entsteht: %1</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>Wish for comfort</source>
        <translation>Spielraum wünschen</translation>
    </message>
    <message>
        <source>With --shots: only these, apart by commas: %1.</source>
        <translation>Mit --shots: nur diese, durch Kommas getrennt: %1.</translation>
    </message>
    <message>
        <source>With a region, it is proven whether the player can go without.</source>
        <translation>Mit einem Bereich wird bewiesen, ob der Spieler ohne auskommt.</translation>
    </message>
    <message>
        <source>Within</source>
        <translation>Innerhalb</translation>
    </message>
    <message>
        <source>Without a rule there is nothing to mix. Choose one first.</source>
        <translation>Ohne Regel ist nichts zu mischen. Erst eine wählen.</translation>
    </message>
    <message>
        <source>Without choice</source>
        <translation>Ohne Wahl</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Texte</translation>
    </message>
    <message>
        <source>Words are read</source>
        <translation>Text ist gelesen</translation>
    </message>
    <message>
        <source>Work that is not saved yet</source>
        <translation>Noch nicht gesicherte Arbeit</translation>
    </message>
    <message>
        <source>Work that was not saved was kept at %1.</source>
        <translation>Ungesicherte Arbeit wurde um %1 behalten.</translation>
    </message>
    <message>
        <source>Worth, beaten</source>
        <translation>Wert, besiegt</translation>
    </message>
    <message>
        <source>Write</source>
        <translation>Schreiben</translation>
    </message>
    <message>
        <source>Write CSV …</source>
        <translation>CSV schreiben …</translation>
    </message>
    <message>
        <source>Write a table a counter into a folder</source>
        <translation>Je Stein eine Tabelle in einen Ordner schreiben</translation>
    </message>
    <message>
        <source>Write all</source>
        <translation>Alle schreiben</translation>
    </message>
    <message>
        <source>Write kinds …</source>
        <translation>Arten schreiben …</translation>
    </message>
    <message>
        <source>Write one a counter …</source>
        <translation>Je Stein eine schreiben …</translation>
    </message>
    <message>
        <source>Write one picture of each main view to this folder and end.</source>
        <translation>Je ein Bild jeder Hauptansicht in diesen Ordner schreiben und enden.</translation>
    </message>
    <message>
        <source>Write over</source>
        <translation>Überschreiben</translation>
    </message>
    <message>
        <source>Write placements</source>
        <translation>Aufstellungen schreiben</translation>
    </message>
    <message>
        <source>Write the pictures of the guide to this folder and end.</source>
        <translation>Die Bilder des Handbuchs in diesen Ordner schreiben und enden.</translation>
    </message>
    <message>
        <source>Write the target %1</source>
        <translation>Ausgabe %1 schreiben</translation>
    </message>
    <message>
        <source>Writing …</source>
        <translation>Wird geschrieben …</translation>
    </message>
    <message>
        <source>Written</source>
        <translation>Geschrieben</translation>
    </message>
    <message>
        <source>Wrote %1.</source>
        <translation>%1 geschrieben.</translation>
    </message>
    <message>
        <source>Your copy of the demo</source>
        <translation>Deine Kopie der Demo</translation>
    </message>
    <message>
        <source>Your own copy: change what you like</source>
        <translation>Deine eigene Kopie: ändere, was du willst</translation>
    </message>
    <message>
        <source>Zone</source>
        <translation>Zone</translation>
    </message>
    <message>
        <source>Zones</source>
        <translation>Zonen</translation>
    </message>
    <message>
        <source>Zones, and where bodies cross from one to another.</source>
        <translation>Zonen, und wo Körper von einer in die andere kommen.</translation>
    </message>
    <message>
        <source>Zoom &amp;in</source>
        <translation>&amp;Größer</translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation>&amp;Kleiner</translation>
    </message>
    <message>
        <source>a block</source>
        <translation>einem Block</translation>
    </message>
    <message>
        <source>a copy of a level</source>
        <translation>einer Kopie</translation>
    </message>
    <message>
        <source>a cursor on the board, and its click</source>
        <translation>ein Zeiger auf dem Brett und sein Klick</translation>
    </message>
    <message>
        <source>a cut</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>a dead end</source>
        <translation>eine Sackgasse</translation>
    </message>
    <message>
        <source>a dead end %1</source>
        <translation>eine Sackgasse %1</translation>
    </message>
    <message>
        <source>a dead end for some</source>
        <translation>eine Sackgasse für manche</translation>
    </message>
    <message>
        <source>a door, a hole</source>
        <translation>Tür, Loch</translation>
    </message>
    <message>
        <source>a door; drag: a hole of any size</source>
        <translation>eine Tür; Ziehen: ein Loch beliebiger Größe</translation>
    </message>
    <message>
        <source>a fade</source>
        <translation>Blenden</translation>
    </message>
    <message>
        <source>a folder of plain files</source>
        <translation>ein Ordner mit einfachen Dateien</translation>
    </message>
    <message>
        <source>a layout of your own, by a script</source>
        <translation>eine eigene Form, durch ein Skript</translation>
    </message>
    <message>
        <source>a level of a bundle</source>
        <translation>ein Level eines Bündels</translation>
    </message>
    <message>
        <source>a module</source>
        <translation>ein Modul</translation>
    </message>
    <message>
        <source>a move of the solution back, on</source>
        <translation>ein Zug der Lösung zurück, weiter</translation>
    </message>
    <message>
        <source>a new level</source>
        <translation>ein neues Level</translation>
    </message>
    <message>
        <source>a picture</source>
        <translation>einem Bild</translation>
    </message>
    <message>
        <source>a picture under the board</source>
        <translation>ein Bild unter dem Brett</translation>
    </message>
    <message>
        <source>a piece of the kit</source>
        <translation>ein Teil des Bausatzes</translation>
    </message>
    <message>
        <source>a post, a tower</source>
        <translation>Pfosten, Turm</translation>
    </message>
    <message>
        <source>a puzzle</source>
        <translation>ein Rätsel</translation>
    </message>
    <message>
        <source>a px a cell, out and in</source>
        <translation>ein px je Zelle, hinaus und herein</translation>
    </message>
    <message>
        <source>a quarter clockwise</source>
        <translation>Vierteldrehung rechts</translation>
    </message>
    <message>
        <source>a quarter wide</source>
        <translation>ein Viertel breit</translation>
    </message>
    <message>
        <source>a room by number; on a wall, a door</source>
        <translation>ein Raum nach Zahlen; auf einer Wand eine Tür</translation>
    </message>
    <message>
        <source>a room: open space</source>
        <translation>ein Raum: offener Platz</translation>
    </message>
    <message>
        <source>a sheet of tiles</source>
        <translation>ein Bogen Kacheln</translation>
    </message>
    <message>
        <source>a slide</source>
        <translation>Schieben</translation>
    </message>
    <message>
        <source>a slope</source>
        <translation>eine Schräge</translation>
    </message>
    <message>
        <source>a storey</source>
        <translation>ein Geschoss</translation>
    </message>
    <message>
        <source>a storey up, down</source>
        <translation>ein Geschoss hinauf, hinunter</translation>
    </message>
    <message>
        <source>a swatch</source>
        <translation>eine Probe</translation>
    </message>
    <message>
        <source>a text grid</source>
        <translation>ein Textraster</translation>
    </message>
    <message>
        <source>a wall of a room, or drag over it</source>
        <translation>eine Wand eines Raums, oder darüber ziehen</translation>
    </message>
    <message>
        <source>abilities</source>
        <translation>Fähigkeiten</translation>
    </message>
    <message>
        <source>abilities double jump wall dash try without</source>
        <translation>fähigkeiten doppelsprung wand ohne probieren</translation>
    </message>
    <message>
        <source>above</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>across, with commas</source>
        <translation>x, mit Kommas</translation>
    </message>
    <message>
        <source>add create modular pieces 3d</source>
        <translation>anlegen neu modular bauteile 3d</translation>
    </message>
    <message>
        <source>add create side above top-down puzzle room map</source>
        <translation>anlegen neu seite oben draufsicht rätsel raum karte</translation>
    </message>
    <message>
        <source>add to the selection</source>
        <translation>zur Auswahl dazu</translation>
    </message>
    <message>
        <source>again forward</source>
        <translation>wiederholen vorwärts nochmal</translation>
    </message>
    <message>
        <source>air jump</source>
        <translation>Luftsprung</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>all cases are shown</source>
        <translation>alle Fälle sind gezeigt</translation>
    </message>
    <message>
        <source>all levels</source>
        <translation>alle Level</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>all storeys</source>
        <translation>alle Geschosse</translation>
    </message>
    <message>
        <source>all that a game loads, with proofs</source>
        <translation>alles, was ein Spiel lädt, mit Beweisen</translation>
    </message>
    <message>
        <source>all that is placed</source>
        <translation>alles Gesetzte</translation>
    </message>
    <message>
        <source>all ways</source>
        <translation>alle Richtungen</translation>
    </message>
    <message>
        <source>along its track</source>
        <translation>auf seiner Bahn</translation>
    </message>
    <message>
        <source>among the cast</source>
        <translation>in der Besetzung</translation>
    </message>
    <message>
        <source>an image map, a px a cell</source>
        <translation>ein Zellenbild, ein px je Zelle</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 mehr</translation>
    </message>
    <message>
        <source>and goes into</source>
        <translation>und kommt in</translation>
    </message>
    <message>
        <source>and where they lead</source>
        <translation>und wohin sie führen</translation>
    </message>
    <message>
        <source>anew in each level</source>
        <translation>neu in jedem Level</translation>
    </message>
    <message>
        <source>another size</source>
        <translation>andere Größe</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>any corner</source>
        <translation>jede Ecke</translation>
    </message>
    <message>
        <source>any kind</source>
        <translation>jede Art</translation>
    </message>
    <message>
        <source>any number of slots</source>
        <translation>beliebig viele Plätze</translation>
    </message>
    <message>
        <source>any spawn, by chance</source>
        <translation>irgendein Start, zufällig</translation>
    </message>
    <message>
        <source>any stacks</source>
        <translation>beliebigen Stapeln</translation>
    </message>
    <message>
        <source>any wall</source>
        <translation>jede Wand</translation>
    </message>
    <message>
        <source>anywhere</source>
        <translation>irgendwo</translation>
    </message>
    <message>
        <source>arc</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>arrows in the sheet</source>
        <translation>Pfeile im Bogen</translation>
    </message>
    <message>
        <source>art tiles graphics look dress autotile background</source>
        <translation>grafik kacheln aussehen anziehen hintergrund autotile</translation>
    </message>
    <message>
        <source>as before</source>
        <translation>wie zuvor</translation>
    </message>
    <message>
        <source>as exported</source>
        <translation>wie ausgegeben</translation>
    </message>
    <message>
        <source>as if</source>
        <translation>als ob</translation>
    </message>
    <message>
        <source>as it fits</source>
        <translation>wie es passt</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie sie ist</translation>
    </message>
    <message>
        <source>as its kind</source>
        <translation>wie seine Art</translation>
    </message>
    <message>
        <source>as large as the level</source>
        <translation>so groß wie das Level</translation>
    </message>
    <message>
        <source>as one comes near</source>
        <translation>wenn man naht</translation>
    </message>
    <message>
        <source>as room</source>
        <translation>als Raum</translation>
    </message>
    <message>
        <source>as the body needs</source>
        <translation>wie der Körper es braucht</translation>
    </message>
    <message>
        <source>as the level's</source>
        <translation>wie das Level</translation>
    </message>
    <message>
        <source>as the project: %1 %</source>
        <translation>wie das Projekt: %1 %</translation>
    </message>
    <message>
        <source>aside</source>
        <translation>seitlich</translation>
    </message>
    <message>
        <source>asset prop list parts placeholder</source>
        <translation>ding requisit liste teile platzhalter</translation>
    </message>
    <message>
        <source>at %1, %2</source>
        <translation>bei %1, %2</translation>
    </message>
    <message>
        <source>at a wall</source>
        <translation>an einer Wand</translation>
    </message>
    <message>
        <source>at first, then shuts</source>
        <translation>erst offen, dann zu</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>at least </source>
        <translation>mindestens </translation>
    </message>
    <message>
        <source>at least %1 %</source>
        <translation>mindestens %1 %</translation>
    </message>
    <message>
        <source>at the bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>at the end</source>
        <translation>am Ende</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>at the pointer</source>
        <translation>am Zeiger</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>at the start</source>
        <translation>am Anfang</translation>
    </message>
    <message>
        <source>at the top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>at times only</source>
        <translation>nur zu Zeiten</translation>
    </message>
    <message>
        <source>autotile auto-tiling rules edges corners theme</source>
        <translation>autotile kachelregeln kanten ecken thema</translation>
    </message>
    <message>
        <source>back revert take back mistake</source>
        <translation>zurück rückgängig fehler widerrufen</translation>
    </message>
    <message>
        <source>background picture parallax sky</source>
        <translation>hintergrund bild parallax himmel</translation>
    </message>
    <message>
        <source>bead</source>
        <translation>Perle</translation>
    </message>
    <message>
        <source>beads</source>
        <translation>Perlen</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>besiegen</translation>
    </message>
    <message>
        <source>beats foes</source>
        <translation>besiegt Gegner</translation>
    </message>
    <message>
        <source>before</source>
        <translation>davor</translation>
    </message>
    <message>
        <source>before an exit lets one out</source>
        <translation>bevor ein Ausgang einen hinauslässt</translation>
    </message>
    <message>
        <source>before the front layers</source>
        <translation>vor den vorderen Ebenen</translation>
    </message>
    <message>
        <source>before the level</source>
        <translation>vor dem Level</translation>
    </message>
    <message>
        <source>begins again</source>
        <translation>beginnt es von vorn</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>dahinter</translation>
    </message>
    <message>
        <source>behind the masses</source>
        <translation>hinter den Massen</translation>
    </message>
    <message>
        <source>being looked at</source>
        <translation>wird angesehen</translation>
    </message>
    <message>
        <source>being proven</source>
        <translation>wird bewiesen</translation>
    </message>
    <message>
        <source>being proven …</source>
        <translation>wird bewiesen …</translation>
    </message>
    <message>
        <source>being proven: %1 of %2</source>
        <translation>wird bewiesen: %1 von %2</translation>
    </message>
    <message>
        <source>being read</source>
        <translation>wird gelesen</translation>
    </message>
    <message>
        <source>being solved …</source>
        <translation>wird gelöst …</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>neben</translation>
    </message>
    <message>
        <source>beside arrows, W A S D and Space</source>
        <translation>neben Pfeilen, W A S D und Leertaste</translation>
    </message>
    <message>
        <source>billows</source>
        <translation>Wolken</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>block out box wedge stairs round opening door wall ceiling</source>
        <translation>ausblocken Quader Keil Treppe Säule Öffnung Tür Wand Decke</translation>
    </message>
    <message>
        <source>block out with plain solids</source>
        <translation>mit schlichten Körpern vorbauen</translation>
    </message>
    <message>
        <source>block what if shortcut bottleneck</source>
        <translation>sperren wenn abkürzung engstelle</translation>
    </message>
    <message>
        <source>blocked</source>
        <translation>blockiert</translation>
    </message>
    <message>
        <source>blockout terrain collision walls floors layout geometry</source>
        <translation>blockout gelände kollision wände böden grundriss geometrie</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>fett</translation>
    </message>
    <message>
        <source>bonus: %1</source>
        <translation>Zugabe: %1</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beides</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>bounce trampoline jump pad</source>
        <translation>abprallen trampolin sprungbrett</translation>
    </message>
    <message>
        <source>box</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>broken damaged recover mend</source>
        <translation>kaputt beschädigt retten reparieren</translation>
    </message>
    <message>
        <source>brush smaller, larger</source>
        <translation>Pinsel kleiner, größer</translation>
    </message>
    <message>
        <source>bucket flood replace swap matter</source>
        <translation>eimer füllen ersetzen tauschen stoff</translation>
    </message>
    <message>
        <source>bucket flood tile pattern</source>
        <translation>eimer füllen kachel muster</translation>
    </message>
    <message>
        <source>by</source>
        <translation>um</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>by %1, %2 s</source>
        <translation>durch %1, %2 s</translation>
    </message>
    <message>
        <source>by %1: not decided</source>
        <translation>durch %1: nicht entschieden</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>by its pace</source>
        <translation>nach dem Tempo</translation>
    </message>
    <message>
        <source>by the round</source>
        <translation>nach der Runde</translation>
    </message>
    <message>
        <source>camera room region bounds area trigger scroll</source>
        <translation>kamera raum bereich grenzen fläche auslöser scrollen</translation>
    </message>
    <message>
        <source>camera rooms bounds scroll by rooms theme</source>
        <translation>kamera räume grenzen scrollen thema</translation>
    </message>
    <message>
        <source>can be met</source>
        <translation>erreichbar</translation>
    </message>
    <message>
        <source>can be skipped</source>
        <translation>umgehbar</translation>
    </message>
    <message>
        <source>cannot be followed</source>
        <translation>nicht zu befolgen</translation>
    </message>
    <message>
        <source>cannot be met: %1</source>
        <translation>nicht erreichbar: %1</translation>
    </message>
    <message>
        <source>cap end gap hole leak</source>
        <translation>abschluss ende lücke loch leck</translation>
    </message>
    <message>
        <source>cases not shown</source>
        <translation>Fälle ohne Probe</translation>
    </message>
    <message>
        <source>ceiling</source>
        <translation>Decke</translation>
    </message>
    <message>
        <source>cell</source>
        <translation>Zelle</translation>
    </message>
    <message>
        <source>cell &lt;b&gt;%1, %2&lt;/b&gt;</source>
        <translation>Zelle &lt;b&gt;%1, %2&lt;/b&gt;</translation>
    </message>
    <message>
        <source>cell &lt;b&gt;–&lt;/b&gt;</source>
        <translation>Zelle &lt;b&gt;–&lt;/b&gt;</translation>
    </message>
    <message>
        <source>cells</source>
        <translation>Zellen</translation>
    </message>
    <message>
        <source>cells to lay again</source>
        <translation>Zellen, um sie wieder zu legen</translation>
    </message>
    <message>
        <source>cells/s</source>
        <translation>Zellen/s</translation>
    </message>
    <message>
        <source>changed</source>
        <translation>geändert</translation>
    </message>
    <message>
        <source>check test verify reachable solvable validate findings</source>
        <translation>prüfen testen erreichbar lösbar befunde</translation>
    </message>
    <message>
        <source>choose a card</source>
        <translation>wähle eine Karte</translation>
    </message>
    <message>
        <source>choose a piece</source>
        <translation>wähle ein Bauteil</translation>
    </message>
    <message>
        <source>choose a piece with open ports</source>
        <translation>wähle ein Bauteil mit offenen Anschlüssen</translation>
    </message>
    <message>
        <source>choose …</source>
        <translation>wählen …</translation>
    </message>
    <message>
        <source>clear %1 of %2</source>
        <translation>%1 von %2 leeren</translation>
    </message>
    <message>
        <source>click a room by number, or drag one</source>
        <translation>einen Raum nach Zahlen klicken oder ziehen</translation>
    </message>
    <message>
        <source>click on the route</source>
        <translation>auf die Route klicken</translation>
    </message>
    <message>
        <source>click with Room</source>
        <translation>Klick mit Raum</translation>
    </message>
    <message>
        <source>click: %1 · drag: bend</source>
        <translation>Klick: %1 · Ziehen: biegen</translation>
    </message>
    <message>
        <source>click: play from there</source>
        <translation>klicken: von dort spielen</translation>
    </message>
    <message>
        <source>click: the run that gets there</source>
        <translation>klicken: der Lauf, der dorthin kommt</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>klettern</translation>
    </message>
    <message>
        <source>climbing</source>
        <translation>klettert</translation>
    </message>
    <message>
        <source>clipboard</source>
        <translation>zwischenablage kopieren</translation>
    </message>
    <message>
        <source>clipboard insert</source>
        <translation>zwischenablage einfügen</translation>
    </message>
    <message>
        <source>clipboard move</source>
        <translation>zwischenablage verschieben ausschneiden</translation>
    </message>
    <message>
        <source>clockwise</source>
        <translation>im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>closed off</source>
        <translation>abgesperrt</translation>
    </message>
    <message>
        <source>coin item collectible ability power-up</source>
        <translation>münze gegenstand sammeln fähigkeit</translation>
    </message>
    <message>
        <source>collect</source>
        <translation>sammeln</translation>
    </message>
    <message>
        <source>collision and tiles in depth</source>
        <translation>Kollision und Kacheln in der Tiefe</translation>
    </message>
    <message>
        <source>color hues</source>
        <translation>farbe töne</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>connect wire key door trigger lock switch reference</source>
        <translation>verbinden draht schlüssel tür auslöser schloss schalter bezug</translation>
    </message>
    <message>
        <source>connected</source>
        <translation>verbunden</translation>
    </message>
    <message>
        <source>controls gamepad controller jump bindings</source>
        <translation>steuerung gamepad controller springen belegung</translation>
    </message>
    <message>
        <source>copy clone level</source>
        <translation>kopieren klonen level</translation>
    </message>
    <message>
        <source>copy clone twice</source>
        <translation>kopieren klonen zweimal</translation>
    </message>
    <message>
        <source>copy elsewhere new folder</source>
        <translation>kopie anderswo neuer ordner speichern unter</translation>
    </message>
    <message>
        <source>copy move tile region</source>
        <translation>kopieren verschieben kachel bereich</translation>
    </message>
    <message>
        <source>copy, cut, paste, duplicate</source>
        <translation>kopieren, ausschneiden, einfügen, verdoppeln</translation>
    </message>
    <message>
        <source>corridor hallway walkway</source>
        <translation>gang flur steg</translation>
    </message>
    <message>
        <source>count</source>
        <translation>zählen</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>Stein</translation>
    </message>
    <message>
        <source>counters</source>
        <translation>Steine</translation>
    </message>
    <message>
        <source>counters pieces shared levels</source>
        <translation>steine figuren gemeinsam level</translation>
    </message>
    <message>
        <source>counts entities table spreadsheet</source>
        <translation>anzahlen objekte tabelle</translation>
    </message>
    <message>
        <source>coyote time</source>
        <translation>Coyote-Zeit</translation>
    </message>
    <message>
        <source>create start game starter template</source>
        <translation>anlegen beginnen spiel vorlage neu erstellen</translation>
    </message>
    <message>
        <source>crossed</source>
        <translation>überquert</translation>
    </message>
    <message>
        <source>cut at %1 units</source>
        <translation>geschnitten bei %1 Einheiten</translation>
    </message>
    <message>
        <source>cut greedily: very large</source>
        <translation>grob zerlegt: sehr groß</translation>
    </message>
    <message>
        <source>cut strokes; take points, beads, words away</source>
        <translation>Striche schneiden; Punkte, Perlen, Wörter wegnehmen</translation>
    </message>
    <message>
        <source>dark light theme mode colours colors</source>
        <translation>dunkel hell thema modus farben</translation>
    </message>
    <message>
        <source>deadly</source>
        <translation>tödlich</translation>
    </message>
    <message>
        <source>deadly touches</source>
        <translation>tödliche Berührungen</translation>
    </message>
    <message>
        <source>death</source>
        <translation>Tod</translation>
    </message>
    <message>
        <source>deaths</source>
        <translation>Tode</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>Grad</translation>
    </message>
    <message>
        <source>delete level</source>
        <translation>löschen level</translation>
    </message>
    <message>
        <source>delete what is under the pointer</source>
        <translation>löschen, was unter dem Zeiger ist</translation>
    </message>
    <message>
        <source>depth order hide parallax foreground</source>
        <translation>tiefe ordnung verbergen parallax vordergrund</translation>
    </message>
    <message>
        <source>distance jump height width ruler gap</source>
        <translation>abstand sprung höhe breite lineal lücke</translation>
    </message>
    <message>
        <source>down</source>
        <translation>längs</translation>
    </message>
    <message>
        <source>downwards</source>
        <translation>nach unten</translation>
    </message>
    <message>
        <source>downwards in the plan</source>
        <translation>im Plan nach unten</translation>
    </message>
    <message>
        <source>drag a path of pieces</source>
        <translation>einen Pfad aus Bauteilen ziehen</translation>
    </message>
    <message>
        <source>drag a path; Shift: it finds its way</source>
        <translation>einen Pfad ziehen; Umschalt: er findet seinen Weg</translation>
    </message>
    <message>
        <source>drag a side or face</source>
        <translation>Seite oder Fläche ziehen</translation>
    </message>
    <message>
        <source>drag a solid; Shift: parts of a module</source>
        <translation>einen Körper ziehen; Umschalt: Teile eines Moduls</translation>
    </message>
    <message>
        <source>drag between two points of the picture</source>
        <translation>zieh zwischen zwei Punkten des Bildes</translation>
    </message>
    <message>
        <source>drag from %1</source>
        <translation>von %1 ziehen</translation>
    </message>
    <message>
        <source>drag from one to another: they change places</source>
        <translation>von einem zum anderen ziehen: sie tauschen die Plätze</translation>
    </message>
    <message>
        <source>drag from one to what it refers to</source>
        <translation>von einem zu dem ziehen, worauf es sich bezieht</translation>
    </message>
    <message>
        <source>drag the bead's region</source>
        <translation>zieh den Bereich der Perle</translation>
    </message>
    <message>
        <source>drag: a jump from edge to edge</source>
        <translation>ziehen: ein Sprung von Kante zu Kante</translation>
    </message>
    <message>
        <source>drag: solve as if nobody could be there</source>
        <translation>ziehen: lösen, als könnte dort niemand sein</translation>
    </message>
    <message>
        <source>draw outline border paint pen plan</source>
        <translation>zeichnen umriss rand malen stift plan</translation>
    </message>
    <message>
        <source>draw strokes, boxes, rooms</source>
        <translation>Striche, Kästen, Räume zeichnen</translation>
    </message>
    <message>
        <source>draw, move and stretch zones</source>
        <translation>Zonen zeichnen, verschieben, strecken</translation>
    </message>
    <message>
        <source>dress %1 anew</source>
        <translation>%1 neu kleiden</translation>
    </message>
    <message>
        <source>dress anew</source>
        <translation>neu kleiden</translation>
    </message>
    <message>
        <source>dressed</source>
        <translation>gekleidet</translation>
    </message>
    <message>
        <source>drop %1 px</source>
        <translation>Abfall %1 px</translation>
    </message>
    <message>
        <source>drop through</source>
        <translation>durchfallen</translation>
    </message>
    <message>
        <source>each ability</source>
        <translation>jede Fähigkeit</translation>
    </message>
    <message>
        <source>each level as the game draws it</source>
        <translation>jedes Level, wie das Spiel es zeichnet</translation>
    </message>
    <message>
        <source>each level to scale, hatched</source>
        <translation>jedes Level maßstäblich, schraffiert</translation>
    </message>
    <message>
        <source>each time</source>
        <translation>jedes Mal</translation>
    </message>
    <message>
        <source>each time that it passes</source>
        <translation>jedes Mal je</translation>
    </message>
    <message>
        <source>earlier reorder sequence level</source>
        <translation>früher umordnen reihenfolge level</translation>
    </message>
    <message>
        <source>edited by somebody</source>
        <translation>von jemandem bearbeitet</translation>
    </message>
    <message>
        <source>eight, aslant too</source>
        <translation>acht, auch schräg</translation>
    </message>
    <message>
        <source>end open ports</source>
        <translation>offene Anschlüsse abschließen</translation>
    </message>
    <message>
        <source>ended</source>
        <translation>zu Ende</translation>
    </message>
    <message>
        <source>enemy monster patrol</source>
        <translation>feind monster patrouille</translation>
    </message>
    <message>
        <source>entities</source>
        <translation>Figuren</translation>
    </message>
    <message>
        <source>entities objects spawn enemies items zones</source>
        <translation>objekte figuren gegner gegenstände zonen start</translation>
    </message>
    <message>
        <source>entity</source>
        <translation>Figur</translation>
    </message>
    <message>
        <source>entity type fields role size box hitbox sprite</source>
        <translation>objekt typ felder rolle größe kasten trefferfläche sprite</translation>
    </message>
    <message>
        <source>erase %1</source>
        <translation>%1 löschen</translation>
    </message>
    <message>
        <source>erase with the same tool</source>
        <translation>mit demselben Werkzeug löschen</translation>
    </message>
    <message>
        <source>eraser</source>
        <translation>Radierer</translation>
    </message>
    <message>
        <source>error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>error problem warning issue</source>
        <translation>fehler problem warnung</translation>
    </message>
    <message>
        <source>errors</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>evenly</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>event</source>
        <translation>Ereignis</translation>
    </message>
    <message>
        <source>event area message sign script</source>
        <translation>ereignis fläche nachricht schild skript</translation>
    </message>
    <message>
        <source>everything mark</source>
        <translation>alles markieren</translation>
    </message>
    <message>
        <source>everywhere</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>example sample lantern weir</source>
        <translation>beispiel muster lantern weir</translation>
    </message>
    <message>
        <source>exchange counters</source>
        <translation>tauschen steine</translation>
    </message>
    <message>
        <source>exit close end leave program</source>
        <translation>beenden schließen ende verlassen programm</translation>
    </message>
    <message>
        <source>export ship build publish output bundle json all engine</source>
        <translation>exportieren ausgeben bauen veröffentlichen bündel json alles engine</translation>
    </message>
    <message>
        <source>export targets publish output engine formats</source>
        <translation>export ausgaben veröffentlichen engine formate</translation>
    </message>
    <message>
        <source>exported</source>
        <translation>ausgegeben</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>Blick</translation>
    </message>
    <message>
        <source>fades before the player</source>
        <translation>verblasst vor dem Spieler</translation>
    </message>
    <message>
        <source>fades beyond a line</source>
        <translation>verblasst hinter einer Linie</translation>
    </message>
    <message>
        <source>fill what hangs together</source>
        <translation>füllen, was zusammenhängt</translation>
    </message>
    <message>
        <source>filled</source>
        <translation>gefüllt</translation>
    </message>
    <message>
        <source>find what can be done, by words</source>
        <translation>finden, was man tun kann, mit Worten</translation>
    </message>
    <message>
        <source>finding</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>fein</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Treppe</translation>
    </message>
    <message>
        <source>flip horizontal left right symmetry</source>
        <translation>spiegeln waagerecht links rechts symmetrie</translation>
    </message>
    <message>
        <source>flip vertical up down symmetry</source>
        <translation>spiegeln senkrecht oben unten symmetrie</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>floor above height</source>
        <translation>etage oben höhe stockwerk</translation>
    </message>
    <message>
        <source>floor and walls</source>
        <translation>Boden, Wänden</translation>
    </message>
    <message>
        <source>floor below height</source>
        <translation>etage unten höhe stockwerk</translation>
    </message>
    <message>
        <source>floor box fill</source>
        <translation>boden kasten füllen</translation>
    </message>
    <message>
        <source>floor room rectangle wall platform ground block frame hollow</source>
        <translation>boden raum rechteck wand plattform block rahmen hohl</translation>
    </message>
    <message>
        <source>focus keyboard panel</source>
        <translation>fokus tastatur bereich</translation>
    </message>
    <message>
        <source>for %1</source>
        <translation>für %1</translation>
    </message>
    <message>
        <source>for a time</source>
        <translation>für eine Zeit</translation>
    </message>
    <message>
        <source>for good</source>
        <translation>für immer</translation>
    </message>
    <message>
        <source>for people and build servers</source>
        <translation>für Menschen und Bauserver</translation>
    </message>
    <message>
        <source>for the game</source>
        <translation>für das Spiel</translation>
    </message>
    <message>
        <source>for who uses it</source>
        <translation>wer es benutzt</translation>
    </message>
    <message>
        <source>four</source>
        <translation>vier</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>from 1, with commas</source>
        <translation>ab 1, mit Kommas</translation>
    </message>
    <message>
        <source>from above</source>
        <translation>von oben</translation>
    </message>
    <message>
        <source>from the project's folder, as ../game</source>
        <translation>vom Projektordner aus, wie ../game</translation>
    </message>
    <message>
        <source>from the side</source>
        <translation>von der Seite</translation>
    </message>
    <message>
        <source>from the tiles in hand</source>
        <translation>aus den Kacheln in der Hand</translation>
    </message>
    <message>
        <source>full</source>
        <translation>voll</translation>
    </message>
    <message>
        <source>full screen fullscreen distraction hide panels maximise maximize</source>
        <translation>vollbild ablenkung leisten verbergen maximieren</translation>
    </message>
    <message>
        <source>full; the margin hollows it</source>
        <translation>voll; der Rand höhlt ihn aus</translation>
    </message>
    <message>
        <source>game</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>games</source>
        <translation>Spiele</translation>
    </message>
    <message>
        <source>gap %1 px</source>
        <translation>Lücke %1 px</translation>
    </message>
    <message>
        <source>gate lock barrier</source>
        <translation>tor schloss sperre</translation>
    </message>
    <message>
        <source>gather</source>
        <translation>sammeln</translation>
    </message>
    <message>
        <source>gathering speed</source>
        <translation>mit Anlauf</translation>
    </message>
    <message>
        <source>generate procedural random cave noise</source>
        <translation>erzeugen zufall höhle rauschen</translation>
    </message>
    <message>
        <source>gets to %1</source>
        <translation>kommt zu %1</translation>
    </message>
    <message>
        <source>give cells back to the dressing</source>
        <translation>Zellen an die Kleidung zurückgeben</translation>
    </message>
    <message>
        <source>give slots what is in hand</source>
        <translation>Plätzen geben, was man in der Hand hat</translation>
    </message>
    <message>
        <source>goal end door next level portal</source>
        <translation>ziel ende tür nächstes level portal</translation>
    </message>
    <message>
        <source>goes</source>
        <translation>geht weg</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>geht es weiter</translation>
    </message>
    <message>
        <source>gone</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>grass decoration strew random props</source>
        <translation>gras schmuck streuen zufall requisiten</translation>
    </message>
    <message>
        <source>grid</source>
        <translation>Gitter</translation>
    </message>
    <message>
        <source>group, ungroup</source>
        <translation>gruppieren, lösen</translation>
    </message>
    <message>
        <source>grown masses</source>
        <translation>Gewachsenem</translation>
    </message>
    <message>
        <source>grows %1</source>
        <translation>%1 wächst</translation>
    </message>
    <message>
        <source>guide</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>guide, %1</source>
        <translation>Handbuch, %1</translation>
    </message>
    <message>
        <source>half</source>
        <translation>halb</translation>
    </message>
    <message>
        <source>half cells</source>
        <translation>halbe Zellen</translation>
    </message>
    <message>
        <source>half round</source>
        <translation>halb herum</translation>
    </message>
    <message>
        <source>hang a bead; drag bends the line</source>
        <translation>eine Perle anhängen; Ziehen biegt die Linie</translation>
    </message>
    <message>
        <source>height distance arc ruler guide</source>
        <translation>höhe weite bogen lineal hilfe</translation>
    </message>
    <message>
        <source>help manual documentation tutorial learn how</source>
        <translation>hilfe handbuch dokumentation anleitung lernen wie</translation>
    </message>
    <message>
        <source>here: %1 – on the disk: %2</source>
        <translation>hier: %1 – auf der Platte: %2</translation>
    </message>
    <message>
        <source>hexagon ring square size rows columns</source>
        <translation>sechseck ring quadrat größe zeilen spalten</translation>
    </message>
    <message>
        <source>hexagons</source>
        <translation>Sechsecke</translation>
    </message>
    <message>
        <source>hide entities objects eye visible</source>
        <translation>objekte verbergen auge sichtbar</translation>
    </message>
    <message>
        <source>hide terrain eye visible</source>
        <translation>gelände verbergen auge sichtbar</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>how one comes in</source>
        <translation>wie man hereinkommt</translation>
    </message>
    <message>
        <source>id</source>
        <translation>id</translation>
    </message>
    <message>
        <source>if there is one</source>
        <translation>wenn eines da ist</translation>
    </message>
    <message>
        <source>import load csv text grid image sheet tileset model glb gltf obj spreadsheet png</source>
        <translation>importieren laden csv text raster bild bogen kachelsatz modell glb gltf obj tabelle png</translation>
    </message>
    <message>
        <source>in a liquid</source>
        <translation>in Flüssigkeit</translation>
    </message>
    <message>
        <source>in depth from the next corner</source>
        <translation>in die Tiefe von der nächsten Ecke</translation>
    </message>
    <message>
        <source>in one file</source>
        <translation>in einer Datei</translation>
    </message>
    <message>
        <source>in open air</source>
        <translation>in offener Luft</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>in der Luft</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>in the selection, %1</source>
        <translation>in der Auswahl, %1</translation>
    </message>
    <message>
        <source>in this window</source>
        <translation>in diesem Fenster</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>in</translation>
    </message>
    <message>
        <source>inspect reachable why point</source>
        <translation>untersuchen erreichbar warum punkt</translation>
    </message>
    <message>
        <source>is asked</source>
        <translation>wird gefragt</translation>
    </message>
    <message>
        <source>is pushed</source>
        <translation>wird geschoben</translation>
    </message>
    <message>
        <source>it turns</source>
        <translation>kehrt es um</translation>
    </message>
    <message>
        <source>it walks off</source>
        <translation>läuft es weiter</translation>
    </message>
    <message>
        <source>its corner</source>
        <translation>seine Ecke</translation>
    </message>
    <message>
        <source>its goals</source>
        <translation>seinen Zielen</translation>
    </message>
    <message>
        <source>its middle</source>
        <translation>seine Mitte</translation>
    </message>
    <message>
        <source>its name</source>
        <translation>sein Name</translation>
    </message>
    <message>
        <source>its own</source>
        <translation>seine eigenen</translation>
    </message>
    <message>
        <source>its plan</source>
        <translation>sein Plan</translation>
    </message>
    <message>
        <source>its title or settings</source>
        <translation>sein Titel oder Einstellungen</translation>
    </message>
    <message>
        <source>jumps</source>
        <translation>Sprünge</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>kinds</source>
        <translation>Arten</translation>
    </message>
    <message>
        <source>kit</source>
        <translation>Bausatz</translation>
    </message>
    <message>
        <source>ladders</source>
        <translation>Leitern</translation>
    </message>
    <message>
        <source>larger bigger closer magnify</source>
        <translation>größer näher vergrößern</translation>
    </message>
    <message>
        <source>largest room only</source>
        <translation>nur der größte Raum</translation>
    </message>
    <message>
        <source>lasso</source>
        <translation>Lasso</translation>
    </message>
    <message>
        <source>last</source>
        <translation>durchhalten</translation>
    </message>
    <message>
        <source>last %1 s</source>
        <translation>%1 s durchhalten</translation>
    </message>
    <message>
        <source>later reorder sequence level</source>
        <translation>später umordnen reihenfolge level</translation>
    </message>
    <message>
        <source>lay a box or a frame</source>
        <translation>Kasten oder Rahmen legen</translation>
    </message>
    <message>
        <source>lay a line, or stairs</source>
        <translation>eine Linie oder Treppe legen</translation>
    </message>
    <message>
        <source>lay matter</source>
        <translation>Stoff legen</translation>
    </message>
    <message>
        <source>lead the way from start to end</source>
        <translation>den Weg vom Anfang zum Ende führen</translation>
    </message>
    <message>
        <source>least</source>
        <translation>min</translation>
    </message>
    <message>
        <source>least moves difficulty dead states solve hint vary mix shuffle other starts</source>
        <translation>wenigste Züge Schwierigkeit tote Stände lösen Wink variieren mischen andere Anfänge</translation>
    </message>
    <message>
        <source>leave the gesture, the selection, this sheet</source>
        <translation>die Geste, die Auswahl, dieses Blatt verlassen</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>left and right</source>
        <translation>links und rechts</translation>
    </message>
    <message>
        <source>left of</source>
        <translation>links von</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Level</translation>
    </message>
    <message>
        <source>level %1 of %2</source>
        <translation>Level %1 von %2</translation>
    </message>
    <message>
        <source>levels</source>
        <translation>Level</translation>
    </message>
    <message>
        <source>levels that are proven to be playable</source>
        <translation>Level, die bewiesen spielbar sind</translation>
    </message>
    <message>
        <source>light &gt; lamp-1, dark</source>
        <translation>light &gt; lamp-1, dark</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>lines cells show hide</source>
        <translation>linien zellen zeigen verbergen</translation>
    </message>
    <message>
        <source>link %1</source>
        <translation>%1 verbinden</translation>
    </message>
    <message>
        <source>linked</source>
        <translation>verbunden</translation>
    </message>
    <message>
        <source>links</source>
        <translation>Bezüge</translation>
    </message>
    <message>
        <source>liquids</source>
        <translation>Flüssiges</translation>
    </message>
    <message>
        <source>live reload running game engine connect heat</source>
        <translation>live neu laden laufendes spiel engine verbinden</translation>
    </message>
    <message>
        <source>load folder file</source>
        <translation>laden ordner datei aufmachen</translation>
    </message>
    <message>
        <source>lock switch lever</source>
        <translation>schloss schalter hebel</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>verschlossen</translation>
    </message>
    <message>
        <source>look against collision</source>
        <translation>Aussehen gegen Kollision</translation>
    </message>
    <message>
        <source>looking only</source>
        <translation>nur schauen</translation>
    </message>
    <message>
        <source>looking …</source>
        <translation>wird angesehen …</translation>
    </message>
    <message>
        <source>looking: %1 of %2 levels</source>
        <translation>wird angesehen: %1 von %2 Leveln</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>map of levels flow order lives score tallies texts languages translation screen campaign world</source>
        <translation>karte level ablauf reihenfolge leben punkte zähler texte sprachen übersetzung bildschirm welt</translation>
    </message>
    <message>
        <source>mark</source>
        <translation>Marke</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Striche</translation>
    </message>
    <message>
        <source>matter</source>
        <translation>Stoff</translation>
    </message>
    <message>
        <source>matters</source>
        <translation>Stoffe</translation>
    </message>
    <message>
        <source>may be empty</source>
        <translation>darf leer sein</translation>
    </message>
    <message>
        <source>measure a jump from edge to edge</source>
        <translation>einen Sprung von Kante zu Kante messen</translation>
    </message>
    <message>
        <source>mended in %1 ms</source>
        <translation>nachgeführt in %1 ms</translation>
    </message>
    <message>
        <source>menu %1</source>
        <translation>Menü %1</translation>
    </message>
    <message>
        <source>mesh %1, %2 triangles</source>
        <translation>Netz %1, %2 Dreiecke</translation>
    </message>
    <message>
        <source>message, message</source>
        <translation>Nachricht, Nachricht</translation>
    </message>
    <message>
        <source>middle button</source>
        <translation>mittlere Taste</translation>
    </message>
    <message>
        <source>mirror sideways, top to bottom</source>
        <translation>seitlich spiegeln, oben und unten</translation>
    </message>
    <message>
        <source>mirror the selection, else mirror painting</source>
        <translation>die Auswahl spiegeln, sonst gespiegelt malen</translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation>gespiegelt</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>models</source>
        <translation>Modelle</translation>
    </message>
    <message>
        <source>module model mesh import size</source>
        <translation>modul modell netz importieren größe</translation>
    </message>
    <message>
        <source>module model ports faces</source>
        <translation>modul modell anschlüsse flächen</translation>
    </message>
    <message>
        <source>module set library</source>
        <translation>modul satz sammlung</translation>
    </message>
    <message>
        <source>module stamp snap piece row</source>
        <translation>modul stempel einrasten bauteil reihe</translation>
    </message>
    <message>
        <source>most</source>
        <translation>max</translation>
    </message>
    <message>
        <source>move</source>
        <translation>Zug</translation>
    </message>
    <message>
        <source>move %1, %2</source>
        <translation>um %1, %2</translation>
    </message>
    <message>
        <source>move %1, %2 modules</source>
        <translation>um %1, %2 Module</translation>
    </message>
    <message>
        <source>move %1, %2 modules, %3 storeys</source>
        <translation>um %1, %2 Module, %3 Geschosse verschieben</translation>
    </message>
    <message>
        <source>move %1, %2 px</source>
        <translation>um %1, %2 px</translation>
    </message>
    <message>
        <source>move mark</source>
        <translation>verschieben markieren</translation>
    </message>
    <message>
        <source>move patrol waypoint track path entity object</source>
        <translation>verschieben patrouille wegpunkt bahn pfad figur objekt</translation>
    </message>
    <message>
        <source>move region lasso copy stretch wand marquee</source>
        <translation>verschieben bereich lasso kopieren strecken zauberstab</translation>
    </message>
    <message>
        <source>move the selection by a module, else pan</source>
        <translation>die Auswahl um ein Modul rücken, sonst verschieben</translation>
    </message>
    <message>
        <source>move the selection by a slot</source>
        <translation>die Auswahl um einen Platz rücken</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>Züge</translation>
    </message>
    <message>
        <source>moving platform lift elevator</source>
        <translation>bewegliche plattform lift aufzug</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>name what stands there</source>
        <translation>benennen, was dort steht</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>nötig</translation>
    </message>
    <message>
        <source>neighbours</source>
        <translation>Nachbarn</translation>
    </message>
    <message>
        <source>neither</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>never come to</source>
        <translation>wird nie erreicht</translation>
    </message>
    <message>
        <source>never used</source>
        <translation>nie benutzt</translation>
    </message>
    <message>
        <source>never written</source>
        <translation>nie geschrieben</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>new field</source>
        <translation>neues Feld</translation>
    </message>
    <message>
        <source>new mark …</source>
        <translation>neue Marke …</translation>
    </message>
    <message>
        <source>next finding, with Shift the previous one</source>
        <translation>nächster Befund, mit Umschalt der vorige</translation>
    </message>
    <message>
        <source>next part of the window</source>
        <translation>nächster Teil des Fensters</translation>
    </message>
    <message>
        <source>next: %1</source>
        <translation>nächstes: %1</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>no body by itself; movers are looked at</source>
        <translation>kein Körper allein; Beweger werden angesehen</translation>
    </message>
    <message>
        <source>no body can be here</source>
        <translation>hier kann kein Körper sein</translation>
    </message>
    <message>
        <source>no ceiling</source>
        <translation>keine Decke</translation>
    </message>
    <message>
        <source>no exit yet</source>
        <translation>noch kein Ausgang</translation>
    </message>
    <message>
        <source>no folder yet</source>
        <translation>noch kein Ordner</translation>
    </message>
    <message>
        <source>no footing</source>
        <translation>kein Halt</translation>
    </message>
    <message>
        <source>no game yet</source>
        <translation>noch kein Spiel</translation>
    </message>
    <message>
        <source>no hello came within %1 s</source>
        <translation>kein hello kam in %1 s</translation>
    </message>
    <message>
        <source>no key</source>
        <translation>keine Taste</translation>
    </message>
    <message>
        <source>no kind yet</source>
        <translation>noch keine Art</translation>
    </message>
    <message>
        <source>no letter</source>
        <translation>kein Buchstabe</translation>
    </message>
    <message>
        <source>no longer works</source>
        <translation>geht nicht mehr</translation>
    </message>
    <message>
        <source>no more of %1 here</source>
        <translation>hier nicht mehr von %1</translation>
    </message>
    <message>
        <source>no motion profile</source>
        <translation>kein Bewegungsprofil</translation>
    </message>
    <message>
        <source>no motion profile to measure by</source>
        <translation>kein Bewegungsprofil zum Messen</translation>
    </message>
    <message>
        <source>no open findings</source>
        <translation>nichts offen</translation>
    </message>
    <message>
        <source>no other profile</source>
        <translation>kein anderes Profil</translation>
    </message>
    <message>
        <source>no rule yet</source>
        <translation>noch keine Regel</translation>
    </message>
    <message>
        <source>no short hops</source>
        <translation>keine kurzen Sprünge</translation>
    </message>
    <message>
        <source>no sprite</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>no start yet</source>
        <translation>noch kein Start</translation>
    </message>
    <message>
        <source>no surface here</source>
        <translation>hier keine Fläche</translation>
    </message>
    <message>
        <source>no tally</source>
        <translation>kein Zähler</translation>
    </message>
    <message>
        <source>no way leads there</source>
        <translation>dorthin führt kein Weg</translation>
    </message>
    <message>
        <source>nobody</source>
        <translation>niemand</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>none open</source>
        <translation>keiner offen</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>none: always</source>
        <translation>keins: immer</translation>
    </message>
    <message>
        <source>none: draw one with F</source>
        <translation>keine: zeichne eine mit F</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>gar nicht</translation>
    </message>
    <message>
        <source>not by %1</source>
        <translation>nicht durch %1</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>nicht gezählt</translation>
    </message>
    <message>
        <source>not decided</source>
        <translation>nicht entschieden</translation>
    </message>
    <message>
        <source>not decided here</source>
        <translation>hier nicht entschieden</translation>
    </message>
    <message>
        <source>not decided: %1</source>
        <translation>nicht entschieden: %1</translation>
    </message>
    <message>
        <source>not exported</source>
        <translation>nicht ausgegeben</translation>
    </message>
    <message>
        <source>not judged yet</source>
        <translation>noch nicht beurteilt</translation>
    </message>
    <message>
        <source>not known yet</source>
        <translation>noch nicht bekannt</translation>
    </message>
    <message>
        <source>not looked at yet</source>
        <translation>noch nicht angesehen</translation>
    </message>
    <message>
        <source>not proven yet</source>
        <translation>noch nicht bewiesen</translation>
    </message>
    <message>
        <source>not reached</source>
        <translation>nicht erreicht</translation>
    </message>
    <message>
        <source>not saved</source>
        <translation>nicht gesichert</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gesichert</translation>
    </message>
    <message>
        <source>not written by this target</source>
        <translation>nicht von dieser Ausgabe</translation>
    </message>
    <message>
        <source>note text words annotate</source>
        <translation>notiz text wörter beschriften</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>nothing else</source>
        <translation>nichts anderem</translation>
    </message>
    <message>
        <source>nothing else in hand</source>
        <translation>nichts sonst in der Hand</translation>
    </message>
    <message>
        <source>nothing grows with it</source>
        <translation>nichts wächst mit ihm</translation>
    </message>
    <message>
        <source>nothing leads on</source>
        <translation>nichts führt weiter</translation>
    </message>
    <message>
        <source>nothing new</source>
        <translation>nichts Neues</translation>
    </message>
    <message>
        <source>nothing that is known: open</source>
        <translation>nichts Bekanntes: offen</translation>
    </message>
    <message>
        <source>nothing to write</source>
        <translation>nichts zu schreiben</translation>
    </message>
    <message>
        <source>nothing yet: to make</source>
        <translation>noch nichts: zu machen</translation>
    </message>
    <message>
        <source>nothing: it costs none</source>
        <translation>nichts: er kostet keins</translation>
    </message>
    <message>
        <source>nothing: the project has no kit %1</source>
        <translation>nichts: das Projekt hat keinen Bausatz %1</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nirgends</translation>
    </message>
    <message>
        <source>nowhere: nothing is unsaved</source>
        <translation>nirgends: alles ist gesichert</translation>
    </message>
    <message>
        <source>nudge by a cell, with Shift by a px</source>
        <translation>um eine Zelle rücken, mit Umschalt um ein px</translation>
    </message>
    <message>
        <source>nudge the selection, else pan</source>
        <translation>die Auswahl rücken, sonst verschieben</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>obstacle</source>
        <translation>Hindernis</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>of pieces</source>
        <translation>aus Bauteilen</translation>
    </message>
    <message>
        <source>of the cast</source>
        <translation>der Besetzung</translation>
    </message>
    <message>
        <source>of the level before</source>
        <translation>des vorigen Levels</translation>
    </message>
    <message>
        <source>of the pattern</source>
        <translation>des Musters</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>on %1</source>
        <translation>auf %1</translation>
    </message>
    <message>
        <source>on a floor</source>
        <translation>auf Boden</translation>
    </message>
    <message>
        <source>on both sides</source>
        <translation>auf beiden Seiten</translation>
    </message>
    <message>
        <source>on floors</source>
        <translation>auf Böden</translation>
    </message>
    <message>
        <source>on the board</source>
        <translation>auf dem Brett</translation>
    </message>
    <message>
        <source>on to %1</source>
        <translation>weiter zu %1</translation>
    </message>
    <message>
        <source>on top of</source>
        <translation>oben auf</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>once, in the middle</source>
        <translation>einmal, in der Mitte</translation>
    </message>
    <message>
        <source>one by one</source>
        <translation>einzeln</translation>
    </message>
    <message>
        <source>one slot</source>
        <translation>ein Platz</translation>
    </message>
    <message>
        <source>one way only</source>
        <translation>nur in eine Richtung</translation>
    </message>
    <message>
        <source>one-way</source>
        <translation>einseitig</translation>
    </message>
    <message>
        <source>one; another</source>
        <translation>eins; noch eins</translation>
    </message>
    <message>
        <source>only by a mover, or in time: ask for a run to see how</source>
        <translation>nur mit einem Beweger oder zur Zeit: verlange einen Lauf, um es zu sehen</translation>
    </message>
    <message>
        <source>only some</source>
        <translation>nur manche</translation>
    </message>
    <message>
        <source>only these</source>
        <translation>nur diese</translation>
    </message>
    <message>
        <source>only where reached</source>
        <translation>nur wo erreicht</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>open air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>open for %1 ticks, passing takes %2</source>
        <translation>%1 Takte offen, Durchkommen braucht %2</translation>
    </message>
    <message>
        <source>open this wall</source>
        <translation>diese Wand öffnen</translation>
    </message>
    <message>
        <source>open what was closed off</source>
        <translation>das Abgesperrte öffnen</translation>
    </message>
    <message>
        <source>otherwise</source>
        <translation>anders</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>outlines</source>
        <translation>Umrisse</translation>
    </message>
    <message>
        <source>outside the level</source>
        <translation>außerhalb des Levels</translation>
    </message>
    <message>
        <source>over the whole level</source>
        <translation>über das ganze Level</translation>
    </message>
    <message>
        <source>packed</source>
        <translation>gepackt</translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>pages that may link, as http://localhost:8000</source>
        <translation>Seiten, die es dürfen, wie http://localhost:8000</translation>
    </message>
    <message>
        <source>paint draw terrain floor wall ground cells pen</source>
        <translation>malen zeichnen gelände boden wand zellen stift</translation>
    </message>
    <message>
        <source>paint tile pen</source>
        <translation>malen kachel stift</translation>
    </message>
    <message>
        <source>pan</source>
        <translation>verschieben</translation>
    </message>
    <message>
        <source>park or delete a counter</source>
        <translation>einen Stein abstellen oder löschen</translation>
    </message>
    <message>
        <source>parked</source>
        <translation>abgestellt</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>parts of a module; extend a room; a path finds its way</source>
        <translation>Teile eines Moduls; einen Raum erweitern; ein Pfad findet seinen Weg</translation>
    </message>
    <message>
        <source>path of %1 modules</source>
        <translation>Pfad von %1 Modulen</translation>
    </message>
    <message>
        <source>path route how get there replay</source>
        <translation>pfad weg wie hinkommen nachspielen</translation>
    </message>
    <message>
        <source>path way flow critical player beads</source>
        <translation>pfad weg ablauf kritisch spieler perlen</translation>
    </message>
    <message>
        <source>pattern rectangle tile repeat</source>
        <translation>muster rechteck kachel wiederholen</translation>
    </message>
    <message>
        <source>paused, </source>
        <translation>Pause, </translation>
    </message>
    <message>
        <source>pebbles</source>
        <translation>Kiesel</translation>
    </message>
    <message>
        <source>pencil</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>physics jump height speed gravity abilities player profile coyote</source>
        <translation>physik sprunghöhe tempo schwerkraft fähigkeiten spieler profil</translation>
    </message>
    <message>
        <source>pick %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Bauteil</translation>
    </message>
    <message>
        <source>piece length moves</source>
        <translation>stein länge züge</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Bauteile</translation>
    </message>
    <message>
        <source>pivot</source>
        <translation>Drehpunkt</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>place a counter, drag a row</source>
        <translation>einen Stein setzen, eine Reihe ziehen</translation>
    </message>
    <message>
        <source>place a piece, drag a row</source>
        <translation>ein Bauteil setzen, eine Reihe ziehen</translation>
    </message>
    <message>
        <source>place, drag a row</source>
        <translation>setzen, eine Reihe ziehen</translation>
    </message>
    <message>
        <source>placed in Cast</source>
        <translation>gesetzt in Besetzen</translation>
    </message>
    <message>
        <source>placement</source>
        <translation>Aufstellung</translation>
    </message>
    <message>
        <source>placements</source>
        <translation>Aufstellungen</translation>
    </message>
    <message>
        <source>placements of the cast</source>
        <translation>Plätze der Besetzung</translation>
    </message>
    <message>
        <source>places</source>
        <translation>Orten</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>schlicht</translation>
    </message>
    <message>
        <source>plain again, mark off, topmost colour off</source>
        <translation>wieder schlicht, Marke ab, oberste Farbe ab</translation>
    </message>
    <message>
        <source>plain colour</source>
        <translation>schlichte Farbe</translation>
    </message>
    <message>
        <source>plain numbers</source>
        <translation>einfache Zahlen</translation>
    </message>
    <message>
        <source>plan draw idea paper greybox underlay reference</source>
        <translation>plan zeichnen idee papier vorlage grauentwurf</translation>
    </message>
    <message>
        <source>play</source>
        <translation>Partie</translation>
    </message>
    <message>
        <source>play playtest test try here</source>
        <translation>spielen testen probieren hier</translation>
    </message>
    <message>
        <source>play playtest test try run game</source>
        <translation>spielen testen probieren laufen spiel</translation>
    </message>
    <message>
        <source>play test here start</source>
        <translation>spielen testen hier start</translation>
    </message>
    <message>
        <source>played</source>
        <translation>gespielt</translation>
    </message>
    <message>
        <source>playing: a hint</source>
        <translation>beim Spielen: ein Hinweis</translation>
    </message>
    <message>
        <source>playing: take a move back</source>
        <translation>beim Spielen: einen Zug zurücknehmen</translation>
    </message>
    <message>
        <source>playing: the next counter</source>
        <translation>beim Spielen: der nächste Stein</translation>
    </message>
    <message>
        <source>plays</source>
        <translation>Partien</translation>
    </message>
    <message>
        <source>point: can a body be there, and how?</source>
        <translation>zeigen: kann dort ein Körper sein, und wie?</translation>
    </message>
    <message>
        <source>point: what is on a slot</source>
        <translation>zeigen: was auf einem Platz ist</translation>
    </message>
    <message>
        <source>pointer off the board</source>
        <translation>Zeiger nicht auf dem Brett</translation>
    </message>
    <message>
        <source>port</source>
        <translation>Anschluss</translation>
    </message>
    <message>
        <source>pour</source>
        <translation>gießen</translation>
    </message>
    <message>
        <source>prefab chunk pattern reuse library</source>
        <translation>fertigteil stück muster wiederverwenden sammlung</translation>
    </message>
    <message>
        <source>preferences options configure theme font text size keys shortcuts autosave language</source>
        <translation>optionen einstellen thema schrift textgröße tasten kürzel sprache</translation>
    </message>
    <message>
        <source>press a key …</source>
        <translation>Taste drücken …</translation>
    </message>
    <message>
        <source>protect entities objects</source>
        <translation>objekte schützen sperren</translation>
    </message>
    <message>
        <source>protect terrain</source>
        <translation>gelände schützen sperren</translation>
    </message>
    <message>
        <source>proven</source>
        <translation>bewiesen</translation>
    </message>
    <message>
        <source>pull a side of %1</source>
        <translation>eine Seite von %1 verschieben</translation>
    </message>
    <message>
        <source>pull it, of the solid that is selected</source>
        <translation>verschiebt sie, am gewählten Körper</translation>
    </message>
    <message>
        <source>push</source>
        <translation>schieben</translation>
    </message>
    <message>
        <source>pushes</source>
        <translation>schiebt</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>px &lt;b&gt;%1, %2&lt;/b&gt;</source>
        <translation>px &lt;b&gt;%1, %2&lt;/b&gt;</translation>
    </message>
    <message>
        <source>px &lt;b&gt;–&lt;/b&gt;</source>
        <translation>px &lt;b&gt;–&lt;/b&gt;</translation>
    </message>
    <message>
        <source>px/tick</source>
        <translation>px/Takt</translation>
    </message>
    <message>
        <source>px; the first is the measure</source>
        <translation>px; der erste ist das Maß</translation>
    </message>
    <message>
        <source>ramp</source>
        <translation>Rampe</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>reached after %1 modules</source>
        <translation>erreicht nach %1 Modulen</translation>
    </message>
    <message>
        <source>reached after %1 ticks, %2 s</source>
        <translation>erreicht nach %1 Takten, %2 s</translation>
    </message>
    <message>
        <source>reached, and a trap: no exit from here</source>
        <translation>erreicht, und eine Falle: von hier kein Ausgang</translation>
    </message>
    <message>
        <source>reached, in the air</source>
        <translation>erreicht, in der Luft</translation>
    </message>
    <message>
        <source>reached, standing</source>
        <translation>erreicht, stehend</translation>
    </message>
    <message>
        <source>rectangles</source>
        <translation>Rechtecke</translation>
    </message>
    <message>
        <source>remove erase clear</source>
        <translation>entfernen löschen leeren</translation>
    </message>
    <message>
        <source>remove the piece under the pointer</source>
        <translation>das Bauteil unter dem Zeiger entfernen</translation>
    </message>
    <message>
        <source>removed</source>
        <translation>entfernt</translation>
    </message>
    <message>
        <source>repeat tiles in a box</source>
        <translation>Kacheln in einem Kasten wiederholen</translation>
    </message>
    <message>
        <source>repeat tiles over what hangs together</source>
        <translation>Kacheln über Zusammenhängendes wiederholen</translation>
    </message>
    <message>
        <source>repeats across</source>
        <translation>wiederholt waagerecht</translation>
    </message>
    <message>
        <source>repeats both ways</source>
        <translation>wiederholt in beide Richtungen</translation>
    </message>
    <message>
        <source>replay playback proof ticks inputs</source>
        <translation>nachspielen wiedergabe beweis takte eingaben</translation>
    </message>
    <message>
        <source>resize level width height columns rows larger crop change size</source>
        <translation>größe ändern breite höhe spalten zeilen zuschneiden</translation>
    </message>
    <message>
        <source>respawn save point</source>
        <translation>wiedereinstieg speicherpunkt</translation>
    </message>
    <message>
        <source>ridges</source>
        <translation>Grate</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>right button</source>
        <translation>rechte Taste</translation>
    </message>
    <message>
        <source>right of</source>
        <translation>rechts von</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>ring of enemies turning pattern</source>
        <translation>ring von gegnern drehen muster</translation>
    </message>
    <message>
        <source>rings</source>
        <translation>Ringe</translation>
    </message>
    <message>
        <source>rise %1 px</source>
        <translation>Anstieg %1 px</translation>
    </message>
    <message>
        <source>rises to the left</source>
        <translation>steigt nach links</translation>
    </message>
    <message>
        <source>risky by time</source>
        <translation>zu Zeiten gefährlich</translation>
    </message>
    <message>
        <source>room of %1 modules</source>
        <translation>Raum von %1 Modulen</translation>
    </message>
    <message>
        <source>roster %1</source>
        <translation>Aufgebot %1</translation>
    </message>
    <message>
        <source>rotate anticlockwise counterclockwise</source>
        <translation>drehen gegen uhrzeigersinn</translation>
    </message>
    <message>
        <source>rotate clockwise</source>
        <translation>drehen uhrzeigersinn</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rund</translation>
    </message>
    <message>
        <source>row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>rows of characters, out and in</source>
        <translation>Zeilen von Zeichen, hinaus und herein</translation>
    </message>
    <message>
        <source>rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>rule %1</source>
        <translation>Regel %1</translation>
    </message>
    <message>
        <source>rules</source>
        <translation>Regeln</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>running and jumping</source>
        <translation>laufend und springend</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gesichert</translation>
    </message>
    <message>
        <source>says %1</source>
        <translation>sagt %1</translation>
    </message>
    <message>
        <source>says nothing</source>
        <translation>sagt nichts</translation>
    </message>
    <message>
        <source>search command palette help</source>
        <translation>suchen befehl hilfe</translation>
    </message>
    <message>
        <source>search the cards</source>
        <translation>Karten suchen</translation>
    </message>
    <message>
        <source>set a line of tiles</source>
        <translation>eine Linie Kacheln setzen</translation>
    </message>
    <message>
        <source>set down</source>
        <translation>absetzen</translation>
    </message>
    <message>
        <source>set tiles</source>
        <translation>Kacheln setzen</translation>
    </message>
    <message>
        <source>short hop</source>
        <translation>kurzer Sprung</translation>
    </message>
    <message>
        <source>shortcuts keyboard hotkeys help</source>
        <translation>kürzel tastatur tastenkürzel hilfe</translation>
    </message>
    <message>
        <source>shown</source>
        <translation>sichtbar</translation>
    </message>
    <message>
        <source>shown in Sketch only</source>
        <translation>nur in Skizze zu sehen</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>sketch underlay show hide</source>
        <translation>skizze vorlage zeigen verbergen</translation>
    </message>
    <message>
        <source>slide</source>
        <translation>gleiten</translation>
    </message>
    <message>
        <source>slide push pour gather win goal</source>
        <translation>schieben stoßen gießen sammeln gewinnen ziel</translation>
    </message>
    <message>
        <source>slope</source>
        <translation>schräg</translation>
    </message>
    <message>
        <source>slopes</source>
        <translation>Schrägen</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>slots</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>slots along a line</source>
        <translation>Plätze auf einer Linie</translation>
    </message>
    <message>
        <source>slots in a frame</source>
        <translation>Plätze in einem Rahmen</translation>
    </message>
    <message>
        <source>slots that are alike and touch</source>
        <translation>gleiche Plätze, die sich berühren</translation>
    </message>
    <message>
        <source>smaller farther</source>
        <translation>kleiner weiter verkleinern</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>snap to px; add to the selection</source>
        <translation>auf px einrasten; zur Auswahl dazu</translation>
    </message>
    <message>
        <source>solid</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>solid shapes hitbox physics outline</source>
        <translation>feste formen trefferfläche physik umriss</translation>
    </message>
    <message>
        <source>solids</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>solved</source>
        <translation>gelöst</translation>
    </message>
    <message>
        <source>solved in %1 ms</source>
        <translation>gelöst in %1 ms</translation>
    </message>
    <message>
        <source>spawn entity object enemy foe item add put start exit door key hazard platform checkpoint pickup coin</source>
        <translation>start figur objekt gegner gegenstand hinzufügen setzen ausgang tür schlüssel gefahr plattform münze fund</translation>
    </message>
    <message>
        <source>spikes trap danger timed</source>
        <translation>stacheln falle gefahr zeit</translation>
    </message>
    <message>
        <source>sprite animation frames sheet picture</source>
        <translation>sprite animation bilder bogen</translation>
    </message>
    <message>
        <source>sprung</source>
        <translation>gefedert</translation>
    </message>
    <message>
        <source>square</source>
        <translation>Quadrate</translation>
    </message>
    <message>
        <source>stairs</source>
        <translation>Treppe</translation>
    </message>
    <message>
        <source>stairs ramp slope ledge platform floor straight</source>
        <translation>treppe rampe schräge sims plattform boden gerade</translation>
    </message>
    <message>
        <source>stairs round circle slope steps numbers</source>
        <translation>treppe rund kreis schräge stufen zahlen</translation>
    </message>
    <message>
        <source>standing</source>
        <translation>steht</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>start is blocked</source>
        <translation>Start ist blockiert</translation>
    </message>
    <message>
        <source>start player begin</source>
        <translation>start spieler anfang</translation>
    </message>
    <message>
        <source>starts</source>
        <translation>Anfänge</translation>
    </message>
    <message>
        <source>state</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>step by step</source>
        <translation>Stufe um Stufe</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>still works</source>
        <translation>geht noch</translation>
    </message>
    <message>
        <source>storey</source>
        <translation>Geschoss</translation>
    </message>
    <message>
        <source>storeys</source>
        <translation>Geschosse</translation>
    </message>
    <message>
        <source>straight line, square</source>
        <translation>gerade Linie, Quadrat</translation>
    </message>
    <message>
        <source>straight line, square; add to the selection</source>
        <translation>gerade Linie, Quadrat; zur Auswahl dazu</translation>
    </message>
    <message>
        <source>stretch</source>
        <translation>strecken</translation>
    </message>
    <message>
        <source>stretch to modules</source>
        <translation>auf Module strecken</translation>
    </message>
    <message>
        <source>swatch</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>swim</source>
        <translation>schwimmen</translation>
    </message>
    <message>
        <source>swimming</source>
        <translation>schwimmt</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>tables</source>
        <translation>Tabellen</translation>
    </message>
    <message>
        <source>take and move counters</source>
        <translation>Steine nehmen und verschieben</translation>
    </message>
    <message>
        <source>take and move pieces and solids</source>
        <translation>Bauteile und Körper nehmen und verschieben</translation>
    </message>
    <message>
        <source>take and move tiles by cells</source>
        <translation>Kacheln zellweise nehmen und verschieben</translation>
    </message>
    <message>
        <source>take marks, the underlay</source>
        <translation>Striche und Vorlage nehmen</translation>
    </message>
    <message>
        <source>take slots</source>
        <translation>Plätze nehmen</translation>
    </message>
    <message>
        <source>take the kind under the pointer</source>
        <translation>die Art unter dem Zeiger nehmen</translation>
    </message>
    <message>
        <source>take the matter, or a pattern</source>
        <translation>den Stoff nehmen, oder ein Muster</translation>
    </message>
    <message>
        <source>take the piece under the pointer in hand</source>
        <translation>das Bauteil unter dem Zeiger nehmen</translation>
    </message>
    <message>
        <source>take the selected tiles in hand, lay them</source>
        <translation>die gewählten Kacheln in die Hand nehmen, legen</translation>
    </message>
    <message>
        <source>take the tiles that are seen</source>
        <translation>die Kacheln nehmen, die man sieht</translation>
    </message>
    <message>
        <source>take what the slot has in hand</source>
        <translation>nehmen, was der Platz hat</translation>
    </message>
    <message>
        <source>take, move, drag handles</source>
        <translation>nehmen, verschieben, Griffe ziehen</translation>
    </message>
    <message>
        <source>take, move, stretch cells</source>
        <translation>Zellen nehmen, verschieben, strecken</translation>
    </message>
    <message>
        <source>terrain type solid one-way ladder water deadly spikes friction ice material</source>
        <translation>gelände typ fest einseitig leiter wasser tödlich stacheln reibung eis material</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>that of its kind</source>
        <translation>das seiner Art</translation>
    </message>
    <message>
        <source>that the player reads</source>
        <translation>den der Spieler liest</translation>
    </message>
    <message>
        <source>the board alone; the tray while Q is held</source>
        <translation>das Brett allein; die Ablage, solange Q gehalten ist</translation>
    </message>
    <message>
        <source>the camera</source>
        <translation>die Kamera</translation>
    </message>
    <message>
        <source>the cast as a table, out and in</source>
        <translation>die Besetzung als Tabelle, hinaus und herein</translation>
    </message>
    <message>
        <source>the chosen rows</source>
        <translation>die gewählten Zeilen</translation>
    </message>
    <message>
        <source>the end</source>
        <translation>das Ende</translation>
    </message>
    <message>
        <source>the first level</source>
        <translation>das erste Level</translation>
    </message>
    <message>
        <source>the first spawn</source>
        <translation>der erste Start</translation>
    </message>
    <message>
        <source>the first stroke makes one</source>
        <translation>noch keins</translation>
    </message>
    <message>
        <source>the game again</source>
        <translation>das Spiel von vorn</translation>
    </message>
    <message>
        <source>the game in a browser, for others to try</source>
        <translation>das Spiel im Browser, für andere zum Probieren</translation>
    </message>
    <message>
        <source>the game on paper, with findings</source>
        <translation>das Spiel auf Papier, mit Befunden</translation>
    </message>
    <message>
        <source>the game's own settings</source>
        <translation>die Einstellungen des Spiels</translation>
    </message>
    <message>
        <source>the left stick, or the cross</source>
        <translation>der linke Stick oder das Kreuz</translation>
    </message>
    <message>
        <source>the level has no roster</source>
        <translation>das Level hat kein Aufgebot</translation>
    </message>
    <message>
        <source>the line is a flight of stairs</source>
        <translation>die Linie ist eine Treppe</translation>
    </message>
    <message>
        <source>the lowest button</source>
        <translation>der unterste Knopf</translation>
    </message>
    <message>
        <source>the masses</source>
        <translation>die Massen</translation>
    </message>
    <message>
        <source>the masses alone</source>
        <translation>nur die Massen</translation>
    </message>
    <message>
        <source>the next level</source>
        <translation>das nächste Level</translation>
    </message>
    <message>
        <source>the order</source>
        <translation>die Reihenfolge</translation>
    </message>
    <message>
        <source>the other way</source>
        <translation>andersherum</translation>
    </message>
    <message>
        <source>the pace</source>
        <translation>das Tempo</translation>
    </message>
    <message>
        <source>the picture</source>
        <translation>das Bild</translation>
    </message>
    <message>
        <source>the proof, any arrow takes over: </source>
        <translation>der Beweis, jeder Pfeil übernimmt: </translation>
    </message>
    <message>
        <source>the same</source>
        <translation>dieselbe</translation>
    </message>
    <message>
        <source>the shot</source>
        <translation>der Schuss</translation>
    </message>
    <message>
        <source>the speed</source>
        <translation>das Tempo</translation>
    </message>
    <message>
        <source>the steps</source>
        <translation>die Schritte</translation>
    </message>
    <message>
        <source>the theme</source>
        <translation>das Thema</translation>
    </message>
    <message>
        <source>the tile beside</source>
        <translation>die Kachel daneben</translation>
    </message>
    <message>
        <source>the timetable</source>
        <translation>der Zeitplan</translation>
    </message>
    <message>
        <source>the token is wrong</source>
        <translation>das Token ist falsch</translation>
    </message>
    <message>
        <source>the turn</source>
        <translation>die Drehung</translation>
    </message>
    <message>
        <source>the turn marks</source>
        <translation>die Umkehrmarken</translation>
    </message>
    <message>
        <source>the view in depth: beside, instead, off</source>
        <translation>die Ansicht in die Tiefe: daneben, statt, aus</translation>
    </message>
    <message>
        <source>there are too many games</source>
        <translation>es sind zu viele Spiele</translation>
    </message>
    <message>
        <source>thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>things</source>
        <translation>Dinge</translation>
    </message>
    <message>
        <source>this machine</source>
        <translation>diesem Rechner</translation>
    </message>
    <message>
        <source>three quarters</source>
        <translation>drei Viertel</translation>
    </message>
    <message>
        <source>tick %1</source>
        <translation>Takt %1</translation>
    </message>
    <message>
        <source>ticks</source>
        <translation>Takte</translation>
    </message>
    <message>
        <source>ticks a point, with commas</source>
        <translation>Takte je Punkt, mit Kommas</translation>
    </message>
    <message>
        <source>tile</source>
        <translation>Kachel</translation>
    </message>
    <message>
        <source>tile %1</source>
        <translation>Kachel %1</translation>
    </message>
    <message>
        <source>tile row straight</source>
        <translation>kachel reihe gerade</translation>
    </message>
    <message>
        <source>tile size grid cell 16 32 px projection</source>
        <translation>kachelgröße raster zelle 16 32 px projektion</translation>
    </message>
    <message>
        <source>tiles</source>
        <translation>Kacheln</translation>
    </message>
    <message>
        <source>tiles in hand</source>
        <translation>Kacheln in der Hand</translation>
    </message>
    <message>
        <source>tileset animation properties</source>
        <translation>kachelsatz animation eigenschaften</translation>
    </message>
    <message>
        <source>title rename id goal win condition message words text edges background color colour music properties settings camera screen</source>
        <translation>titel umbenennen id ziel gewinnen bedingung nachricht text ränder hintergrund farbe musik eigenschaften kamera bildschirm</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>to %1</source>
        <translation>zu %1</translation>
    </message>
    <message>
        <source>to %1, %2, at %3 %</source>
        <translation>bis %1, %2, bei %3 %</translation>
    </message>
    <message>
        <source>to make</source>
        <translation>zu machen</translation>
    </message>
    <message>
        <source>to nowhere</source>
        <translation>nirgendwohin</translation>
    </message>
    <message>
        <source>to the end</source>
        <translation>zum Ende</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>to which entity?</source>
        <translation>mit welcher Figur?</translation>
    </message>
    <message>
        <source>together prefab set</source>
        <translation>zusammen gruppe satz</translation>
    </message>
    <message>
        <source>too large to merge live</source>
        <translation>zu groß, um live zu verschmelzen</translation>
    </message>
    <message>
        <source>too many messages that are no calls</source>
        <translation>zu viele Nachrichten, die keine Aufrufe sind</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>traps</source>
        <translation>Fallen</translation>
    </message>
    <message>
        <source>turn faces right</source>
        <translation>Flächen richtig wenden</translation>
    </message>
    <message>
        <source>turn the selected counter</source>
        <translation>den gewählten Stein drehen</translation>
    </message>
    <message>
        <source>turn the selection left, right</source>
        <translation>die Auswahl nach links, rechts drehen</translation>
    </message>
    <message>
        <source>turn the view in depth, with Shift move it</source>
        <translation>die Ansicht in die Tiefe drehen, mit Umschalt bewegen</translation>
    </message>
    <message>
        <source>turn what is in hand, or the selection</source>
        <translation>drehen, was man in der Hand hat, oder die Auswahl</translation>
    </message>
    <message>
        <source>tutorial introduction first learn begin example</source>
        <translation>einführung anleitung erste lernen anfangen beispiel</translation>
    </message>
    <message>
        <source>under</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>under a ceiling</source>
        <translation>unter einer Decke</translation>
    </message>
    <message>
        <source>under ceilings</source>
        <translation>unter Decken</translation>
    </message>
    <message>
        <source>undo, redo</source>
        <translation>rückgängig, wiederholen</translation>
    </message>
    <message>
        <source>until a key</source>
        <translation>bis zu einer Taste</translation>
    </message>
    <message>
        <source>untouchable</source>
        <translation>unberührbar</translation>
    </message>
    <message>
        <source>up</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>up and down</source>
        <translation>auf und ab</translation>
    </message>
    <message>
        <source>up to </source>
        <translation>bis zu </translation>
    </message>
    <message>
        <source>up to storey %1</source>
        <translation>bis Geschoss %1</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>upside down</source>
        <translation>auf dem Kopf</translation>
    </message>
    <message>
        <source>upwards</source>
        <translation>nach oben</translation>
    </message>
    <message>
        <source>upwards in the plan</source>
        <translation>im Plan nach oben</translation>
    </message>
    <message>
        <source>version licence credits</source>
        <translation>version lizenz mitwirkende</translation>
    </message>
    <message>
        <source>walk</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>walk, and back; with Shift from the pointer</source>
        <translation>Probelauf und zurück; mit Umschalt vom Zeiger</translation>
    </message>
    <message>
        <source>walking — arrows or W A S D, Home again, Esc ends</source>
        <translation>Probelauf — Pfeile oder W A S D, Pos1 von vorn, Esc beendet</translation>
    </message>
    <message>
        <source>walking: %1 s, %2 taken, %3 deaths, %4 exits — P pause, O tick, I slow, U hidden, F screen, Home again, K keep, Esc</source>
        <translation>Probelauf: %1 s, %2 genommen, %3 Tode, %4 Ausgänge — P Pause, O Takt, I langsam, U Verborgenes, F Bildschirm, Pos1 von vorn, K behalten, Esc</translation>
    </message>
    <message>
        <source>walking: keep the run, it must stay possible</source>
        <translation>Probelauf: Lauf behalten, er muss möglich bleiben</translation>
    </message>
    <message>
        <source>walking: pause, one tick, slow</source>
        <translation>Probelauf: Pause, ein Takt, langsam</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>wall jump</source>
        <translation>Wandsprung</translation>
    </message>
    <message>
        <source>walls</source>
        <translation>Wände</translation>
    </message>
    <message>
        <source>walls, ceiling</source>
        <translation>Wände, Decke</translation>
    </message>
    <message>
        <source>way point %1, %2 cells</source>
        <translation>Wegpunkt %1, %2 Zellen</translation>
    </message>
    <message>
        <source>ways</source>
        <translation>Wege</translation>
    </message>
    <message>
        <source>what came before</source>
        <translation>was vorher war</translation>
    </message>
    <message>
        <source>what hangs together</source>
        <translation>was zusammenhängt</translation>
    </message>
    <message>
        <source>what opens</source>
        <translation>was öffnet</translation>
    </message>
    <message>
        <source>what the game counts</source>
        <translation>was das Spiel zählt</translation>
    </message>
    <message>
        <source>wheel, Home</source>
        <translation>Rad, Pos1</translation>
    </message>
    <message>
        <source>when it is lost</source>
        <translation>wenn verloren ist</translation>
    </message>
    <message>
        <source>when it is said</source>
        <translation>wenn es gesagt wird</translation>
    </message>
    <message>
        <source>when it is won</source>
        <translation>wenn gewonnen ist</translation>
    </message>
    <message>
        <source>when the game is over</source>
        <translation>wenn das Spiel vorbei ist</translation>
    </message>
    <message>
        <source>when the game is over, and at its end</source>
        <translation>wenn das Spiel vorbei ist, und an seinem Ende</translation>
    </message>
    <message>
        <source>where folder data settings autosave path recover</source>
        <translation>wo ordner daten einstellungen autosave pfad retten</translation>
    </message>
    <message>
        <source>where the model has it</source>
        <translation>wo das Modell ihn hat</translation>
    </message>
    <message>
        <source>whole</source>
        <translation>ganze Zahl</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>win within</source>
        <translation>gewinnen in</translation>
    </message>
    <message>
        <source>windows</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>without %1</source>
        <translation>ohne %1</translation>
    </message>
    <message>
        <source>won in %1 — Home again, Esc ends</source>
        <translation>gewonnen in %1 — Pos1 von vorn, Esc beendet</translation>
    </message>
    <message>
        <source>write store keep disk</source>
        <translation>speichern sichern schreiben platte</translation>
    </message>
    <message>
        <source>write words</source>
        <translation>Wörter schreiben</translation>
    </message>
    <message>
        <source>written %1</source>
        <translation>geschrieben %1</translation>
    </message>
    <message>
        <source>x</source>
        <translation>x</translation>
    </message>
    <message>
        <source>x, px</source>
        <translation>x, px</translation>
    </message>
    <message>
        <source>y</source>
        <translation>y</translation>
    </message>
    <message>
        <source>y goes</source>
        <translation>y geht nach</translation>
    </message>
    <message>
        <source>y, as the format says</source>
        <translation>y, wie das Format sagt</translation>
    </message>
    <message>
        <source>y, px</source>
        <translation>y, px</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>yes/no</source>
        <translation>ja/nein</translation>
    </message>
    <message>
        <source>yours alone: they are in no project</source>
        <translation>nur deine: sie stehen in keinem Projekt</translation>
    </message>
    <message>
        <source>z</source>
        <translation>z</translation>
    </message>
    <message>
        <source>zone</source>
        <translation>Zone</translation>
    </message>
    <message>
        <source>zones</source>
        <translation>Zonen</translation>
    </message>
    <message>
        <source>zoom at the pointer, fit the level</source>
        <translation>Zoom am Zeiger, Level einpassen</translation>
    </message>
    <message>
        <source>zoom whole reset view centre center all</source>
        <translation>zoom ganz ansicht mitte zentrieren alles</translation>
    </message>
    <message>
        <source>× %1</source>
        <translation>× %1</translation>
    </message>
    <message>
        <source>…</source>
        <translation>…</translation>
    </message>
    <message>
        <source>→ %1</source>
        <translation>→ %1</translation>
    </message>
    <message>
        <source>↔</source>
        <translation>↔</translation>
    </message>
    <message>
        <source>↕</source>
        <translation>↕</translation>
    </message>
    <message>
        <source>✓ %1, still possible</source>
        <translation>✓ %1, noch möglich</translation>
    </message>
    <message>
        <source>✓ Nothing wrong between the levels, or in files.</source>
        <translation>✓ Nichts falsch zwischen den Leveln oder in Dateien.</translation>
    </message>
    <message>
        <source>✓ makes it, %1 px of gap and %2 px of height to spare</source>
        <translation>✓ schafft es, %1 px Lücke und %2 px Höhe übrig</translation>
    </message>
    <message>
        <source>✓ met</source>
        <translation>✓ getroffen</translation>
    </message>
    <message>
        <source>✓ passed</source>
        <translation>✓ passiert</translation>
    </message>
    <message>
        <source>✓ reached</source>
        <translation>✓ erreicht</translation>
    </message>
    <message>
        <source>✕ not reached</source>
        <translation>✕ nicht erreicht</translation>
    </message>
    <message>
        <source>✕ out of reach</source>
        <translation>✕ nicht erreichbar</translation>
    </message>
    <message>
        <source>✕ too high by %1 px</source>
        <translation>✕ um %1 px zu hoch</translation>
    </message>
    <message>
        <source>✕ too wide by %1 px</source>
        <translation>✕ um %1 px zu weit</translation>
    </message>
    <message>
        <source>✗ %1, broken</source>
        <translation>✗ %1, gebrochen</translation>
    </message>
</context>
</TS>
