<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de">
<context>
    <name>core</name>
    <message>
        <source> and %1</source>
        <translation> und %1</translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation> und %1 mehr</translation>
    </message>
    <message>
        <source> and %1 others</source>
        <translation> und %1 andere</translation>
    </message>
    <message>
        <source> and more</source>
        <translation> und mehr</translation>
    </message>
    <message>
        <source> at cell %1, %2</source>
        <translation> bei Zelle %1, %2</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> von %1</translation>
    </message>
    <message>
        <source> of the form %1</source>
        <translation> der Form %1</translation>
    </message>
    <message>
        <source> or %1</source>
        <translation> oder %1</translation>
    </message>
    <message>
        <source> surfaces can hardly be told from what lies behind them, the worst by %1 of lightness</source>
        <translation> Flächen heben sich kaum von dem ab, was hinter ihnen liegt, die schlechteste um %1 in der Helligkeit</translation>
    </message>
    <message>
        <source> surfaces lie before something busy, whose lightness varies by %1</source>
        <translation> Flächen liegen vor Unruhigem, dessen Helligkeit um %1 schwankt</translation>
    </message>
    <message>
        <source>"%1" %2 time</source>
        <translation>"%1" %2-mal</translation>
    </message>
    <message>
        <source>"%1" %2 times</source>
        <translation>"%1" %2-mal</translation>
    </message>
    <message>
        <source>"%1" is no colour</source>
        <translation>"%1" ist keine Farbe</translation>
    </message>
    <message>
        <source>"%1" is no kind of counter</source>
        <translation>"%1" ist keine Art von Stein</translation>
    </message>
    <message>
        <source>"%1" is no number of cells</source>
        <translation>"%1" ist keine Zahl von Zellen</translation>
    </message>
    <message>
        <source>"%1" is no number of modules</source>
        <translation>„%1“ ist keine Zahl von Modulen</translation>
    </message>
    <message>
        <source>"%1" is no plain name</source>
        <translation>"%1" ist kein einfacher Name</translation>
    </message>
    <message>
        <source>"%1" is no profile</source>
        <translation>"%1" ist kein Profil</translation>
    </message>
    <message>
        <source>"%1" is no run of cells</source>
        <translation>"%1" ist kein Lauf von Zellen</translation>
    </message>
    <message>
        <source>"%1" is no value of %2</source>
        <translation>"%1" ist kein Wert von %2</translation>
    </message>
    <message>
        <source>"%1" is no way to face</source>
        <translation>"%1" ist keine Blickrichtung</translation>
    </message>
    <message>
        <source>"%1" is no whole number</source>
        <translation>"%1" ist keine ganze Zahl</translation>
    </message>
    <message>
        <source>"%1" is not known here</source>
        <translation>"%1" ist hier nicht bekannt</translation>
    </message>
    <message>
        <source>"%1" is there twice</source>
        <translation>"%1" ist zweimal da</translation>
    </message>
    <message>
        <source>%1 %2 grants %3 and stands where one needs it</source>
        <translation>%1 %2 verleiht %3 und steht, wo man es schon braucht</translation>
    </message>
    <message>
        <source>%1 %2 is buried in solid matter</source>
        <translation>%1 %2 ist in festem Stoff begraben</translation>
    </message>
    <message>
        <source>%1 %2 is in the way</source>
        <translation>%1 %2 ist im Weg</translation>
    </message>
    <message>
        <source>%1 %2 is out of reach</source>
        <translation>%1 %2 ist nicht erreichbar</translation>
    </message>
    <message>
        <source>%1 %2 stands behind the door that it opens</source>
        <translation>%1 %2 steht hinter der Tür, die es öffnet</translation>
    </message>
    <message>
        <source>%1 %2 stands in a trap</source>
        <translation>%1 %2 steht in einer Falle</translation>
    </message>
    <message>
        <source>%1 %2 with %3</source>
        <translation>%1 %2 mit %3</translation>
    </message>
    <message>
        <source>%1 %2, which is not there</source>
        <translation>%1 %2, das es nicht gibt</translation>
    </message>
    <message>
        <source>%1 (%2 px, nearest %3 %4)</source>
        <translation>%1 (%2 px, am nächsten %3 %4)</translation>
    </message>
    <message>
        <source>%1 a sign that stands for nothing (%2 and more): it becomes open.</source>
        <translation>%1 ein Zeichen, das für nichts steht (%2 und mehr): sie wird offen.</translation>
    </message>
    <message>
        <source>%1 a sign that stands for nothing (%2 and more): they become open.</source>
        <translation>%1 ein Zeichen, das für nichts steht (%2 und mehr): sie werden offen.</translation>
    </message>
    <message>
        <source>%1 a sign that stands for nothing (%2): it becomes open.</source>
        <translation>%1 ein Zeichen, das für nichts steht (%2): sie wird offen.</translation>
    </message>
    <message>
        <source>%1 a sign that stands for nothing (%2): they become open.</source>
        <translation>%1 ein Zeichen, das für nichts steht (%2): sie werden offen.</translation>
    </message>
    <message>
        <source>%1 against %2</source>
        <translation>%1 gegen %2</translation>
    </message>
    <message>
        <source>%1 and %2 are drawn by the same character, %3, in texts of levels</source>
        <translation>%1 und %2 haben in Textleveln dasselbe Zeichen, %3</translation>
    </message>
    <message>
        <source>%1 and %2 overlap</source>
        <translation>%1 und %2 überschneiden sich</translation>
    </message>
    <message>
        <source>%1 and %2 overlap in %3 module</source>
        <translation>%1 und %2 überschneiden sich in %3 Modul</translation>
    </message>
    <message>
        <source>%1 and %2 overlap in %3 modules</source>
        <translation>%1 und %2 überschneiden sich in %3 Modulen</translation>
    </message>
    <message>
        <source>%1 and %2 overlap, and faces of both lie in one plane, where they flicker</source>
        <translation>%1 und %2 überschneiden sich, und Flächen beider liegen in einer Ebene, wo sie flimmern</translation>
    </message>
    <message>
        <source>%1 and %2 share %3 x %4 cells, where the first counts</source>
        <translation>%1 und %2 teilen %3 x %4 Zellen, in denen die erste gilt</translation>
    </message>
    <message>
        <source>%1 and %2 touch and do not fit: %3</source>
        <translation>%1 und %2 berühren sich und passen nicht: %3</translation>
    </message>
    <message>
        <source>%1 at %2, %3</source>
        <translation>%1 bei %2, %3</translation>
    </message>
    <message>
        <source>%1 becomes %2, its zones, layers and edges those of the file.</source>
        <translation>%1 wird %2, seine Zonen, Ebenen und Ränder die der Datei.</translation>
    </message>
    <message>
        <source>%1 can be left with more than %2 sets of things in hand</source>
        <translation>%1 lässt sich mit mehr als %2 Sätzen von Dingen verlassen</translation>
    </message>
    <message>
        <source>%1 can be skipped: %2 is reached without it</source>
        <translation>%1 ist umgehbar: %2 ist ohne sie erreichbar</translation>
    </message>
    <message>
        <source>%1 can be swapped for %2, and not back</source>
        <translation>%1 lässt sich gegen %2 wechseln und nicht zurück</translation>
    </message>
    <message>
        <source>%1 cannot be one of many</source>
        <translation>%1 kann nicht eines von vielen sein</translation>
    </message>
    <message>
        <source>%1 cannot take the form %2</source>
        <translation>%1 kann die Form %2 nicht annehmen</translation>
    </message>
    <message>
        <source>%1 cell</source>
        <translation>%1 Zelle</translation>
    </message>
    <message>
        <source>%1 cell is reached and in no zone</source>
        <translation>%1 Zelle ist erreicht und in keiner Zone</translation>
    </message>
    <message>
        <source>%1 cell shows tiles that %2 does not have</source>
        <translation>%1 Zelle zeigt Kacheln, die %2 nicht hat</translation>
    </message>
    <message>
        <source>%1 cells</source>
        <translation>%1 Zellen</translation>
    </message>
    <message>
        <source>%1 cells </source>
        <translation>%1 Zellen </translation>
    </message>
    <message>
        <source>%1 cells are reached and in no zone</source>
        <translation>%1 Zellen sind erreicht und in keiner Zone</translation>
    </message>
    <message>
        <source>%1 cells show tiles that %2 does not have</source>
        <translation>%1 Zellen zeigen Kacheln, die %2 nicht hat</translation>
    </message>
    <message>
        <source>%1 changes what can be reached, so it must be laid down</source>
        <translation>%1 ändert, was erreichbar ist, also muss es festgelegt werden</translation>
    </message>
    <message>
        <source>%1 counter</source>
        <translation>%1 Stein</translation>
    </message>
    <message>
        <source>%1 counters</source>
        <translation>%1 Steine</translation>
    </message>
    <message>
        <source>%1 counters of it are taken away</source>
        <translation>%1 Steine davon werden weggenommen</translation>
    </message>
    <message>
        <source>%1 deep plan%2</source>
        <translation>%1 tiefer Plan%2</translation>
    </message>
    <message>
        <source>%1 deep%2</source>
        <translation>%1 tief%2</translation>
    </message>
    <message>
        <source>%1 divides a module into none, or into more than 1000 parts</source>
        <translation>%1 teilt ein Modul in keine oder in mehr als 1000 Teile</translation>
    </message>
    <message>
        <source>%1 does not begin at its corner 0, 0</source>
        <translation>%1 beginnt nicht an seiner Ecke 0, 0</translation>
    </message>
    <message>
        <source>%1 entities</source>
        <translation>%1 Figuren</translation>
    </message>
    <message>
        <source>%1 entities keep their size and cell</source>
        <translation>%1 Figuren behalten ihre Größe und Zelle</translation>
    </message>
    <message>
        <source>%1 entity</source>
        <translation>%1 Figur</translation>
    </message>
    <message>
        <source>%1 entity keeps its size and cell</source>
        <translation>%1 Figur behält ihre Größe und Zelle</translation>
    </message>
    <message>
        <source>%1 gets to %2</source>
        <translation>%1 kommt zu %2</translation>
    </message>
    <message>
        <source>%1 gets to %2 at most, of %3</source>
        <translation>%1 kommt höchstens auf %2, von %3</translation>
    </message>
    <message>
        <source>%1 gets to %2 with all that can be gained</source>
        <translation>%1 kommt mit allem, was zu gewinnen ist, auf %2</translation>
    </message>
    <message>
        <source>%1 goes through a wall at px %2, %3</source>
        <translation>%1 geht bei px %2, %3 durch eine Wand</translation>
    </message>
    <message>
        <source>%1 grants %2, which the profile %3 does not list</source>
        <translation>%1 verleiht %2, was das Profil %3 nicht hat</translation>
    </message>
    <message>
        <source>%1 has a flat cell that rises</source>
        <translation>%1 hat eine flache Zelle, die steigt</translation>
    </message>
    <message>
        <source>%1 has a module or storey that is not above 0 and at most 1000 units</source>
        <translation>%1 hat ein Modul oder Geschoss, das nicht über 0 und höchstens 1000 Einheiten ist</translation>
    </message>
    <message>
        <source>%1 has a port that is not on its border</source>
        <translation>%1 hat einen Anschluss, der nicht an seinem Rand liegt</translation>
    </message>
    <message>
        <source>%1 has a ramp that does not rise</source>
        <translation>%1 hat eine Rampe, die nicht steigt</translation>
    </message>
    <message>
        <source>%1 has a title of %2 bytes</source>
        <translation>%1 hat einen Titel von %2 Bytes</translation>
    </message>
    <message>
        <source>%1 has a wall that is thinner than nothing</source>
        <translation>%1 hat eine Wand, die dünner als nichts ist</translation>
    </message>
    <message>
        <source>%1 has an open port to the %2</source>
        <translation>%1 hat einen offenen Anschluss nach %2</translation>
    </message>
    <message>
        <source>%1 has an opening that is not above 0 wide, deep and high</source>
        <translation>%1 hat eine Öffnung, die nicht über 0 breit, tief und hoch ist</translation>
    </message>
    <message>
        <source>%1 has another footprint than %2</source>
        <translation>%1 hat einen anderen Grundriss als %2</translation>
    </message>
    <message>
        <source>%1 has its pivot %2 units off across and %3 down</source>
        <translation>%1 hat seinen Drehpunkt %2 Einheiten quer und %3 längs daneben</translation>
    </message>
    <message>
        <source>%1 has its pivot outside of its footprint</source>
        <translation>%1 hat seinen Drehpunkt außerhalb seines Grundrisses</translation>
    </message>
    <message>
        <source>%1 has more than 64 openings</source>
        <translation>%1 hat mehr als 64 Öffnungen</translation>
    </message>
    <message>
        <source>%1 has no cell</source>
        <translation>%1 hat keine Zelle</translation>
    </message>
    <message>
        <source>%1 has no reference to such a thing</source>
        <translation>%1 hat keinen Bezug auf so etwas</translation>
    </message>
    <message>
        <source>%1 has no room between its floor and its ceiling</source>
        <translation>%1 hat zwischen Boden und Decke keinen Platz</translation>
    </message>
    <message>
        <source>%1 has no room on its patrol: it stands in a wall</source>
        <translation>%1 hat keinen Platz auf seiner Patrouille: es steht in einer Wand</translation>
    </message>
    <message>
        <source>%1 has no room on slot %2, %3</source>
        <translation>%1 hat auf Platz %2, %3 keinen Raum</translation>
    </message>
    <message>
        <source>%1 has no spawn</source>
        <translation>%1 hat keinen Start</translation>
    </message>
    <message>
        <source>%1 has no spawn or entry %2</source>
        <translation>%1 hat keinen Start oder Eingang %2</translation>
    </message>
    <message>
        <source>%1 has no title</source>
        <translation>%1 hat keinen Titel</translation>
    </message>
    <message>
        <source>%1 has not 1 to 64 steps</source>
        <translation>%1 hat nicht 1 bis 64 Stufen</translation>
    </message>
    <message>
        <source>%1 has not 3 to 64 sides</source>
        <translation>%1 hat nicht 3 bis 64 Seiten</translation>
    </message>
    <message>
        <source>%1 has one number of two in %2</source>
        <translation>%1 hat in %2 eine Zahl von zweien</translation>
    </message>
    <message>
        <source>%1 has other ports than %2</source>
        <translation>%1 hat andere Anschlüsse als %2</translation>
    </message>
    <message>
        <source>%1 has two cells in one place</source>
        <translation>%1 hat zwei Zellen an einem Ort</translation>
    </message>
    <message>
        <source>%1 has two pieces %2</source>
        <translation>%1 hat zwei Bauteile %2</translation>
    </message>
    <message>
        <source>%1 has two profiles %2</source>
        <translation>%1 hat zwei Profile %2</translation>
    </message>
    <message>
        <source>%1 holds %2 entities, the budget is %3</source>
        <translation>%1 hat %2 Figuren, das Budget ist %3</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>%1 is %2 at most</source>
        <translation>%1 ist höchstens %2</translation>
    </message>
    <message>
        <source>%1 is a board of pieces, which %2 cannot tell: it is not written.</source>
        <translation>%1 ist ein Brett aus Bauteilen, was %2 nicht sagen kann: es wird nicht geschrieben.</translation>
    </message>
    <message>
        <source>%1 is a formation of no kind</source>
        <translation>%1 ist eine Formation ohne Art</translation>
    </message>
    <message>
        <source>%1 is a key and opens nothing</source>
        <translation>%1 ist ein Schlüssel und öffnet nichts</translation>
    </message>
    <message>
        <source>%1 is a puzzle level, which %2 cannot tell: it is not written.</source>
        <translation>%1 ist ein Rätsellevel, was %2 nicht sagen kann: es wird nicht geschrieben.</translation>
    </message>
    <message>
        <source>%1 is entered from %2, and there is nothing to stand on within 256 px</source>
        <translation>%1 betritt man von %2, und im Umkreis von 256 px ist nichts zum Stehen</translation>
    </message>
    <message>
        <source>%1 is hidden by the layer %2: %3 % of it is covered</source>
        <translation>%1 ist von der Ebene %2 verdeckt: %3 % davon</translation>
    </message>
    <message>
        <source>%1 is larger than 64 modules or storeys</source>
        <translation>%1 ist größer als 64 Module oder Geschosse</translation>
    </message>
    <message>
        <source>%1 is left out: the proof run along %2 does not come by</source>
        <translation>%1 ist ausgelassen: der Beweislauf entlang %2 kommt nicht vorbei</translation>
    </message>
    <message>
        <source>%1 is never come to, whatever one does</source>
        <translation>%1 wird nie erreicht, was man auch tut</translation>
    </message>
    <message>
        <source>%1 is never needed: without it all is reached as with it</source>
        <translation>%1 wird nie gebraucht: ohne ist so viel erreichbar wie mit</translation>
    </message>
    <message>
        <source>%1 is never reached</source>
        <translation>%1 wird nie erreicht</translation>
    </message>
    <message>
        <source>%1 is no box and has openings</source>
        <translation>%1 ist kein Quader und hat Öffnungen</translation>
    </message>
    <message>
        <source>%1 is not above 0 and at most 1,000 modules across and down, in parts of a 64th or coarser</source>
        <translation>%1 ist quer und längs nicht über 0 und höchstens 1.000 Module, in Teilen von 64steln oder gröber</translation>
    </message>
    <message>
        <source>%1 is not above 0 and at most 1,000 units high</source>
        <translation>%1 ist nicht über 0 und höchstens 1.000 Einheiten hoch</translation>
    </message>
    <message>
        <source>%1 is not there any more</source>
        <translation>%1 ist nicht mehr da</translation>
    </message>
    <message>
        <source>%1 is of another scale: its model measures %2 x %3 units and not %4 x %5</source>
        <translation>%1 hat einen anderen Maßstab: sein Modell misst %2 x %3 Einheiten und nicht %4 x %5</translation>
    </message>
    <message>
        <source>%1 is of no kind of this project</source>
        <translation>%1 ist von keiner Art dieses Projekts</translation>
    </message>
    <message>
        <source>%1 is of the theme %2, and no swatch is</source>
        <translation>%1 hat das Thema %2, und keine Probe hat es</translation>
    </message>
    <message>
        <source>%1 is off the module by %2 across and %3 down</source>
        <translation>%1 liegt um %2 quer und %3 längs neben dem Modul</translation>
    </message>
    <message>
        <source>%1 is on from tick %2 while it is on already</source>
        <translation>%1 ist ab Takt %2 an, während es schon an ist</translation>
    </message>
    <message>
        <source>%1 is on no storey</source>
        <translation>%1 ist auf keinem Geschoss</translation>
    </message>
    <message>
        <source>%1 is on patrol and cannot move</source>
        <translation>%1 patrouilliert und kann sich nicht bewegen</translation>
    </message>
    <message>
        <source>%1 is on the plan here, and no %2 stands here</source>
        <translation>%1 steht hier im Plan, und hier steht kein %2</translation>
    </message>
    <message>
        <source>%1 is on the plan, and nothing in the project stands for it</source>
        <translation>%1 steht im Plan, und nichts im Projekt steht dafür</translation>
    </message>
    <message>
        <source>%1 is placed</source>
        <translation>%1 ist gesetzt</translation>
    </message>
    <message>
        <source>%1 is too far from its storey</source>
        <translation>%1 ist zu weit von seinem Geschoss</translation>
    </message>
    <message>
        <source>%1 is turned in a way that it may not be</source>
        <translation>%1 ist so gedreht, wie es nicht sein darf</translation>
    </message>
    <message>
        <source>%1 leaves a rider no room at px %2, %3</source>
        <translation>%1 lässt einem Mitfahrer bei px %2, %3 keinen Platz</translation>
    </message>
    <message>
        <source>%1 lies in the very place of %2</source>
        <translation>%1 liegt genau an der Stelle von %2</translation>
    </message>
    <message>
        <source>%1 lies on parts of a module that are finer than a 64th</source>
        <translation>%1 liegt auf Teilen eines Moduls, die feiner sind als ein 64stel</translation>
    </message>
    <message>
        <source>%1 lies outside the level</source>
        <translation>%1 liegt außerhalb des Levels</translation>
    </message>
    <message>
        <source>%1 marks</source>
        <translation>%1 Striche</translation>
    </message>
    <message>
        <source>%1 may not be turned</source>
        <translation>%1 darf nicht gedreht werden</translation>
    </message>
    <message>
        <source>%1 may not be turned in all ways that %2 may</source>
        <translation>%1 darf nicht in alle Richtungen gedreht werden wie %2</translation>
    </message>
    <message>
        <source>%1 may not be turned in any way</source>
        <translation>%1 darf in keine Richtung gedreht werden</translation>
    </message>
    <message>
        <source>%1 may not be turned so</source>
        <translation>%1 darf so nicht gedreht werden</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 names %2 as its %3, which is no %4</source>
        <translation>%1 nennt %2 als %3, und das ist kein %4</translation>
    </message>
    <message>
        <source>%1 names the motion profile %2, which is not there</source>
        <translation>%1 nennt das Bewegungsprofil %2, das es nicht gibt</translation>
    </message>
    <message>
        <source>%1 names the motion profile %2, whose body is not as large as %3</source>
        <translation>%1 nennt das Bewegungsprofil %2, dessen Körper nicht so groß ist wie der von %3</translation>
    </message>
    <message>
        <source>%1 names the tally %2, which the game does not have</source>
        <translation>%1 nennt den Zähler %2, den das Spiel nicht hat</translation>
    </message>
    <message>
        <source>%1 needs its %2</source>
        <translation>%1 braucht %2</translation>
    </message>
    <message>
        <source>%1 numbers are wanted here</source>
        <translation>Hier gehören %1 Zahlen hin</translation>
    </message>
    <message>
        <source>%1 of %2 exits can be reached.</source>
        <translation>%1 von %2 Ausgängen sind erreichbar.</translation>
    </message>
    <message>
        <source>%1 of %2 lets one move by it</source>
        <translation>%1 von %2 lässt einen sich danach bewegen</translation>
    </message>
    <message>
        <source>%1 of %2%3</source>
        <translation>%1 von %2%3</translation>
    </message>
    <message>
        <source>%1 of its uppermost faces look down: they are turned about</source>
        <translation>%1 seiner obersten Flächen blicken nach unten: sie werden gewendet</translation>
    </message>
    <message>
        <source>%1 of the roster %2 is missing</source>
        <translation>%1 des Aufgebots %2 fehlt</translation>
    </message>
    <message>
        <source>%1 of them would lie outside and move in</source>
        <translation>%1 davon lägen außerhalb und rücken herein</translation>
    </message>
    <message>
        <source>%1 opens against a closed side to the %2</source>
        <translation>%1 öffnet sich gegen eine geschlossene Seite nach %2</translation>
    </message>
    <message>
        <source>%1 piece</source>
        <translation>%1 Bauteil</translation>
    </message>
    <message>
        <source>%1 pieces</source>
        <translation>%1 Bauteile</translation>
    </message>
    <message>
        <source>%1 pieces fit</source>
        <translation>%1 Bauteile passen</translation>
    </message>
    <message>
        <source>%1 plan%2</source>
        <translation>%1 Plan%2</translation>
    </message>
    <message>
        <source>%1 px at the right and %2 px below are in no tile.</source>
        <translation>%1 px rechts und %2 px unten sind in keiner Kachel.</translation>
    </message>
    <message>
        <source>%1 referred to %2, which is not here</source>
        <translation>%1 bezog sich auf %2, das hier nicht ist</translation>
    </message>
    <message>
        <source>%1 should hang and there is no ceiling above it</source>
        <translation>%1 soll hängen, und über ihm ist keine Decke</translation>
    </message>
    <message>
        <source>%1 should walk and stands on no surface</source>
        <translation>%1 soll gehen und steht auf keiner Fläche</translation>
    </message>
    <message>
        <source>%1 shows tile %2 of %3, which has %4</source>
        <translation>%1 zeigt Kachel %2 von %3, das %4 hat</translation>
    </message>
    <message>
        <source>%1 slot</source>
        <translation>%1 Platz</translation>
    </message>
    <message>
        <source>%1 slots</source>
        <translation>%1 Plätze</translation>
    </message>
    <message>
        <source>%1 stands in a door that is shut</source>
        <translation>%1 steht in einer geschlossenen Tür</translation>
    </message>
    <message>
        <source>%1 stands on no surface</source>
        <translation>%1 steht auf keiner Fläche</translation>
    </message>
    <message>
        <source>%1 stands on no surface of storey %2</source>
        <translation>%1 steht auf keiner Fläche von Geschoss %2</translation>
    </message>
    <message>
        <source>%1 stands where it is harmed at once</source>
        <translation>%1 steht, wo es sofort Schaden nimmt</translation>
    </message>
    <message>
        <source>%1 stays: %2</source>
        <translation>%1 bleibt: %2</translation>
    </message>
    <message>
        <source>%1 texts are</source>
        <translation>%1 Texte sind</translation>
    </message>
    <message>
        <source>%1 that are not plain and bare would go</source>
        <translation>%1, die nicht schlicht und leer sind, gingen verloren</translation>
    </message>
    <message>
        <source>%1 that is not plain and bare would go</source>
        <translation>%1, der nicht schlicht und leer ist, ginge verloren</translation>
    </message>
    <message>
        <source>%1 thing</source>
        <translation>%1 Ding</translation>
    </message>
    <message>
        <source>%1 things</source>
        <translation>%1 Dinge</translation>
    </message>
    <message>
        <source>%1 times</source>
        <translation>%1-mal</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 walks into something deadly, or out of the level, after %2 ticks</source>
        <translation>%1 läuft nach %2 Takten in etwas Tödliches oder aus dem Level</translation>
    </message>
    <message>
        <source>%1 wears off after %2 ticks, and nothing is safe that can be got to until then</source>
        <translation>%1 lässt nach %2 Takten nach, und nichts Sicheres ist bis dahin erreichbar</translation>
    </message>
    <message>
        <source>%1 would be parked</source>
        <translation>%1 würde abgestellt</translation>
    </message>
    <message>
        <source>%1 would leave the board</source>
        <translation>%1 würde das Brett verlassen</translation>
    </message>
    <message>
        <source>%1 would leave the level</source>
        <translation>%1 würde das Level verlassen</translation>
    </message>
    <message>
        <source>%1 would lie on no storey</source>
        <translation>%1 läge auf keinem Geschoss</translation>
    </message>
    <message>
        <source>%1 would lie outside the level</source>
        <translation>%1 läge außerhalb des Levels</translation>
    </message>
    <message>
        <source>%1 x %2 cells</source>
        <translation>%1 x %2 Zellen</translation>
    </message>
    <message>
        <source>%1 x %2 cells and %3</source>
        <translation>%1 x %2 Zellen und %3</translation>
    </message>
    <message>
        <source>%1 x %2 modules: too %3 by %4 units</source>
        <translation>%1 x %2 Module: um %4 Einheiten zu %3</translation>
    </message>
    <message>
        <source>%1 x %2 px</source>
        <translation>%1 x %2 px</translation>
    </message>
    <message>
        <source>%1 x %2 tiles of %3 x %4 px</source>
        <translation>%1 x %2 Kacheln von %3 x %4 px</translation>
    </message>
    <message>
        <source>%1%2 becomes %3</source>
        <translation>%1%2 wird %3</translation>
    </message>
    <message>
        <source>%1%2 cell</source>
        <translation>%1%2 Zelle</translation>
    </message>
    <message>
        <source>%1%2 cells</source>
        <translation>%1%2 Zellen</translation>
    </message>
    <message>
        <source>%1, cell %2, %3</source>
        <translation>%1, Zelle %2, %3</translation>
    </message>
    <message>
        <source>%1, for %2 of %3 modules: %4</source>
        <translation>%1, für %2 von %3 Modulen: %4</translation>
    </message>
    <message>
        <source>%1, for all of it</source>
        <translation>%1, für das Ganze</translation>
    </message>
    <message>
        <source>%1, row %2</source>
        <translation>%1, Zeile %2</translation>
    </message>
    <message>
        <source>%1, row %2, column %3</source>
        <translation>%1, Zeile %2, Spalte %3</translation>
    </message>
    <message>
        <source>%1, turned,</source>
        <translation>%1, gedreht,</translation>
    </message>
    <message>
        <source>%1: %2 fits a profile %3 that is not there</source>
        <translation>%1: %2 passt zu einem Profil %3, das es nicht gibt</translation>
    </message>
    <message>
        <source>%1: %2 gives up its %3</source>
        <translation>%1: %2 gibt %3 auf</translation>
    </message>
    <message>
        <source>%1: %2 not in %3</source>
        <translation>%1: %2 nicht in %3</translation>
    </message>
    <message>
        <source>%1: %2 of it are taken away</source>
        <translation>%1: %2 davon werden weggenommen</translation>
    </message>
    <message>
        <source>%1: %2 of the cast share their cell with another, and only one is shown (%3).</source>
        <translation>%1: %2 der Besetzung teilen die Zelle mit einem anderen, und nur einer ist zu sehen (%3).</translation>
    </message>
    <message>
        <source>%1: %2 of the cast shares its cell with another, and only one is shown (%3).</source>
        <translation>%1: %2 der Besetzung teilt die Zelle mit einem anderen, und nur einer ist zu sehen (%3).</translation>
    </message>
    <message>
        <source>%1: a link came in the way</source>
        <translation>%1: ein Verweis kam dazwischen</translation>
    </message>
    <message>
        <source>%1: it is not there</source>
        <translation>%1: es ist nicht da</translation>
    </message>
    <message>
        <source>%1: left out (%2)</source>
        <translation>%1: weggelassen (%2)</translation>
    </message>
    <message>
        <source>%1: line %2</source>
        <translation>%1: Zeile %2</translation>
    </message>
    <message>
        <source>%1: permission was refused</source>
        <translation>%1: kein Zugriff</translation>
    </message>
    <message>
        <source>%1: row %2</source>
        <translation>%1: Zeile %2</translation>
    </message>
    <message>
        <source>%1: sign %2</source>
        <translation>%1: Zeichen %2</translation>
    </message>
    <message>
        <source>%1: the disk is full</source>
        <translation>%1: die Platte ist voll</translation>
    </message>
    <message>
        <source>, "%1" %2 time</source>
        <translation>, "%1" %2-mal</translation>
    </message>
    <message>
        <source>, "%1" %2 times</source>
        <translation>, "%1" %2-mal</translation>
    </message>
    <message>
        <source>, %1 (%2 px, nearest %3 %4)</source>
        <translation>, %1 (%2 px, am nächsten %3 %4)</translation>
    </message>
    <message>
        <source>, %1 times</source>
        <translation>, %1-mal</translation>
    </message>
    <message>
        <source>, above %1</source>
        <translation>, über %1</translation>
    </message>
    <message>
        <source>, below %1</source>
        <translation>, unter %1</translation>
    </message>
    <message>
        <source>, level %1</source>
        <translation>, Level %1</translation>
    </message>
    <message>
        <source>, the game</source>
        <translation>, das Spiel</translation>
    </message>
    <message>
        <source>, without %1 entities that had no place</source>
        <translation>, ohne %1 Figuren, die keinen Platz hatten</translation>
    </message>
    <message>
        <source>, without %1 entity that had no place</source>
        <translation>, ohne %1 Figur, die keinen Platz hatte</translation>
    </message>
    <message>
        <source>,to make,</source>
        <translation>,zu machen,</translation>
    </message>
    <message>
        <source>1 piece fits</source>
        <translation>1 Bauteil passt</translation>
    </message>
    <message>
        <source>1 to 3 with air-jump</source>
        <translation>1 bis 3 mit air-jump</translation>
    </message>
    <message>
        <source>: a body comes as near as %1 px</source>
        <translation>: ein Körper kommt bis auf %1 px heran</translation>
    </message>
    <message>
        <source>: is it "%1" that is meant</source>
        <translation>: ist "%1" gemeint</translation>
    </message>
    <message>
        <source>: tightest at %1</source>
        <translation>: am engsten bei %1</translation>
    </message>
    <message>
        <source>A %1 does not have %2 points</source>
        <translation>%1 hat nicht %2 Punkte</translation>
    </message>
    <message>
        <source>A %1 has at least %2 point</source>
        <translation>%1 hat mindestens %2 Punkt</translation>
    </message>
    <message>
        <source>A %1 has at least %2 points</source>
        <translation>%1 hat mindestens %2 Punkte</translation>
    </message>
    <message>
        <source>A block is at most %1 cells wide and high</source>
        <translation>Ein Block ist höchstens %1 Zellen breit und hoch</translation>
    </message>
    <message>
        <source>A block needs a name</source>
        <translation>Ein Block braucht einen Namen</translation>
    </message>
    <message>
        <source>A board cannot have %1 cells</source>
        <translation>Ein Brett kann nicht %1 Zellen haben</translation>
    </message>
    <message>
        <source>A board has at most 16,384 columns and rows</source>
        <translation>Ein Brett hat höchstens 16.384 Spalten und Zeilen</translation>
    </message>
    <message>
        <source>A board of matter is seen from the side or above</source>
        <translation>Ein Brett aus Stoff sieht man von der Seite oder von oben</translation>
    </message>
    <message>
        <source>A board of rings needs a ring</source>
        <translation>Ein Brett aus Ringen braucht einen Ring</translation>
    </message>
    <message>
        <source>A body gets by the exit %1 over its top</source>
        <translation>Ein Körper kommt über den Ausgang %1 hinweg</translation>
    </message>
    <message>
        <source>A bonus goal cannot be met: %1</source>
        <translation>Eine Zugabe ist nicht erreichbar: %1</translation>
    </message>
    <message>
        <source>A box has 1 to 4,096 px across and down</source>
        <translation>Ein Kasten hat 1 bis 4.096 px waagerecht und senkrecht</translation>
    </message>
    <message>
        <source>A buffer is not there</source>
        <translation>Ein Puffer fehlt</translation>
    </message>
    <message>
        <source>A cell cannot be %1 px</source>
        <translation>Eine Zelle kann nicht %1 px haben</translation>
    </message>
    <message>
        <source>A cell is 1 to 512 px wide and high</source>
        <translation>Eine Zelle ist 1 bis 512 px breit und hoch</translation>
    </message>
    <message>
        <source>A corner of the model is no number, or a huge one</source>
        <translation>Eine Ecke des Modells ist keine Zahl oder eine riesige</translation>
    </message>
    <message>
        <source>A door that opens for a time does so for 1 tick at least</source>
        <translation>Eine Tür, die für eine Zeit öffnet, tut es mindestens 1 Takt</translation>
    </message>
    <message>
        <source>A face names a corner that is not there</source>
        <translation>Eine Fläche nennt eine Ecke, die es nicht gibt</translation>
    </message>
    <message>
        <source>A file of yours in the export folder cannot be kept: %1</source>
        <translation>Eine deiner Dateien im Ausgabeordner lässt sich nicht behalten: %1</translation>
    </message>
    <message>
        <source>A file was changed by somebody since this target wrote it</source>
        <translation>Eine Datei wurde geändert, seit diese Ausgabe sie schrieb</translation>
    </message>
    <message>
        <source>A formation has 1 to %1 places</source>
        <translation>Eine Formation hat 1 bis %1 Plätze</translation>
    </message>
    <message>
        <source>A frame of tile %1</source>
        <translation>Ein Bild der Kachel %1</translation>
    </message>
    <message>
        <source>A free board has no slots to %1 on</source>
        <translation>Ein freies Brett hat keine Plätze für %1</translation>
    </message>
    <message>
        <source>A gap of %1 that the body, %2, does not fit through</source>
        <translation>Eine Lücke von %1, durch die der Körper, %2, nicht passt</translation>
    </message>
    <message>
        <source>A gap of a formation is one of its places</source>
        <translation>Eine Lücke einer Formation ist einer ihrer Plätze</translation>
    </message>
    <message>
        <source>A gap without a bottom: a body falls out of the level and does not die</source>
        <translation>Eine Lücke ohne Grund: ein Körper fällt aus dem Level und stirbt nicht</translation>
    </message>
    <message>
        <source>A glyph is one character</source>
        <translation>Ein Zeichen ist nur eines</translation>
    </message>
    <message>
        <source>A goal of %1 cannot be met: %2</source>
        <translation>Ein Ziel von %1 ist nicht erreichbar: %2</translation>
    </message>
    <message>
        <source>A goal of %1 names the text %2, which the level does not have</source>
        <translation>Ein Ziel von %1 nennt den Text %2, den das Level nicht hat</translation>
    </message>
    <message>
        <source>A goal that is needed cannot be met: %1</source>
        <translation>Ein nötiges Ziel ist nicht erreichbar: %1</translation>
    </message>
    <message>
        <source>A jump bumps at the underside of this ledge, and nothing gets on top of it</source>
        <translation>Ein Sprung stößt an die Unterseite dieses Simses, und nichts kommt hinauf</translation>
    </message>
    <message>
        <source>A jump would take more than 4096 phases</source>
        <translation>Ein Sprung hätte mehr als 4096 Phasen</translation>
    </message>
    <message>
        <source>A key stands twice in one object</source>
        <translation>Ein Eintrag steht zweimal in einem Objekt</translation>
    </message>
    <message>
        <source>A key's letter is one of A to Z, and not "%1"</source>
        <translation>Der Buchstabe eines Schlüssels ist A bis Z und nicht "%1"</translation>
    </message>
    <message>
        <source>A kind needs a name</source>
        <translation>Eine Art braucht einen Namen</translation>
    </message>
    <message>
        <source>A legend gives one character a matter</source>
        <translation>Eine Legende gibt einem Zeichen einen Stoff</translation>
    </message>
    <message>
        <source>A level has 1 to 16,384 columns and rows</source>
        <translation>Ein Level hat 1 bis 16.384 Spalten und Zeilen</translation>
    </message>
    <message>
        <source>A level has 1 to 16,384 columns and rows, of cells of 1 to 512 px</source>
        <translation>Ein Level hat 1 bis 16.384 Spalten und Zeilen, mit Zellen von 1 bis 512 px</translation>
    </message>
    <message>
        <source>A level has at most %1 counters</source>
        <translation>Ein Level hat höchstens %1 Steine</translation>
    </message>
    <message>
        <source>A level has at most 100,000 pieces</source>
        <translation>Ein Level hat höchstens 100.000 Bauteile</translation>
    </message>
    <message>
        <source>A level has at most 16,384 columns and rows</source>
        <translation>Ein Level hat höchstens 16.384 Spalten und Zeilen</translation>
    </message>
    <message>
        <source>A level has at most 20,000 solids</source>
        <translation>Ein Level hat höchstens 20.000 Körper</translation>
    </message>
    <message>
        <source>A level has at most 32 layers</source>
        <translation>Ein Level hat höchstens 32 Ebenen</translation>
    </message>
    <message>
        <source>A level has at most 4,096 zones</source>
        <translation>Ein Level hat höchstens 4.096 Zonen</translation>
    </message>
    <message>
        <source>A level has at most 64 rules</source>
        <translation>Ein Level hat höchstens 64 Regeln</translation>
    </message>
    <message>
        <source>A level holds at most %1 of %2</source>
        <translation>Ein Level hat höchstens %1 von %2</translation>
    </message>
    <message>
        <source>A level of pieces has no matter</source>
        <translation>Ein Level aus Bauteilen hat keinen Stoff</translation>
    </message>
    <message>
        <source>A list in brackets is wanted here</source>
        <translation>Hier gehört eine Liste in Klammern hin</translation>
    </message>
    <message>
        <source>A list inputs of [ticks, dx, dy, buttons] is wanted</source>
        <translation>Hier gehört eine Liste inputs von [ticks, dx, dy, buttons] hin</translation>
    </message>
    <message>
        <source>A list is of single values</source>
        <translation>Eine Liste hat einzelne Werte</translation>
    </message>
    <message>
        <source>A matter can be merged into another only</source>
        <translation>Ein Stoff lässt sich nur mit einem anderen verschmelzen</translation>
    </message>
    <message>
        <source>A matter has no fields of this type</source>
        <translation>Ein Stoff hat keine Felder dieses Typs</translation>
    </message>
    <message>
        <source>A matter needs a name</source>
        <translation>Ein Stoff braucht einen Namen</translation>
    </message>
    <message>
        <source>A mesh names an accessor that is not there</source>
        <translation>Ein Netz nennt einen accessor, den es nicht gibt</translation>
    </message>
    <message>
        <source>A mesh reaches past the end of its data</source>
        <translation>Ein Netz reicht über das Ende seiner Daten</translation>
    </message>
    <message>
        <source>A motif has two cells at least, and no more than %1 on a side</source>
        <translation>Ein Motiv hat mindestens zwei Zellen und höchstens %1 je Seite</translation>
    </message>
    <message>
        <source>A new kind %1.</source>
        <translation>Eine neue Art %1.</translation>
    </message>
    <message>
        <source>A new level %1 of %2.</source>
        <translation>Ein neues Level %1 von %2.</translation>
    </message>
    <message>
        <source>A new sheet of %1 x %2 tiles.</source>
        <translation>Ein neuer Bogen von %1 x %2 Kacheln.</translation>
    </message>
    <message>
        <source>A node names a mesh that is not there</source>
        <translation>Ein Knoten nennt ein Netz, das es nicht gibt</translation>
    </message>
    <message>
        <source>A number %1 is wanted</source>
        <translation>Hier gehört eine Zahl %1 hin</translation>
    </message>
    <message>
        <source>A number is wanted here</source>
        <translation>Hier gehört eine Zahl hin</translation>
    </message>
    <message>
        <source>A number of modules is wanted</source>
        <translation>Eine Zahl von Modulen wird gebraucht</translation>
    </message>
    <message>
        <source>A part of what was kept is damaged</source>
        <translation>Ein Teil des Behaltenen ist beschädigt</translation>
    </message>
    <message>
        <source>A part without a name cannot be matched</source>
        <translation>Für ein Teil ohne Namen kann nichts stehen</translation>
    </message>
    <message>
        <source>A piece and a solid both have the id %1</source>
        <translation>Ein Bauteil und ein Körper haben beide die Kennung %1</translation>
    </message>
    <message>
        <source>A piece is off by less than a module</source>
        <translation>Ein Bauteil liegt weniger als ein Modul daneben</translation>
    </message>
    <message>
        <source>A piece of the kit %1, fitted to whole modules.</source>
        <translation>Ein Teil des Bausatzes %1, an ganze Module angepasst.</translation>
    </message>
    <message>
        <source>A pocket of %1 that nothing can enter</source>
        <translation>Eine Tasche von %1, in die nichts kommt</translation>
    </message>
    <message>
        <source>A project has at most %1 levels</source>
        <translation>Ein Projekt hat höchstens %1 Level</translation>
    </message>
    <message>
        <source>A project has at most %1 rosters</source>
        <translation>Ein Projekt hat höchstens %1 Aufgebote</translation>
    </message>
    <message>
        <source>A project has at most 254 sheets</source>
        <translation>Ein Projekt hat höchstens 254 Bögen</translation>
    </message>
    <message>
        <source>A project has at most 64 targets</source>
        <translation>Ein Projekt hat höchstens 64 Ausgaben</translation>
    </message>
    <message>
        <source>A project has one level at least</source>
        <translation>Ein Projekt hat mindestens ein Level</translation>
    </message>
    <message>
        <source>A project holds at most 4,096 blocks</source>
        <translation>Ein Projekt hat höchstens 4.096 Blöcke</translation>
    </message>
    <message>
        <source>A project holds at most 4,096 kinds</source>
        <translation>Ein Projekt hat höchstens 4.096 Arten</translation>
    </message>
    <message>
        <source>A project holds at most 4,096 matters</source>
        <translation>Ein Projekt hat höchstens 4.096 Stoffe</translation>
    </message>
    <message>
        <source>A puzzle level has no matter</source>
        <translation>Ein Rätsellevel hat keinen Stoff</translation>
    </message>
    <message>
        <source>A quote does not end, or stands within a cell</source>
        <translation>Ein Anführungszeichen endet nicht oder steht in einer Zelle</translation>
    </message>
    <message>
        <source>A roster has at most %1 counters</source>
        <translation>Ein Aufgebot hat höchstens %1 Steine</translation>
    </message>
    <message>
        <source>A route of fewer than two points has no beads</source>
        <translation>Eine Route mit weniger als zwei Punkten hat keine Perlen</translation>
    </message>
    <message>
        <source>A row has more than 4,096 cells</source>
        <translation>Eine Zeile hat mehr als 4.096 Zellen</translation>
    </message>
    <message>
        <source>A row of the legend has no sign</source>
        <translation>Eine Zeile der Legende hat kein Zeichen</translation>
    </message>
    <message>
        <source>A single solid cell in open air</source>
        <translation>Eine einzelne feste Zelle in offener Luft</translation>
    </message>
    <message>
        <source>A slope of 1/2 cannot be turned or stood on its head</source>
        <translation>Eine Schräge von 1/2 lässt sich weder drehen noch auf den Kopf stellen</translation>
    </message>
    <message>
        <source>A stamp of %1 x %2 cells cannot be made</source>
        <translation>Ein Stempel von %1 x %2 Zellen geht nicht</translation>
    </message>
    <message>
        <source>A text %1 is wanted</source>
        <translation>Hier gehört ein Text %1 hin</translation>
    </message>
    <message>
        <source>A text is wanted here</source>
        <translation>Hier gehört ein Text hin</translation>
    </message>
    <message>
        <source>A timetable is on from a tick to a later one of its period</source>
        <translation>Ein Zeitplan ist an von einem Takt bis zu einem späteren seiner Periode</translation>
    </message>
    <message>
        <source>A track has at most 64 points</source>
        <translation>Eine Bahn hat höchstens 64 Punkte</translation>
    </message>
    <message>
        <source>A track has one wait a point at most, that of its corner first</source>
        <translation>Eine Bahn wartet höchstens einmal je Punkt, zuerst an ihrer Ecke</translation>
    </message>
    <message>
        <source>A whole number from %1 to %2 is wanted here</source>
        <translation>Hier gehört eine ganze Zahl von %1 bis %2 hin</translation>
    </message>
    <message>
        <source>A whole number is wanted here</source>
        <translation>Hier gehört eine ganze Zahl hin</translation>
    </message>
    <message>
        <source>A whole number or a fraction is wanted here</source>
        <translation>Hier gehört eine ganze Zahl oder ein Bruch hin</translation>
    </message>
    <message>
        <source>A zone lies inside the level</source>
        <translation>Eine Zone liegt im Level</translation>
    </message>
    <message>
        <source>Ability behind need</source>
        <translation>Fähigkeit hinter Bedarf</translation>
    </message>
    <message>
        <source>Above %1 there are %2 units, and a body needs %3</source>
        <translation>Über %1 sind %2 Einheiten, und ein Körper braucht %3</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>Add %1 to the roster %2</source>
        <translation>%1 zum Aufgebot %2 hinzufügen</translation>
    </message>
    <message>
        <source>Add a picture</source>
        <translation>Ein Bild hinzufügen</translation>
    </message>
    <message>
        <source>Add another first</source>
        <translation>Füg erst ein anderes hinzu</translation>
    </message>
    <message>
        <source>Add it or remove the part</source>
        <translation>Füg es hinzu oder entferne das Teil</translation>
    </message>
    <message>
        <source>Add it or restore a copy</source>
        <translation>Füg ihn hinzu oder stell eine Kopie wieder her</translation>
    </message>
    <message>
        <source>Add it to rookplot.json or leave it out</source>
        <translation>Füg es zu rookplot.json hinzu oder lass es weg</translation>
    </message>
    <message>
        <source>Add it to rookplot.json or use another</source>
        <translation>Füg es zu rookplot.json hinzu oder nimm ein anderes</translation>
    </message>
    <message>
        <source>Add it to the kinds in rookplot.json or use another</source>
        <translation>Füg sie zu den Arten in rookplot.json hinzu oder nimm eine andere</translation>
    </message>
    <message>
        <source>Add it to the kits or use another</source>
        <translation>Füg es zu den Bausätzen hinzu oder nimm ein anderes</translation>
    </message>
    <message>
        <source>Add it to the legend or use another</source>
        <translation>Füg es zur Legende hinzu oder nimm ein anderes</translation>
    </message>
    <message>
        <source>Add it to the matters in rookplot.json or use another</source>
        <translation>Füg ihn zu den Stoffen in rookplot.json hinzu oder nimm einen anderen</translation>
    </message>
    <message>
        <source>Add it to the profiles in rookplot.json</source>
        <translation>Füg es zu den Profilen in rookplot.json hinzu</translation>
    </message>
    <message>
        <source>Add it to the project's colours, or choose another</source>
        <translation>Füg sie zu den Farben des Projekts hinzu, oder wähle eine andere</translation>
    </message>
    <message>
        <source>Add it to the project's colours, or lay another</source>
        <translation>Füg sie zu den Farben des Projekts hinzu, oder leg eine andere</translation>
    </message>
    <message>
        <source>Add it to the sheets or use another</source>
        <translation>Füg ihn zu den Bögen hinzu oder nimm einen anderen</translation>
    </message>
    <message>
        <source>Add leaf %1</source>
        <translation>Blatt %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add matter %1</source>
        <translation>Stoff %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add one to rookplot.json</source>
        <translation>Füg eines zu rookplot.json hinzu</translation>
    </message>
    <message>
        <source>Add one to the kinds first</source>
        <translation>Füg erst eine zu den Arten hinzu</translation>
    </message>
    <message>
        <source>Add one to the order in rookplot.json</source>
        <translation>Füg eines zur Reihenfolge in rookplot.json hinzu</translation>
    </message>
    <message>
        <source>Add one to the roster</source>
        <translation>Füg einen zum Aufgebot hinzu</translation>
    </message>
    <message>
        <source>Add one to the roster, or place a parked one</source>
        <translation>Füg einen zum Aufgebot hinzu, oder setz einen abgestellten</translation>
    </message>
    <message>
        <source>Add points or remove the bead</source>
        <translation>Füg Punkte hinzu oder entferne die Perle</translation>
    </message>
    <message>
        <source>Add some or remove the mark</source>
        <translation>Füg welche hinzu oder entferne den Strich</translation>
    </message>
    <message>
        <source>Add the kind %1</source>
        <translation>Die Art %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add the layer</source>
        <translation>Die Ebene hinzufügen</translation>
    </message>
    <message>
        <source>Add the layer %1</source>
        <translation>Die Ebene %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add the motion profile %1</source>
        <translation>Das Bewegungsprofil %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add the roster %1</source>
        <translation>Das Aufgebot %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add the sheet %1</source>
        <translation>Den Bogen %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add the target %1</source>
        <translation>Die Ausgabe %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add what is missing</source>
        <translation>Füg hinzu, was fehlt</translation>
    </message>
    <message>
        <source>After way point %1 no run along %2</source>
        <translation>Nach Wegpunkt %1 kein Lauf entlang %2</translation>
    </message>
    <message>
        <source>Alcove</source>
        <translation>Alcove</translation>
    </message>
    <message>
        <source>Align %1</source>
        <translation>%1 ausrichten</translation>
    </message>
    <message>
        <source>All %1 exits can be reached.</source>
        <translation>Alle %1 Ausgänge sind erreichbar.</translation>
    </message>
    <message>
        <source>Allow it more turns in its kind</source>
        <translation>Erlaub ihm mehr Drehungen in seiner Art</translation>
    </message>
    <message>
        <source>Allow that turn in its kit, or choose another piece</source>
        <translation>Erlaub diese Drehung in seinem Bausatz, oder wähle ein anderes Bauteil</translation>
    </message>
    <message>
        <source>An accessor has no size</source>
        <translation>Ein accessor hat keine Größe</translation>
    </message>
    <message>
        <source>An accessor is of another type than its use</source>
        <translation>Ein accessor ist von anderem Typ als sein Gebrauch</translation>
    </message>
    <message>
        <source>An arc has 1 to 360 degrees</source>
        <translation>Ein Bogen hat 1 bis 360 Grad</translation>
    </message>
    <message>
        <source>An id has 1 to 64 lower-case letters, digits, '-' and '_', a letter or digit first</source>
        <translation>Eine Id hat 1 bis 64 kleine Buchstaben, Ziffern, '-' und '_', zuerst Buchstabe oder Ziffer</translation>
    </message>
    <message>
        <source>An input is [ticks, dx, dy, buttons]</source>
        <translation>Eine Eingabe ist [ticks, dx, dy, buttons]</translation>
    </message>
    <message>
        <source>An object in braces is wanted here</source>
        <translation>Hier gehört ein Objekt in geschweiften Klammern hin</translation>
    </message>
    <message>
        <source>An order names each level once</source>
        <translation>Eine Reihenfolge nennt jedes Level einmal</translation>
    </message>
    <message>
        <source>And %1 more.</source>
        <translation>Und %1 mehr.</translation>
    </message>
    <message>
        <source>Animate a tile</source>
        <translation>Eine Kachel bewegen</translation>
    </message>
    <message>
        <source>Another program is saving this project</source>
        <translation>Ein anderes Programm sichert dieses Projekt</translation>
    </message>
    <message>
        <source>Another window works on that project</source>
        <translation>Ein anderes Fenster arbeitet an jenem Projekt</translation>
    </message>
    <message>
        <source>At %1 px a px the level is too large for one picture</source>
        <translation>Bei %1 px je px ist das Level zu groß für ein Bild</translation>
    </message>
    <message>
        <source>At least %1 are wanted here</source>
        <translation>Mindestens %1 gehören hierher</translation>
    </message>
    <message>
        <source>At most %1 are allowed</source>
        <translation>Höchstens %1 sind erlaubt</translation>
    </message>
    <message>
        <source>Bead %1 (%2</source>
        <translation>Perle %1 (%2</translation>
    </message>
    <message>
        <source>Bead left out</source>
        <translation>Perle ausgelassen</translation>
    </message>
    <message>
        <source>Bead skippable</source>
        <translation>Perle umgehbar</translation>
    </message>
    <message>
        <source>Beads stand in their order along the route</source>
        <translation>Perlen stehen in ihrer Reihenfolge entlang der Route</translation>
    </message>
    <message>
        <source>Begin a level of that kind instead</source>
        <translation>Beginne stattdessen ein Level jener Art</translation>
    </message>
    <message>
        <source>Begin it there</source>
        <translation>Beginne sie dort</translation>
    </message>
    <message>
        <source>Begin with a row of names</source>
        <translation>Beginne mit einer Zeile von Namen</translation>
    </message>
    <message>
        <source>Begin with nothing</source>
        <translation>Beginne mit nichts</translation>
    </message>
    <message>
        <source>Bend</source>
        <translation>Bend</translation>
    </message>
    <message>
        <source>Bend %1</source>
        <translation>%1 biegen</translation>
    </message>
    <message>
        <source>Between %1 and %2 there is a gap of %3 units</source>
        <translation>Zwischen %1 und %2 ist eine Lücke von %3 Einheiten</translation>
    </message>
    <message>
        <source>Between %1 and %2 there is an overlap of %3 units</source>
        <translation>Zwischen %1 und %2 ist eine Überschneidung von %3 Einheiten</translation>
    </message>
    <message>
        <source>Block %1</source>
        <translation>%1 blockieren</translation>
    </message>
    <message>
        <source>Boards of pieces and puzzle levels cannot be taken back from a bundle</source>
        <translation>Bretter aus Bauteilen und Rätsellevel lassen sich nicht aus einem Bündel zurückholen</translation>
    </message>
    <message>
        <source>Bodies fall, and stand on what is solid or one-way</source>
        <translation>Körper fallen und stehen auf Festem oder Einseitigem</translation>
    </message>
    <message>
        <source>Bottomless gap</source>
        <translation>Lücke ohne Grund</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Quader</translation>
    </message>
    <message>
        <source>Bring in placements</source>
        <translation>Aufstellungen hereinholen</translation>
    </message>
    <message>
        <source>Bring them in a part at a time</source>
        <translation>Hol sie in mehreren Teilen herein</translation>
    </message>
    <message>
        <source>Busy behind</source>
        <translation>Unruhig dahinter</translation>
    </message>
    <message>
        <source>Cannot be won</source>
        <translation>Nicht zu gewinnen</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>Change %1 cell</source>
        <translation>%1 Zelle ändern</translation>
    </message>
    <message>
        <source>Change %1 cells</source>
        <translation>%1 Zellen ändern</translation>
    </message>
    <message>
        <source>Change %1 placement</source>
        <translation>%1 Aufstellung ändern</translation>
    </message>
    <message>
        <source>Change %1 placements</source>
        <translation>%1 Aufstellungen ändern</translation>
    </message>
    <message>
        <source>Change a bead</source>
        <translation>Eine Perle ändern</translation>
    </message>
    <message>
        <source>Change block %1</source>
        <translation>Block %1 ändern</translation>
    </message>
    <message>
        <source>Change it otherwise</source>
        <translation>Ändere es anders</translation>
    </message>
    <message>
        <source>Change matter %1</source>
        <translation>Stoff %1 ändern</translation>
    </message>
    <message>
        <source>Change one of them</source>
        <translation>Ändere eine davon</translation>
    </message>
    <message>
        <source>Change the backdrop</source>
        <translation>Den Hintergrund ändern</translation>
    </message>
    <message>
        <source>Change the board</source>
        <translation>Das Brett ändern</translation>
    </message>
    <message>
        <source>Change the colours of stacks</source>
        <translation>Die Farben der Stapel ändern</translation>
    </message>
    <message>
        <source>Change the kind %1</source>
        <translation>Die Art %1 ändern</translation>
    </message>
    <message>
        <source>Change the motion of %1</source>
        <translation>Die Bewegung von %1 ändern</translation>
    </message>
    <message>
        <source>Change the pencil</source>
        <translation>Den Stift wechseln</translation>
    </message>
    <message>
        <source>Change the piece %1</source>
        <translation>Das Bauteil %1 ändern</translation>
    </message>
    <message>
        <source>Change the target %1</source>
        <translation>Die Ausgabe %1 ändern</translation>
    </message>
    <message>
        <source>Change the theme</source>
        <translation>Das Thema ändern</translation>
    </message>
    <message>
        <source>Change them, give a matter that colour, or take the nearest</source>
        <translation>Ändere sie, gib einem Stoff diese Farbe, oder nimm die nächste</translation>
    </message>
    <message>
        <source>Change to one that is</source>
        <translation>Wechsle in einen, der da ist</translation>
    </message>
    <message>
        <source>Change what bundles spell out</source>
        <translation>Ändern, was Bündel ausschreiben</translation>
    </message>
    <message>
        <source>Check the path</source>
        <translation>Prüfe den Pfad</translation>
    </message>
    <message>
        <source>Check the same state of the project in each of them</source>
        <translation>Prüfe in jedem denselben Stand des Projekts</translation>
    </message>
    <message>
        <source>Checkpoint</source>
        <translation>Checkpoint</translation>
    </message>
    <message>
        <source>Checkpoint in trap</source>
        <translation>Rücksetzpunkt in Falle</translation>
    </message>
    <message>
        <source>Checkpoint out of reach</source>
        <translation>Rücksetzpunkt nicht erreichbar</translation>
    </message>
    <message>
        <source>Choose a PNG, JPEG or SVG file</source>
        <translation>Wähle eine PNG-, JPEG- oder SVG-Datei</translation>
    </message>
    <message>
        <source>Choose a distance that leaves room between them</source>
        <translation>Wähle einen Abstand, der Platz dazwischen lässt</translation>
    </message>
    <message>
        <source>Choose a file</source>
        <translation>Wähle eine Datei</translation>
    </message>
    <message>
        <source>Choose a file of the right sort</source>
        <translation>Wähle eine Datei der richtigen Sorte</translation>
    </message>
    <message>
        <source>Choose a file that you may read</source>
        <translation>Wähle eine Datei, die du lesen darfst</translation>
    </message>
    <message>
        <source>Choose a folder beside it, or one of its own in it</source>
        <translation>Wähle einen Ordner daneben oder einen eigenen darin</translation>
    </message>
    <message>
        <source>Choose a folder beside the project</source>
        <translation>Wähle einen Ordner neben dem Projekt</translation>
    </message>
    <message>
        <source>Choose a key or a switch of this level in Cast</source>
        <translation>Wähle in Besetzen einen Schlüssel oder Schalter dieses Levels</translation>
    </message>
    <message>
        <source>Choose a kit in the margin</source>
        <translation>Wähle einen Bausatz im Seitenrand</translation>
    </message>
    <message>
        <source>Choose a leaf</source>
        <translation>Wähle ein Blatt</translation>
    </message>
    <message>
        <source>Choose a level file of a bundle</source>
        <translation>Wähle die Leveldatei eines Bündels</translation>
    </message>
    <message>
        <source>Choose a module with a floor</source>
        <translation>Wähle ein Modul mit Boden</translation>
    </message>
    <message>
        <source>Choose a picture with a px a cell</source>
        <translation>Wähle ein Bild mit einem px je Zelle</translation>
    </message>
    <message>
        <source>Choose a project folder, or make one with rookplot new</source>
        <translation>Wähle einen Projektordner, oder mach einen mit rookplot new</translation>
    </message>
    <message>
        <source>Choose a script below recipes/</source>
        <translation>Wähle ein Skript unter recipes/</translation>
    </message>
    <message>
        <source>Choose a smaller one</source>
        <translation>Wähle eine kleinere</translation>
    </message>
    <message>
        <source>Choose a smaller scale</source>
        <translation>Wähle einen kleineren Maßstab</translation>
    </message>
    <message>
        <source>Choose a tally for its price</source>
        <translation>Wähle einen Zähler für seinen Preis</translation>
    </message>
    <message>
        <source>Choose a text grid</source>
        <translation>Wähle ein Textraster</translation>
    </message>
    <message>
        <source>Choose a wall of a room, or make a door frame of that kit</source>
        <translation>Wähle eine Wand eines Raums, oder baue einen Türrahmen dieses Bausatzes</translation>
    </message>
    <message>
        <source>Choose above the board, and save again</source>
        <translation>Wähle über dem Brett, und sichere noch einmal</translation>
    </message>
    <message>
        <source>Choose an empty or a new folder</source>
        <translation>Wähle einen leeren oder neuen Ordner</translation>
    </message>
    <message>
        <source>Choose another</source>
        <translation>Wähle einen anderen</translation>
    </message>
    <message>
        <source>Choose another arrangement, or no rule</source>
        <translation>Wähle eine andere Anordnung, oder keine Regel</translation>
    </message>
    <message>
        <source>Choose another file</source>
        <translation>Wähle eine andere Datei</translation>
    </message>
    <message>
        <source>Choose another folder</source>
        <translation>Wähle einen anderen Ordner</translation>
    </message>
    <message>
        <source>Choose another ground, a larger share, or less distance</source>
        <translation>Wähle anderen Grund, größeren Anteil oder weniger Abstand</translation>
    </message>
    <message>
        <source>Choose another in the level sheet</source>
        <translation>Wähle ein anderes im Levelblatt</translation>
    </message>
    <message>
        <source>Choose another in the rule</source>
        <translation>Wähle eine andere in der Regel</translation>
    </message>
    <message>
        <source>Choose another kind</source>
        <translation>Wähle eine andere Art</translation>
    </message>
    <message>
        <source>Choose another kit</source>
        <translation>Wähle einen anderen Bausatz</translation>
    </message>
    <message>
        <source>Choose another matter</source>
        <translation>Wähle einen anderen Stoff</translation>
    </message>
    <message>
        <source>Choose another name</source>
        <translation>Wähle einen anderen Namen</translation>
    </message>
    <message>
        <source>Choose another place</source>
        <translation>Wähle einen anderen Ort</translation>
    </message>
    <message>
        <source>Choose another profile there, or mend that one in Prove</source>
        <translation>Wähle dort ein anderes Profil, oder behebe jenes in Prüfen</translation>
    </message>
    <message>
        <source>Choose another size</source>
        <translation>Wähle eine andere Größe</translation>
    </message>
    <message>
        <source>Choose another, or add it on the page of the game</source>
        <translation>Wähle einen anderen, oder füg ihn auf der Seite des Spiels hinzu</translation>
    </message>
    <message>
        <source>Choose cells that are open and where its standing rule holds</source>
        <translation>Wähle offene Zellen, in denen die Stehregel gilt</translation>
    </message>
    <message>
        <source>Choose fewer cells</source>
        <translation>Wähle weniger Zellen</translation>
    </message>
    <message>
        <source>Choose fewer millimetres a cell</source>
        <translation>Wähle weniger Millimeter je Zelle</translation>
    </message>
    <message>
        <source>Choose no variant</source>
        <translation>Keine Variante wählen</translation>
    </message>
    <message>
        <source>Choose one in Ship, or give it with --to</source>
        <translation>Wähle einen in Liefern, oder gib ihn mit --to</translation>
    </message>
    <message>
        <source>Choose one in the level sheet</source>
        <translation>Wähle eine im Levelblatt</translation>
    </message>
    <message>
        <source>Choose one of %1</source>
        <translation>Wähle eines von %1</translation>
    </message>
    <message>
        <source>Choose one of its kits</source>
        <translation>Wähle einen seiner Bausätze</translation>
    </message>
    <message>
        <source>Choose one of its pieces</source>
        <translation>Wähle eines seiner Bauteile</translation>
    </message>
    <message>
        <source>Choose one of the level's</source>
        <translation>Wähle eine des Levels</translation>
    </message>
    <message>
        <source>Choose one of the project's</source>
        <translation>Wähle eine des Projekts</translation>
    </message>
    <message>
        <source>Choose one on the board</source>
        <translation>Wähle eines auf dem Brett</translation>
    </message>
    <message>
        <source>Choose one that is on the board</source>
        <translation>Wähle eines auf dem Brett</translation>
    </message>
    <message>
        <source>Choose one that is there</source>
        <translation>Wähle eines, das es gibt</translation>
    </message>
    <message>
        <source>Choose one that the project has</source>
        <translation>Wähle einen, den das Projekt hat</translation>
    </message>
    <message>
        <source>Choose one with .glb, .gltf or .obj files</source>
        <translation>Wähle einen mit .glb-, .gltf- oder .obj-Dateien</translation>
    </message>
    <message>
        <source>Choose others</source>
        <translation>Wähle andere</translation>
    </message>
    <message>
        <source>Choose otherwise</source>
        <translation>Wähle anders</translation>
    </message>
    <message>
        <source>Choose plain slots that are free</source>
        <translation>Wähle schlichte, freie Plätze</translation>
    </message>
    <message>
        <source>Choose pour or gather</source>
        <translation>Wähle gießen oder sammeln</translation>
    </message>
    <message>
        <source>Choose push, pour or gather</source>
        <translation>Wähle schieben, gießen oder sammeln</translation>
    </message>
    <message>
        <source>Choose such a name</source>
        <translation>Wähle einen solchen Namen</translation>
    </message>
    <message>
        <source>Choose two of its pieces</source>
        <translation>Wähle zwei seiner Bauteile</translation>
    </message>
    <message>
        <source>Choose two that differ</source>
        <translation>Wähle zwei verschiedene</translation>
    </message>
    <message>
        <source>Choose variants of %1</source>
        <translation>Varianten von %1 wählen</translation>
    </message>
    <message>
        <source>Choose what it is, such as a text grid</source>
        <translation>Wähle, was sie ist, etwa ein Textraster</translation>
    </message>
    <message>
        <source>Clear %1</source>
        <translation>%1 leeren</translation>
    </message>
    <message>
        <source>Clear %1%2</source>
        <translation>%1%2 leeren</translation>
    </message>
    <message>
        <source>Clear those cells</source>
        <translation>Jene Zellen leeren</translation>
    </message>
    <message>
        <source>Clear what hides it</source>
        <translation>Leeren, was es verdeckt</translation>
    </message>
    <message>
        <source>Click a wall of a room, or drag over it</source>
        <translation>Klicke auf eine Wand eines Raums, oder ziehe darüber</translation>
    </message>
    <message>
        <source>Close %1 port</source>
        <translation>%1 Anschluss schließen</translation>
    </message>
    <message>
        <source>Close %1 ports</source>
        <translation>%1 Anschlüsse schließen</translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close it, and write two for one in a cell</source>
        <translation>Schließ es, und schreib in einer Zelle zwei für eines</translation>
    </message>
    <message>
        <source>Close other programs</source>
        <translation>Schließ andere Programme</translation>
    </message>
    <message>
        <source>Collision is not audited: the level is above 64 million px</source>
        <translation>Die Kollision ist nicht geprüft: das Level hat über 64 Millionen px</translation>
    </message>
    <message>
        <source>Comfort is %1 %, below the limit of %2 %%3</source>
        <translation>Der Spielraum ist %1 %, unter der Grenze von %2 %%3</translation>
    </message>
    <message>
        <source>Comfort low</source>
        <translation>Wenig Spielraum</translation>
    </message>
    <message>
        <source>Copy %1</source>
        <translation>%1 kopieren</translation>
    </message>
    <message>
        <source>Copy a room, joined by a hallway</source>
        <translation>Einen Raum kopieren, mit Gang verbunden</translation>
    </message>
    <message>
        <source>Copy at most 16,384 columns and rows</source>
        <translation>Kopiere höchstens 16.384 Spalten und Zeilen</translation>
    </message>
    <message>
        <source>Copy rows of characters</source>
        <translation>Kopiere Zeilen von Zeichen</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Corner</translation>
    </message>
    <message>
        <source>Corners touch</source>
        <translation>Ecken berühren sich</translation>
    </message>
    <message>
        <source>Correct it</source>
        <translation>Berichtige es</translation>
    </message>
    <message>
        <source>Correct its tile size or columns in rookplot.json</source>
        <translation>Berichtige seine Kachelgröße oder Spalten in rookplot.json</translation>
    </message>
    <message>
        <source>Correct x and y</source>
        <translation>Berichtige x und y</translation>
    </message>
    <message>
        <source>Counters of its own</source>
        <translation>Eigene Steine</translation>
    </message>
    <message>
        <source>Cover the whole opening</source>
        <translation>Die ganze Öffnung decken</translation>
    </message>
    <message>
        <source>Crossing</source>
        <translation>Crossing</translation>
    </message>
    <message>
        <source>Cut %1</source>
        <translation>%1 ausschneiden</translation>
    </message>
    <message>
        <source>Cut it in two</source>
        <translation>Teile es in zwei</translation>
    </message>
    <message>
        <source>Cut it into smaller ones</source>
        <translation>Schneide es in kleinere</translation>
    </message>
    <message>
        <source>Cut it the same way, or add it as a sheet of its own</source>
        <translation>Schneide es genauso, oder füg es als eigenen Bogen hinzu</translation>
    </message>
    <message>
        <source>Cut the picture</source>
        <translation>Schneide das Bild zu</translation>
    </message>
    <message>
        <source>Cut the table</source>
        <translation>Schneide die Tabelle zu</translation>
    </message>
    <message>
        <source>Dangling reference</source>
        <translation>Bezug ins Leere</translation>
    </message>
    <message>
        <source>Deadly bottom unused</source>
        <translation>Tödlicher Rand ungenutzt</translation>
    </message>
    <message>
        <source>Decor</source>
        <translation>Decor</translation>
    </message>
    <message>
        <source>Delete %1</source>
        <translation>%1 löschen</translation>
    </message>
    <message>
        <source>Delete route %1</source>
        <translation>Route %1 löschen</translation>
    </message>
    <message>
        <source>Delete the piece %1</source>
        <translation>Das Bauteil %1 löschen</translation>
    </message>
    <message>
        <source>Dissolve a motif</source>
        <translation>Ein Motiv auflösen</translation>
    </message>
    <message>
        <source>Door</source>
        <translation>Door</translation>
    </message>
    <message>
        <source>Door frame</source>
        <translation>Door frame</translation>
    </message>
    <message>
        <source>Door opens for nobody</source>
        <translation>Tür öffnet niemandem</translation>
    </message>
    <message>
        <source>Door opens with nothing</source>
        <translation>Tür öffnet mit nichts</translation>
    </message>
    <message>
        <source>Drag from a key to a door or an exit, from a trigger to what it calls, or from an entity with a field for others</source>
        <translation>Zieh von einem Schlüssel zu einer Tür oder einem Ausgang, von einem Auslöser zu dem, was er ruft, oder von einer Figur mit einem Feld für andere</translation>
    </message>
    <message>
        <source>Drag the levels again</source>
        <translation>Zieh die Level noch einmal</translation>
    </message>
    <message>
        <source>Draw box</source>
        <translation>Kasten zeichnen</translation>
    </message>
    <message>
        <source>Draw it anew</source>
        <translation>Zeichne es neu</translation>
    </message>
    <message>
        <source>Draw it over the board</source>
        <translation>Zeichne sie über das Brett</translation>
    </message>
    <message>
        <source>Draw line</source>
        <translation>Linie zeichnen</translation>
    </message>
    <message>
        <source>Draw outline</source>
        <translation>Umriss zeichnen</translation>
    </message>
    <message>
        <source>Draw room</source>
        <translation>Raum zeichnen</translation>
    </message>
    <message>
        <source>Draw route %1</source>
        <translation>Route %1 zeichnen</translation>
    </message>
    <message>
        <source>Draw stroke</source>
        <translation>Strich zeichnen</translation>
    </message>
    <message>
        <source>Draw the opening over a wall of a room</source>
        <translation>Ziehe die Öffnung über eine Wand eines Raums</translation>
    </message>
    <message>
        <source>Dress %1 anew</source>
        <translation>%1 neu kleiden</translation>
    </message>
    <message>
        <source>Drop a region</source>
        <translation>Einen Bereich fallenlassen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Doppelt</translation>
    </message>
    <message>
        <source>Duplicate %1</source>
        <translation>%1 verdoppeln</translation>
    </message>
    <message>
        <source>End</source>
        <translation>End</translation>
    </message>
    <message>
        <source>Entity in stone</source>
        <translation>Figur im Stein</translation>
    </message>
    <message>
        <source>Erase</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Erase %1</source>
        <translation>%1 löschen</translation>
    </message>
    <message>
        <source>Erase it</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Erase strokes</source>
        <translation>Striche löschen</translation>
    </message>
    <message>
        <source>Exit</source>
        <translation>Exit</translation>
    </message>
    <message>
        <source>Exit %1 leads nowhere: %2</source>
        <translation>Ausgang %1 führt nirgendwohin: %2</translation>
    </message>
    <message>
        <source>Exit leads nowhere</source>
        <translation>Ausgang ins Nichts</translation>
    </message>
    <message>
        <source>Exit out of reach</source>
        <translation>Ausgang nicht erreichbar</translation>
    </message>
    <message>
        <source>Exit passed by</source>
        <translation>Ausgang umgangen</translation>
    </message>
    <message>
        <source>Export a simpler one</source>
        <translation>Gib ein einfacheres aus</translation>
    </message>
    <message>
        <source>Export it in the kit's units, or give the kit a larger module</source>
        <translation>Gib es in den Einheiten des Bausatzes aus, oder gib dem Bausatz ein größeres Modul</translation>
    </message>
    <message>
        <source>Export it with its mesh</source>
        <translation>Gib es mit seinem Netz aus</translation>
    </message>
    <message>
        <source>Export it without</source>
        <translation>Gib es ohne aus</translation>
    </message>
    <message>
        <source>Export it without compression or extensions</source>
        <translation>Gib es ohne Kompression oder Erweiterungen aus</translation>
    </message>
    <message>
        <source>Export the level again</source>
        <translation>Gib das Level noch einmal aus</translation>
    </message>
    <message>
        <source>Export the model once more</source>
        <translation>Gib das Modell noch einmal aus</translation>
    </message>
    <message>
        <source>Export to another folder</source>
        <translation>Gib in einen anderen Ordner aus</translation>
    </message>
    <message>
        <source>Field empty</source>
        <translation>Feld leer</translation>
    </message>
    <message>
        <source>Field out of range</source>
        <translation>Feld außer Bereich</translation>
    </message>
    <message>
        <source>Files of the project changed on the disk</source>
        <translation>Dateien des Projekts änderten sich auf der Platte</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Fill %1 solid with pieces</source>
        <translation>%1 Körper mit Bauteilen füllen</translation>
    </message>
    <message>
        <source>Fill %1 solids with pieces</source>
        <translation>%1 Körper mit Bauteilen füllen</translation>
    </message>
    <message>
        <source>Fill a gap</source>
        <translation>Eine Lücke füllen</translation>
    </message>
    <message>
        <source>Fill a pocket</source>
        <translation>Eine Tasche füllen</translation>
    </message>
    <message>
        <source>Fill a room of %1 modules</source>
        <translation>Einen Raum von %1 Modulen füllen</translation>
    </message>
    <message>
        <source>Fill it</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Floor</translation>
    </message>
    <message>
        <source>Foes, hazards, pickups and props can</source>
        <translation>Gegner, Gefahren, Funde und Requisiten können es</translation>
    </message>
    <message>
        <source>Forget the block</source>
        <translation>Den Block vergessen</translation>
    </message>
    <message>
        <source>Formation broken</source>
        <translation>Formation gestört</translation>
    </message>
    <message>
        <source>Formation tight</source>
        <translation>Formation eng</translation>
    </message>
    <message>
        <source>Free some space and try again</source>
        <translation>Mach Platz und versuch es wieder</translation>
    </message>
    <message>
        <source>From %1 module that can be reached, no exit can</source>
        <translation>Von %1 erreichbaren Modul ist kein Ausgang erreichbar</translation>
    </message>
    <message>
        <source>From %1 modules that can be reached, no exit can</source>
        <translation>Von %1 erreichbaren Modulen ist kein Ausgang erreichbar</translation>
    </message>
    <message>
        <source>From slot to slot it is at least 1 px</source>
        <translation>Von Platz zu Platz ist es mindestens 1 px</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Lücke</translation>
    </message>
    <message>
        <source>Gap too tight</source>
        <translation>Lücke zu eng</translation>
    </message>
    <message>
        <source>Give a number above 0, as 12 or 7.5</source>
        <translation>Gib eine Zahl über 0, wie 12 oder 7.5</translation>
    </message>
    <message>
        <source>Give a smaller size of tiles</source>
        <translation>Gib eine kleinere Kachelgröße</translation>
    </message>
    <message>
        <source>Give all of them</source>
        <translation>Gib alle davon</translation>
    </message>
    <message>
        <source>Give another address</source>
        <translation>Gib eine andere Adresse</translation>
    </message>
    <message>
        <source>Give both the same width, height and margin first</source>
        <translation>Gib beiden erst gleiche Breite, Höhe und Rand</translation>
    </message>
    <message>
        <source>Give each of the parts that were written with the same N, once</source>
        <translation>Gib jeden der Teile, die mit demselben N geschrieben wurden, einmal</translation>
    </message>
    <message>
        <source>Give it a value above 0, at most 1000 cells</source>
        <translation>Gib ihr einen Wert über 0, höchstens 1000 Zellen</translation>
    </message>
    <message>
        <source>Give it a value in its range: %1</source>
        <translation>Gib ihm einen Wert in seinem Bereich: %1</translation>
    </message>
    <message>
        <source>Give it that kind</source>
        <translation>Gib ihm jene Art</translation>
    </message>
    <message>
        <source>Give it the id of its file name</source>
        <translation>Gib ihm die Id seines Dateinamens</translation>
    </message>
    <message>
        <source>Give it the name of its file</source>
        <translation>Gib ihm den Namen seiner Datei</translation>
    </message>
    <message>
        <source>Give it the same footprint, ports and turns first</source>
        <translation>Gib ihm erst denselben Grundriss, dieselben Anschlüsse und Drehungen</translation>
    </message>
    <message>
        <source>Give it two points or more</source>
        <translation>Gib ihr zwei oder mehr Punkte</translation>
    </message>
    <message>
        <source>Give one of the type %1</source>
        <translation>Gib einen vom Typ %1</translation>
    </message>
    <message>
        <source>Give one of them another id</source>
        <translation>Gib einem davon eine andere Id</translation>
    </message>
    <message>
        <source>Give other numbers</source>
        <translation>Gib andere Zahlen</translation>
    </message>
    <message>
        <source>Give that kind the role counter</source>
        <translation>Gib jener Art die Rolle Stein</translation>
    </message>
    <message>
        <source>Give the board other numbers in the level sheet</source>
        <translation>Gib dem Brett andere Zahlen im Levelblatt</translation>
    </message>
    <message>
        <source>Give the thing a name first</source>
        <translation>Gib dem Ding erst einen Namen</translation>
    </message>
    <message>
        <source>Give tiles a form in the section Sheet first</source>
        <translation>Gib Kacheln erst eine Form im Abschnitt Bogen</translation>
    </message>
    <message>
        <source>Give x and y, or leave both empty to park it</source>
        <translation>Gib x und y, oder lass beide leer, um ihn abzustellen</translation>
    </message>
    <message>
        <source>Give yourself the right to it or choose another place</source>
        <translation>Gib dir das Recht dazu oder wähle einen anderen Ort</translation>
    </message>
    <message>
        <source>Go on with what was saved</source>
        <translation>Mach mit dem Gesicherten weiter</translation>
    </message>
    <message>
        <source>Goal impossible</source>
        <translation>Ziel unmöglich</translation>
    </message>
    <message>
        <source>Grant not listed</source>
        <translation>Verliehenes nicht im Profil</translation>
    </message>
    <message>
        <source>Group %1</source>
        <translation>%1 gruppieren</translation>
    </message>
    <message>
        <source>Grow a cave of %1</source>
        <translation>Eine Höhle aus %1 wachsen lassen</translation>
    </message>
    <message>
        <source>Hallway</source>
        <translation>Hallway</translation>
    </message>
    <message>
        <source>Hang a %1 on %2</source>
        <translation>%1 an %2 hängen</translation>
    </message>
    <message>
        <source>Hard to tell</source>
        <translation>Schwer zu erkennen</translation>
    </message>
    <message>
        <source>Have fewer of them written out in Ship, Spelled out</source>
        <translation>Lass in Liefern, Ausgeschrieben, weniger davon ausschreiben</translation>
    </message>
    <message>
        <source>Hazard</source>
        <translation>Hazard</translation>
    </message>
    <message>
        <source>Headroom</source>
        <translation>Kopffreiheit</translation>
    </message>
    <message>
        <source>Heights of springs stand in a bundle as tables alone; they become the usual ones.</source>
        <translation>Die Höhen von Federn stehen im Bündel nur als Tafeln; sie werden die üblichen.</translation>
    </message>
    <message>
        <source>Hidden in front</source>
        <translation>Vorn verdeckt</translation>
    </message>
    <message>
        <source>Hide a leaf</source>
        <translation>Ein Blatt verbergen</translation>
    </message>
    <message>
        <source>Hold a tile still</source>
        <translation>Eine Kachel stillhalten</translation>
    </message>
    <message>
        <source>Import %1</source>
        <translation>%1 hereinholen</translation>
    </message>
    <message>
        <source>Import into %1</source>
        <translation>In %1 hereinholen</translation>
    </message>
    <message>
        <source>Import it as a new level</source>
        <translation>Hol es als neues Level herein</translation>
    </message>
    <message>
        <source>Import them as new levels</source>
        <translation>Hol sie als neue Level herein</translation>
    </message>
    <message>
        <source>Import what was changed, or write over it</source>
        <translation>Hol herein, was geändert wurde, oder überschreib es</translation>
    </message>
    <message>
        <source>Infinity</source>
        <translation>Unendlich</translation>
    </message>
    <message>
        <source>Install Rook Plot again</source>
        <translation>Installiere Rook Plot neu</translation>
    </message>
    <message>
        <source>Install the program again</source>
        <translation>Installiere das Programm neu</translation>
    </message>
    <message>
        <source>Inter, Sans</source>
        <translation>Inter, Sans</translation>
    </message>
    <message>
        <source>It cannot be held against other programs</source>
        <translation>Es lässt sich nicht gegen andere Programme halten</translation>
    </message>
    <message>
        <source>It cannot be put in its place</source>
        <translation>Es lässt sich nicht an seinen Platz legen</translation>
    </message>
    <message>
        <source>It cannot be removed</source>
        <translation>Es lässt sich nicht entfernen</translation>
    </message>
    <message>
        <source>It cannot be solved: %1.</source>
        <translation>Nicht lösbar: %1.</translation>
    </message>
    <message>
        <source>It is a secret</source>
        <translation>Es ist ein Geheimnis</translation>
    </message>
    <message>
        <source>It is not known what this file is</source>
        <translation>Was diese Datei ist, ist nicht bekannt</translation>
    </message>
    <message>
        <source>It is solved by rookplot solve</source>
        <translation>rookplot solve löst es</translation>
    </message>
    <message>
        <source>Its faces are named by no whole numbers</source>
        <translation>Seine Flächen sind nicht mit ganzen Zahlen benannt</translation>
    </message>
    <message>
        <source>Its foot is %1 units above the ground</source>
        <translation>Sein Fuß steht %1 Einheiten über dem Boden</translation>
    </message>
    <message>
        <source>Its foot is %1 units below the ground</source>
        <translation>Sein Fuß steht %1 Einheiten unter dem Boden</translation>
    </message>
    <message>
        <source>Its nodes go round in a circle</source>
        <translation>Ihre Knoten laufen im Kreis</translation>
    </message>
    <message>
        <source>Join the times</source>
        <translation>Die Zeiten verbinden</translation>
    </message>
    <message>
        <source>Join them</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Join two corners</source>
        <translation>Zwei Ecken verbinden</translation>
    </message>
    <message>
        <source>Keep a run</source>
        <translation>Einen Lauf behalten</translation>
    </message>
    <message>
        <source>Keep a scatter rule</source>
        <translation>Eine Streuregel behalten</translation>
    </message>
    <message>
        <source>Keep block %1</source>
        <translation>Block %1 behalten</translation>
    </message>
    <message>
        <source>Keep the first row as it was written</source>
        <translation>Lass die erste Zeile, wie sie geschrieben wurde</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Key</translation>
    </message>
    <message>
        <source>Key behind own door</source>
        <translation>Schlüssel hinter eigener Tür</translation>
    </message>
    <message>
        <source>Key out of reach</source>
        <translation>Schlüssel nicht erreichbar</translation>
    </message>
    <message>
        <source>Key without door</source>
        <translation>Schlüssel ohne Tür</translation>
    </message>
    <message>
        <source>Kit</source>
        <translation>Bausatz</translation>
    </message>
    <message>
        <source>Lane</source>
        <translation>Lane</translation>
    </message>
    <message>
        <source>Lay</source>
        <translation>Legen</translation>
    </message>
    <message>
        <source>Lay %1</source>
        <translation>%1 legen</translation>
    </message>
    <message>
        <source>Lay %1 by their tiles</source>
        <translation>%1 nach ihren Kacheln legen</translation>
    </message>
    <message>
        <source>Lay %1 of %2</source>
        <translation>%1 aus %2 legen</translation>
    </message>
    <message>
        <source>Lay %1 on </source>
        <translation>%1 legen auf </translation>
    </message>
    <message>
        <source>Lay %1%2</source>
        <translation>%1%2 legen</translation>
    </message>
    <message>
        <source>Lay a hallway of %1 x %2 modules</source>
        <translation>Einen Gang von %1 x %2 Modulen legen</translation>
    </message>
    <message>
        <source>Lay a ledge of %1 cells at %2, %3</source>
        <translation>Einen Sims von %1 Zellen bei %2, %3 legen</translation>
    </message>
    <message>
        <source>Lay a ledge of %d cells at %d, %d</source>
        <translation>Einen Sims von %d Zellen bei %d, %d legen</translation>
    </message>
    <message>
        <source>Lay a path of %1 modules</source>
        <translation>Einen Pfad von %1 Modulen legen</translation>
    </message>
    <message>
        <source>Lay a pattern</source>
        <translation>Ein Muster legen</translation>
    </message>
    <message>
        <source>Lay a pattern on %1</source>
        <translation>Ein Muster auf %1 legen</translation>
    </message>
    <message>
        <source>Lay a room of %1 x %2 modules</source>
        <translation>Einen Raum von %1 x %2 Modulen legen</translation>
    </message>
    <message>
        <source>Lay floor and walls</source>
        <translation>Boden und Wände legen</translation>
    </message>
    <message>
        <source>Lay it full, or as a lower or upper half</source>
        <translation>Leg es voll oder als untere oder obere Hälfte</translation>
    </message>
    <message>
        <source>Lay that cell full first</source>
        <translation>Leg jene Zelle erst voll</translation>
    </message>
    <message>
        <source>Lay the plan,</source>
        <translation>Den Plan legen,</translation>
    </message>
    <message>
        <source>Lead %1 on</source>
        <translation>%1 weiterführen</translation>
    </message>
    <message>
        <source>Lead the path round it, or take it away</source>
        <translation>Führ den Pfad darum herum, oder nimm es weg</translation>
    </message>
    <message>
        <source>Leaf 1</source>
        <translation>Blatt 1</translation>
    </message>
    <message>
        <source>Leak</source>
        <translation>Leck</translation>
    </message>
    <message>
        <source>Leave a part of it on the board</source>
        <translation>Lass einen Teil davon auf dem Brett</translation>
    </message>
    <message>
        <source>Leave it as it was</source>
        <translation>Lass es, wie es war</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Lass es weg</translation>
    </message>
    <message>
        <source>Leave it out of the selection</source>
        <translation>Lass sie aus der Auswahl</translation>
    </message>
    <message>
        <source>Leave one</source>
        <translation>Lass eines stehen</translation>
    </message>
    <message>
        <source>Leave that column out</source>
        <translation>Lass diese Spalte weg</translation>
    </message>
    <message>
        <source>Leave that row out</source>
        <translation>Lass diese Zeile weg</translation>
    </message>
    <message>
        <source>Leave the row out</source>
        <translation>Lass die Zeile weg</translation>
    </message>
    <message>
        <source>Ledge bumps</source>
        <translation>Sims stößt</translation>
    </message>
    <message>
        <source>Let %1 cover the opening</source>
        <translation>%1 die Öffnung decken lassen</translation>
    </message>
    <message>
        <source>Let it bring another first</source>
        <translation>Lass es erst ein anderes bringen</translation>
    </message>
    <message>
        <source>Let it move by another first</source>
        <translation>Lass es sich erst nach einem anderen bewegen</translation>
    </message>
    <message>
        <source>Level %1</source>
        <translation>Level %1</translation>
    </message>
    <message>
        <source>Level 1</source>
        <translation>Level 1</translation>
    </message>
    <message>
        <source>Limit of comfort</source>
        <translation>Grenze des Spielraums</translation>
    </message>
    <message>
        <source>Link %1 and %2</source>
        <translation>%1 und %2 verbinden</translation>
    </message>
    <message>
        <source>Lock %1</source>
        <translation>%1 verschließen</translation>
    </message>
    <message>
        <source>Lock a leaf</source>
        <translation>Ein Blatt sperren</translation>
    </message>
    <message>
        <source>Lock the underlay</source>
        <translation>Die Vorlage sperren</translation>
    </message>
    <message>
        <source>Lone cell</source>
        <translation>Einzelne Zelle</translation>
    </message>
    <message>
        <source>Look at the finding again</source>
        <translation>Sieh den Befund neu an</translation>
    </message>
    <message>
        <source>Look at the findings anew</source>
        <translation>Sieh die Befunde neu an</translation>
    </message>
    <message>
        <source>Look at what changed, above the board, and save again</source>
        <translation>Sieh über dem Brett, was sich änderte, und sichere noch einmal</translation>
    </message>
    <message>
        <source>Look at who may read it</source>
        <translation>Sieh nach, wer ihn lesen darf</translation>
    </message>
    <message>
        <source>Looks open</source>
        <translation>Sieht offen aus</translation>
    </message>
    <message>
        <source>Looks solid</source>
        <translation>Sieht fest aus</translation>
    </message>
    <message>
        <source>Main</source>
        <translation>Haupt</translation>
    </message>
    <message>
        <source>Make %1 plain</source>
        <translation>%1 schlicht machen</translation>
    </message>
    <message>
        <source>Make %1 zone</source>
        <translation>%1 Zone machen</translation>
    </message>
    <message>
        <source>Make %1 zones</source>
        <translation>%1 Zonen machen</translation>
    </message>
    <message>
        <source>Make a ledge one-way</source>
        <translation>Einen Sims einseitig machen</translation>
    </message>
    <message>
        <source>Make a level of pieces first</source>
        <translation>Mach erst ein Level aus Bauteilen</translation>
    </message>
    <message>
        <source>Make a motif</source>
        <translation>Ein Motiv machen</translation>
    </message>
    <message>
        <source>Make a piece that fits, or lay pieces over it by hand</source>
        <translation>Baue ein Bauteil, das passt, oder lege von Hand Bauteile darüber</translation>
    </message>
    <message>
        <source>Make a ring of %1</source>
        <translation>Einen Ring aus %1 machen</translation>
    </message>
    <message>
        <source>Make a room</source>
        <translation>Einen Raum machen</translation>
    </message>
    <message>
        <source>Make a swatch of %1</source>
        <translation>Eine Probe aus %1 machen</translation>
    </message>
    <message>
        <source>Make an open piece of one module with that wall, or a room of one storey</source>
        <translation>Baue ein offenes Bauteil von einem Modul mit dieser Wand, oder einen Raum von einem Geschoss</translation>
    </message>
    <message>
        <source>Make another one first</source>
        <translation>Mach erst ein anderes</translation>
    </message>
    <message>
        <source>Make cells %1 px</source>
        <translation>Zellen zu %1 px machen</translation>
    </message>
    <message>
        <source>Make it as long as size.columns</source>
        <translation>Mach sie so lang wie size.columns</translation>
    </message>
    <message>
        <source>Make it at most 8192 x 8192 and place it again</source>
        <translation>Mach es höchstens 8192 x 8192 groß und leg es neu</translation>
    </message>
    <message>
        <source>Make it one-way</source>
        <translation>Einseitig machen</translation>
    </message>
    <message>
        <source>Make it smaller, or two of it</source>
        <translation>Mach es kleiner, oder zwei daraus</translation>
    </message>
    <message>
        <source>Make no room</source>
        <translation>Keinen Raum machen</translation>
    </message>
    <message>
        <source>Make one in Shape first</source>
        <translation>Mach erst einen in Formen</translation>
    </message>
    <message>
        <source>Make one of one module, without walls and ports</source>
        <translation>Baue eines von einem Modul, ohne Wände und Anschlüsse</translation>
    </message>
    <message>
        <source>Make one with a port on each side</source>
        <translation>Mach einen mit einem Anschluss an jeder Seite</translation>
    </message>
    <message>
        <source>Make one with two ports and walls</source>
        <translation>Mach eines mit zwei Anschlüssen und Wänden</translation>
    </message>
    <message>
        <source>Make one, or draw a room of another outline</source>
        <translation>Mach einen, oder zeichne einen Raum mit anderem Umriss</translation>
    </message>
    <message>
        <source>Make one, or lead the path another way</source>
        <translation>Mach eines, oder führ den Pfad anders</translation>
    </message>
    <message>
        <source>Make room there, or let the folder be written</source>
        <translation>Mach dort Platz, oder gib den Ordner zum Schreiben frei</translation>
    </message>
    <message>
        <source>Make room, or a piece of one port that fits</source>
        <translation>Mach Platz, oder ein passendes Bauteil mit einem Anschluss</translation>
    </message>
    <message>
        <source>Make the %1 edge a wall</source>
        <translation>Den Rand %1 zur Wand machen</translation>
    </message>
    <message>
        <source>Make the board %1</source>
        <translation>Das Brett %1 groß machen</translation>
    </message>
    <message>
        <source>Make the board larger first</source>
        <translation>Mach erst das Brett größer</translation>
    </message>
    <message>
        <source>Make the board larger, or take it out</source>
        <translation>Mach das Brett größer, oder nimm ihn heraus</translation>
    </message>
    <message>
        <source>Make the bottom deadly</source>
        <translation>Den unteren Rand tödlich machen</translation>
    </message>
    <message>
        <source>Make the jump higher or the margin smaller</source>
        <translation>Mach den Sprung höher oder den Rand kleiner</translation>
    </message>
    <message>
        <source>Make the piece %1</source>
        <translation>Das Bauteil %1 machen</translation>
    </message>
    <message>
        <source>Make the recipe smaller</source>
        <translation>Mach das Rezept kleiner</translation>
    </message>
    <message>
        <source>Make the tiles larger, or cut the image into several</source>
        <translation>Mach die Kacheln größer, oder schneide das Bild in mehrere</translation>
    </message>
    <message>
        <source>Make the tiles, the margin or the offset smaller</source>
        <translation>Mach Kacheln, Rand oder Versatz kleiner</translation>
    </message>
    <message>
        <source>Make the top edge a wall</source>
        <translation>Den oberen Rand zur Wand machen</translation>
    </message>
    <message>
        <source>Make them as many as size.rows</source>
        <translation>Mach sie so viele wie size.rows</translation>
    </message>
    <message>
        <source>Mark %1 off %2</source>
        <translation>Marke %1 von %2</translation>
    </message>
    <message>
        <source>Mark %1: %2</source>
        <translation>Marke %1: %2</translation>
    </message>
    <message>
        <source>Mark a secret</source>
        <translation>Als Geheimnis kennzeichnen</translation>
    </message>
    <message>
        <source>Mark a slot so, or name another</source>
        <translation>Gib sie einem Platz, oder nenn eine andere</translation>
    </message>
    <message>
        <source>Mark those that become pieces</source>
        <translation>Setze den Haken bei denen, die zu Teilen werden</translation>
    </message>
    <message>
        <source>Match %1</source>
        <translation>Sagen, was für %1 steht</translation>
    </message>
    <message>
        <source>Mend it</source>
        <translation>Behebe es</translation>
    </message>
    <message>
        <source>Mend it by hand</source>
        <translation>Behebe es von Hand</translation>
    </message>
    <message>
        <source>Mend it or restore a copy</source>
        <translation>Behebe sie oder stell eine Kopie wieder her</translation>
    </message>
    <message>
        <source>Mend that place or restore a copy</source>
        <translation>Behebe diese Stelle oder stell eine Kopie wieder her</translation>
    </message>
    <message>
        <source>Mend the file or restore a copy</source>
        <translation>Behebe die Datei oder stell eine Kopie wieder her</translation>
    </message>
    <message>
        <source>Mend the recipe</source>
        <translation>Behebe das Rezept</translation>
    </message>
    <message>
        <source>Merge %1 into %2</source>
        <translation>%1 mit %2 verschmelzen</translation>
    </message>
    <message>
        <source>Merge two of them first</source>
        <translation>Verschmilz erst zwei davon</translation>
    </message>
    <message>
        <source>Mirror %1</source>
        <translation>%1 spiegeln</translation>
    </message>
    <message>
        <source>Mix from one in which it is</source>
        <translation>Misch von einer, in der es das ist</translation>
    </message>
    <message>
        <source>Mix levels of slide, push or pour</source>
        <translation>Misch Level mit gleiten, schieben oder gießen</translation>
    </message>
    <message>
        <source>More tiles lie on slopes than one sheet can hold</source>
        <translation>Mehr Kacheln liegen auf Schrägen, als ein Bogen fassen kann</translation>
    </message>
    <message>
        <source>Move </source>
        <translation>Verschieben </translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>%1 verschieben</translation>
    </message>
    <message>
        <source>Move a card</source>
        <translation>Eine Karte verschieben</translation>
    </message>
    <message>
        <source>Move a scatter rule</source>
        <translation>Eine Streuregel verschieben</translation>
    </message>
    <message>
        <source>Move by %1</source>
        <translation>Nach %1 bewegen</translation>
    </message>
    <message>
        <source>Move it away from the border first</source>
        <translation>Rück sie erst vom Rand weg</translation>
    </message>
    <message>
        <source>Move it in, or take it out</source>
        <translation>Verschieb sie hinein oder nimm sie heraus</translation>
    </message>
    <message>
        <source>Move it less with the level</source>
        <translation>Weniger mit dem Level bewegen</translation>
    </message>
    <message>
        <source>Move it the other way first</source>
        <translation>Schieb es erst in die andere Richtung</translation>
    </message>
    <message>
        <source>Move it, choose another folder, or write over it</source>
        <translation>Verschieb sie, wähle einen anderen Ordner, oder überschreib sie</translation>
    </message>
    <message>
        <source>Move leaf %1</source>
        <translation>Blatt %1 verschieben</translation>
    </message>
    <message>
        <source>Move one after the other</source>
        <translation>Rück einen nach dem anderen</translation>
    </message>
    <message>
        <source>Move or park it</source>
        <translation>Verschieb ihn oder stell ihn ab</translation>
    </message>
    <message>
        <source>Move or park one of them</source>
        <translation>Verschieb einen davon oder stell ihn ab</translation>
    </message>
    <message>
        <source>Move the layer %1</source>
        <translation>Die Ebene %1 verschieben</translation>
    </message>
    <message>
        <source>Move the one that is there</source>
        <translation>Verschieb das vorhandene</translation>
    </message>
    <message>
        <source>Move the start into the open</source>
        <translation>Rück den Start ins Freie</translation>
    </message>
    <message>
        <source>Move the tiles of %1%2</source>
        <translation>Die Kacheln von %1%2 verschieben</translation>
    </message>
    <message>
        <source>Move the underlay</source>
        <translation>Die Vorlage verschieben</translation>
    </message>
    <message>
        <source>Move whole modules into "at"</source>
        <translation>Schreib ganze Module in "at"</translation>
    </message>
    <message>
        <source>Mover</source>
        <translation>Mover</translation>
    </message>
    <message>
        <source>Mover crushes</source>
        <translation>Beweger zerdrückt</translation>
    </message>
    <message>
        <source>Mover in wall</source>
        <translation>Beweger in Wand</translation>
    </message>
    <message>
        <source>Mover not reached</source>
        <translation>Beweger nicht erreicht</translation>
    </message>
    <message>
        <source>Name an empty or a new folder</source>
        <translation>Nenn einen leeren oder neuen Ordner</translation>
    </message>
    <message>
        <source>Name another</source>
        <translation>Nenn einen anderen</translation>
    </message>
    <message>
        <source>Name it by its id</source>
        <translation>Nach seiner Id benennen</translation>
    </message>
    <message>
        <source>Name one</source>
        <translation>Nenn eine</translation>
    </message>
    <message>
        <source>Name one of slots; how far a body gets is told by rookplot reach</source>
        <translation>Nenn eines aus Plätzen; wie weit ein Körper kommt, sagt rookplot reach</translation>
    </message>
    <message>
        <source>Name one of the level</source>
        <translation>Nenn einen des Levels</translation>
    </message>
    <message>
        <source>Name one of the project</source>
        <translation>Nenn eines des Projekts</translation>
    </message>
    <message>
        <source>Name one of the project's kits</source>
        <translation>Nenn einen der Bausätze des Projekts</translation>
    </message>
    <message>
        <source>Name one of the project, or leave the row out</source>
        <translation>Nenn eines des Projekts, oder lass die Zeile weg</translation>
    </message>
    <message>
        <source>Name one of the sheets</source>
        <translation>Nenn einen der Bögen</translation>
    </message>
    <message>
        <source>Name one that the project has</source>
        <translation>Nenn eine, die das Projekt hat</translation>
    </message>
    <message>
        <source>Name one that the project has, or new</source>
        <translation>Nenn eines, das das Projekt hat, oder new</translation>
    </message>
    <message>
        <source>New kit</source>
        <translation>Neuer Bausatz</translation>
    </message>
    <message>
        <source>New kit level</source>
        <translation>Neues Bausatzlevel</translation>
    </message>
    <message>
        <source>New level</source>
        <translation>Neues Level</translation>
    </message>
    <message>
        <source>New level from above</source>
        <translation>Neues Level von oben</translation>
    </message>
    <message>
        <source>New puzzle level</source>
        <translation>Neues Rätsellevel</translation>
    </message>
    <message>
        <source>No box or room is there to be opened</source>
        <translation>Hier ist kein Quader oder Raum, der sich öffnen ließe</translation>
    </message>
    <message>
        <source>No counter is parked</source>
        <translation>Kein Stein ist abgestellt</translation>
    </message>
    <message>
        <source>No counter on the board pushes: there is no move</source>
        <translation>Kein Stein auf dem Brett schiebt: es gibt keinen Zug</translation>
    </message>
    <message>
        <source>No exit</source>
        <translation>Kein Ausgang</translation>
    </message>
    <message>
        <source>No exit that one comes to leads to the end of the game. Let one lead there, or say that levels may lead round for ever (The game, key 0)</source>
        <translation>Kein Ausgang, zu dem man kommt, führt zum Ende des Spiels. Lass einen dorthin führen, oder sag, dass Level endlos im Kreis führen dürfen (Das Spiel, Taste 0)</translation>
    </message>
    <message>
        <source>No level could be read</source>
        <translation>Kein Level war lesbar</translation>
    </message>
    <message>
        <source>No model is to be taken</source>
        <translation>Kein Modell soll übernommen werden</translation>
    </message>
    <message>
        <source>No model lies in the folder</source>
        <translation>In dem Ordner liegt kein Modell</translation>
    </message>
    <message>
        <source>No more than %1 and no less than %2 cannot both be</source>
        <translation>Nicht mehr als %1 und nicht weniger als %2 geht nicht zugleich</translation>
    </message>
    <message>
        <source>No open port has room for a piece that closes it</source>
        <translation>Kein offener Anschluss hat Platz für ein Bauteil, das ihn schließt</translation>
    </message>
    <message>
        <source>No piece stands for it: %1</source>
        <translation>Kein Bauteil steht dafür: %1</translation>
    </message>
    <message>
        <source>No process can be started for the recipe</source>
        <translation>Für das Rezept lässt sich kein Prozess starten</translation>
    </message>
    <message>
        <source>No run along %1</source>
        <translation>Kein Lauf entlang %1</translation>
    </message>
    <message>
        <source>No solid is selected</source>
        <translation>Kein Körper ist gewählt</translation>
    </message>
    <message>
        <source>No solved placement was found to mix from</source>
        <translation>Es wurde keine gelöste Aufstellung zum Mischen gefunden</translation>
    </message>
    <message>
        <source>No start</source>
        <translation>Kein Start</translation>
    </message>
    <message>
        <source>No tile there is said to look like a form</source>
        <translation>Von keiner Kachel dort ist gesagt, dass sie wie eine Form aussieht</translation>
    </message>
    <message>
        <source>No way for a hallway leads to the copy</source>
        <translation>Kein Weg für einen Gang führt zur Kopie</translation>
    </message>
    <message>
        <source>Nobody can swap %1 for %2: nobody stands while it is in force</source>
        <translation>Niemand kann %1 gegen %2 wechseln: niemand steht, während es gilt</translation>
    </message>
    <message>
        <source>Nobody can win by %1: whoever comes there has met another exit before</source>
        <translation>Niemand gewinnt mit %1: wer dorthin kommt, hat vorher einen anderen Ausgang getroffen</translation>
    </message>
    <message>
        <source>Nobody ever gets onto %1</source>
        <translation>Niemand kommt je auf %1</translation>
    </message>
    <message>
        <source>Nobody wins by it</source>
        <translation>Niemand gewinnt damit</translation>
    </message>
    <message>
        <source>None of the levels of this target is there</source>
        <translation>Keines der Level dieser Ausgabe ist da</translation>
    </message>
    <message>
        <source>Normals are no floats, or not as many as corners</source>
        <translation>Normalen sind keine Gleitkommazahlen, oder nicht so viele wie Ecken</translation>
    </message>
    <message>
        <source>Not audited</source>
        <translation>Nicht geprüft</translation>
    </message>
    <message>
        <source>Not decided</source>
        <translation>Nicht entschieden</translation>
    </message>
    <message>
        <source>Not decided: %1.</source>
        <translation>Nicht entschieden: %1.</translation>
    </message>
    <message>
        <source>Not one tile fits into the picture</source>
        <translation>Keine einzige Kachel passt in das Bild</translation>
    </message>
    <message>
        <source>Not one tile of %1 px fits into the image</source>
        <translation>Keine einzige Kachel von %1 px passt in das Bild</translation>
    </message>
    <message>
        <source>Note on a bead</source>
        <translation>Notiz an einer Perle</translation>
    </message>
    <message>
        <source>Nothing ever gets to this space, though one could stand there</source>
        <translation>An diesen Platz kommt nie etwas, obwohl man dort stehen könnte</translation>
    </message>
    <message>
        <source>Nothing falls: a body walks in four directions</source>
        <translation>Nichts fällt: ein Körper geht in vier Richtungen</translation>
    </message>
    <message>
        <source>Nothing gives %1: no pickup counts for it, and it grows with no other tally</source>
        <translation>Nichts gibt %1: kein Fund zählt dafür, und mit keinem anderen Zähler wächst es</translation>
    </message>
    <message>
        <source>Nothing is left of a jump</source>
        <translation>Von einem Sprung bleibt nichts</translation>
    </message>
    <message>
        <source>Nothing is seen of the scatter rule %1: later rules lie over all of it</source>
        <translation>Von der Streuregel %1 sieht man nichts: spätere Regeln liegen ganz darüber</translation>
    </message>
    <message>
        <source>Nothing is written here</source>
        <translation>Hier wird nichts geschrieben</translation>
    </message>
    <message>
        <source>Nothing leads to %1: no exit that one comes to, and the game does not begin there</source>
        <translation>Nichts führt zu %1: kein Ausgang, zu dem man kommt, und das Spiel beginnt dort nicht</translation>
    </message>
    <message>
        <source>Nothing on storey %1 can be reached</source>
        <translation>Auf Geschoss %1 ist nichts erreichbar</translation>
    </message>
    <message>
        <source>Nothing: all is as the table says.</source>
        <translation>Nichts: alles ist, wie die Tabelle sagt.</translation>
    </message>
    <message>
        <source>Nothing: all kinds are as the file says.</source>
        <translation>Nichts: alle Arten sind, wie die Datei sagt.</translation>
    </message>
    <message>
        <source>Number the layers</source>
        <translation>Die Ebenen nummerieren</translation>
    </message>
    <message>
        <source>Numbers that are none were left out (%1)</source>
        <translation>Zahlen, die keine sind, wurden weggelassen (%1)</translation>
    </message>
    <message>
        <source>Off module</source>
        <translation>Neben dem Modul</translation>
    </message>
    <message>
        <source>One-way matter cannot be laid as %1</source>
        <translation>Einseitiger Stoff lässt sich nicht als %1 legen</translation>
    </message>
    <message>
        <source>One-way matter cannot take the form %1</source>
        <translation>Einseitiger Stoff kann die Form %1 nicht annehmen</translation>
    </message>
    <message>
        <source>One-way matter has no form "%1"</source>
        <translation>Einseitiger Stoff hat keine Form "%1"</translation>
    </message>
    <message>
        <source>Only counters of square boards slide</source>
        <translation>Nur Steine auf Brettern aus Quadraten gleiten</translation>
    </message>
    <message>
        <source>Opacity of a leaf</source>
        <translation>Deckkraft eines Blatts</translation>
    </message>
    <message>
        <source>Opacity of the underlay</source>
        <translation>Deckkraft der Vorlage</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Offen</translation>
    </message>
    <message>
        <source>Open %1</source>
        <translation>%1 öffnen</translation>
    </message>
    <message>
        <source>Open %1 solids</source>
        <translation>%1 Körper öffnen</translation>
    </message>
    <message>
        <source>Open a wall</source>
        <translation>Eine Wand öffnen</translation>
    </message>
    <message>
        <source>Open is what is not matter</source>
        <translation>Offen ist, was kein Stoff ist</translation>
    </message>
    <message>
        <source>Open it with a newer Rook Plot</source>
        <translation>Öffne sie mit einem neueren Rook Plot</translation>
    </message>
    <message>
        <source>Open it, or choose another folder</source>
        <translation>Öffne es, oder wähle einen anderen Ordner</translation>
    </message>
    <message>
        <source>Order of pictures</source>
        <translation>Reihenfolge der Bilder</translation>
    </message>
    <message>
        <source>Outside level</source>
        <translation>Außerhalb des Levels</translation>
    </message>
    <message>
        <source>Overlap</source>
        <translation>Überschneidung</translation>
    </message>
    <message>
        <source>Paint on one of them</source>
        <translation>Male auf einer davon</translation>
    </message>
    <message>
        <source>Park %1</source>
        <translation>%1 abstellen</translation>
    </message>
    <message>
        <source>Park it here</source>
        <translation>Stell ihn hier ab</translation>
    </message>
    <message>
        <source>Park of the roster %1</source>
        <translation>Aus dem Aufgebot %1 abstellen</translation>
    </message>
    <message>
        <source>Paste %1</source>
        <translation>%1 einfügen</translation>
    </message>
    <message>
        <source>Patrol broken</source>
        <translation>Patrouille gestört</translation>
    </message>
    <message>
        <source>Pickup</source>
        <translation>Pickup</translation>
    </message>
    <message>
        <source>Pickup out of reach</source>
        <translation>Fund nicht erreichbar</translation>
    </message>
    <message>
        <source>Picture misfit</source>
        <translation>Bild passt nicht</translation>
    </message>
    <message>
        <source>Piece size</source>
        <translation>Bauteilgröße</translation>
    </message>
    <message>
        <source>Piece unknown</source>
        <translation>Bauteil unbekannt</translation>
    </message>
    <message>
        <source>Pin the tiles of %1</source>
        <translation>Die Kacheln von %1 festhalten</translation>
    </message>
    <message>
        <source>Pivot off</source>
        <translation>Drehpunkt daneben</translation>
    </message>
    <message>
        <source>Place %1</source>
        <translation>%1 setzen</translation>
    </message>
    <message>
        <source>Place %1 and link it to %2</source>
        <translation>%1 setzen und mit %2 verbinden</translation>
    </message>
    <message>
        <source>Place %1 x %2</source>
        <translation>%1-mal %2 setzen</translation>
    </message>
    <message>
        <source>Place a %1</source>
        <translation>Setzen: %1</translation>
    </message>
    <message>
        <source>Place a row of %1 x %2</source>
        <translation>Eine Reihe von %1 x %2 setzen</translation>
    </message>
    <message>
        <source>Place a spawn in Cast, or hold Shift to walk from the pointer</source>
        <translation>Setz einen Start in Besetzen, oder halte Umschalt, um ab dem Zeiger zu laufen</translation>
    </message>
    <message>
        <source>Place a spawn in Cast, or walk from the pointer with Shift</source>
        <translation>Setz einen Start in Besetzen, oder lauf mit Umschalt ab dem Zeiger</translation>
    </message>
    <message>
        <source>Place an underlay</source>
        <translation>Eine Vorlage legen</translation>
    </message>
    <message>
        <source>Place it inside the board</source>
        <translation>Setz es ins Brett</translation>
    </message>
    <message>
        <source>Place it on the board first, or leave the row out</source>
        <translation>Setz sie erst auf das Brett, oder lass die Zeile weg</translation>
    </message>
    <message>
        <source>Place it, or name another</source>
        <translation>Setz ihn, oder nenn einen anderen</translation>
    </message>
    <message>
        <source>Place one that does</source>
        <translation>Setz einen, der schiebt</translation>
    </message>
    <message>
        <source>Place the counters as they are when the goal is met, and mix from there</source>
        <translation>Setz die Steine so, wie sie bei erfülltem Ziel stehen, und misch von dort</translation>
    </message>
    <message>
        <source>Places in the picture are not as many as corners</source>
        <translation>Stellen im Bild sind nicht so viele wie Ecken</translation>
    </message>
    <message>
        <source>Plan %1</source>
        <translation>%1 planen</translation>
    </message>
    <message>
        <source>Plank</source>
        <translation>Plank</translation>
    </message>
    <message>
        <source>Player</source>
        <translation>Player</translation>
    </message>
    <message>
        <source>Pocket</source>
        <translation>Tasche</translation>
    </message>
    <message>
        <source>Port height</source>
        <translation>Anschlusshöhe</translation>
    </message>
    <message>
        <source>Port open</source>
        <translation>Anschluss offen</translation>
    </message>
    <message>
        <source>Port profile</source>
        <translation>Anschlussprofil</translation>
    </message>
    <message>
        <source>Positions are no floats</source>
        <translation>Positionen sind keine Kommazahlen</translation>
    </message>
    <message>
        <source>Power-up not needed</source>
        <translation>Fund nicht nötig</translation>
    </message>
    <message>
        <source>Pull a face of %1</source>
        <translation>Eine Fläche von %1 verschieben</translation>
    </message>
    <message>
        <source>Put a PNG in its place</source>
        <translation>Leg ein PNG an seine Stelle</translation>
    </message>
    <message>
        <source>Put it in quotes</source>
        <translation>Setz ihn in Anführungszeichen</translation>
    </message>
    <message>
        <source>Put several images together</source>
        <translation>Leg mehrere Bilder zusammen</translation>
    </message>
    <message>
        <source>Put the level's id into the path</source>
        <translation>Setz die Id des Levels in den Pfad</translation>
    </message>
    <message>
        <source>Puzzle cannot be played</source>
        <translation>Rätsel nicht spielbar</translation>
    </message>
    <message>
        <source>Puzzle cannot be solved</source>
        <translation>Rätsel nicht lösbar</translation>
    </message>
    <message>
        <source>Puzzle doubtful</source>
        <translation>Rätsel zweifelhaft</translation>
    </message>
    <message>
        <source>Ramp</source>
        <translation>Ramp</translation>
    </message>
    <message>
        <source>Ramp end</source>
        <translation>Rampenende</translation>
    </message>
    <message>
        <source>Region of bead %1</source>
        <translation>Bereich der Perle %1</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>Remove a run</source>
        <translation>Einen Lauf entfernen</translation>
    </message>
    <message>
        <source>Remove a scatter rule</source>
        <translation>Eine Streuregel entfernen</translation>
    </message>
    <message>
        <source>Remove a swatch</source>
        <translation>Eine Probe entfernen</translation>
    </message>
    <message>
        <source>Remove block %1</source>
        <translation>Block %1 entfernen</translation>
    </message>
    <message>
        <source>Remove leaf %1</source>
        <translation>Blatt %1 entfernen</translation>
    </message>
    <message>
        <source>Remove one</source>
        <translation>Entferne eine</translation>
    </message>
    <message>
        <source>Remove one first</source>
        <translation>Entferne erst eines</translation>
    </message>
    <message>
        <source>Remove one of them</source>
        <translation>Entferne einen davon</translation>
    </message>
    <message>
        <source>Remove one that is not used</source>
        <translation>Entferne einen unbenutzten</translation>
    </message>
    <message>
        <source>Remove the file; folders of targets are then asked for again</source>
        <translation>Entferne die Datei; nach Ordnern von Ausgaben wird dann neu gefragt</translation>
    </message>
    <message>
        <source>Remove the file; nothing else needs it</source>
        <translation>Entferne die Datei; nichts sonst braucht sie</translation>
    </message>
    <message>
        <source>Remove the kind %1</source>
        <translation>Die Art %1 entfernen</translation>
    </message>
    <message>
        <source>Remove the layer %1</source>
        <translation>Die Ebene %1 entfernen</translation>
    </message>
    <message>
        <source>Remove the link or choose another place</source>
        <translation>Entferne den Verweis oder wähle einen anderen Ort</translation>
    </message>
    <message>
        <source>Remove the motion profile %1</source>
        <translation>Das Bewegungsprofil %1 entfernen</translation>
    </message>
    <message>
        <source>Remove the swatch %1</source>
        <translation>Die Probe %1 entfernen</translation>
    </message>
    <message>
        <source>Remove the target %1</source>
        <translation>Die Ausgabe %1 entfernen</translation>
    </message>
    <message>
        <source>Remove the underlay</source>
        <translation>Die Vorlage entfernen</translation>
    </message>
    <message>
        <source>Remove this file: the project is as it was before that save</source>
        <translation>Entferne diese Datei: das Projekt ist, wie es vor jener Sicherung war</translation>
    </message>
    <message>
        <source>Rename %1</source>
        <translation>%1 umbenennen</translation>
    </message>
    <message>
        <source>Rename a leaf</source>
        <translation>Ein Blatt umbenennen</translation>
    </message>
    <message>
        <source>Rename level to %1</source>
        <translation>Level in %1 umbenennen</translation>
    </message>
    <message>
        <source>Rename one of them, or take it out</source>
        <translation>Benenn eines um oder nimm es heraus</translation>
    </message>
    <message>
        <source>Rename the id %1 to %2</source>
        <translation>Die Id %1 in %2 umbenennen</translation>
    </message>
    <message>
        <source>Reorder levels</source>
        <translation>Level umordnen</translation>
    </message>
    <message>
        <source>Repeat it across only</source>
        <translation>Nur waagerecht wiederholen</translation>
    </message>
    <message>
        <source>Repeat it both ways</source>
        <translation>In beide Richtungen wiederholen</translation>
    </message>
    <message>
        <source>Replace %1 of %2 by %3</source>
        <translation>%1 von %2 durch %3 ersetzen</translation>
    </message>
    <message>
        <source>Replace %1 x %2 by %3</source>
        <translation>%1 x %2 durch %3 ersetzen</translation>
    </message>
    <message>
        <source>Replace it by another piece first</source>
        <translation>Ersetz es erst durch ein anderes Bauteil</translation>
    </message>
    <message>
        <source>Replace it first</source>
        <translation>Ersetz es erst</translation>
    </message>
    <message>
        <source>Replace the sheet %1</source>
        <translation>Den Bogen %1 ersetzen</translation>
    </message>
    <message>
        <source>Reshape a mark</source>
        <translation>Einen Strich umformen</translation>
    </message>
    <message>
        <source>Restore a copy</source>
        <translation>Stell eine Kopie wieder her</translation>
    </message>
    <message>
        <source>Restore it from a copy</source>
        <translation>Stell sie aus einer Kopie wieder her</translation>
    </message>
    <message>
        <source>Rewrite %1</source>
        <translation>%1 neu schreiben</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>Rings have no directions to push in</source>
        <translation>Ringe haben keine Richtungen zum Schieben</translation>
    </message>
    <message>
        <source>Rings lie at least 1 px apart</source>
        <translation>Ringe liegen mindestens 1 px auseinander</translation>
    </message>
    <message>
        <source>Roll %1 anew</source>
        <translation>%1 neu würfeln</translation>
    </message>
    <message>
        <source>Rook Plot</source>
        <translation>Rook Plot</translation>
    </message>
    <message>
        <source>Rook Plot </source>
        <translation>Rook Plot </translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>Room %1 on the plan is not built: %2 of %3 modules have a floor</source>
        <translation>Raum %1 auf dem Plan ist nicht gebaut: %2 von %3 Modulen haben einen Boden</translation>
    </message>
    <message>
        <source>Room %1 on the plan is still solid: %2 of %3</source>
        <translation>Raum %1 des Plans ist noch fest: %2 von %3</translation>
    </message>
    <message>
        <source>Room solid</source>
        <translation>Raum ist fest</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>Säule</translation>
    </message>
    <message>
        <source>Route %1 has no point and leads nowhere</source>
        <translation>Route %1 hat keinen Punkt und führt nirgendwohin</translation>
    </message>
    <message>
        <source>Route %1 has one point and leads nowhere</source>
        <translation>Route %1 hat einen Punkt und führt nirgendwohin</translation>
    </message>
    <message>
        <source>Route end missed</source>
        <translation>Routenende verfehlt</translation>
    </message>
    <message>
        <source>Route too short</source>
        <translation>Route zu kurz</translation>
    </message>
    <message>
        <source>Row %1 has %2 cells and should have %3</source>
        <translation>Zeile %1 hat %2 Zellen und sollte %3 haben</translation>
    </message>
    <message>
        <source>Rows are matched by level and id</source>
        <translation>Zeilen gehören nach level und id zusammen</translation>
    </message>
    <message>
        <source>Rule covered</source>
        <translation>Regel überdeckt</translation>
    </message>
    <message>
        <source>Rule not followed</source>
        <translation>Regel nicht befolgt</translation>
    </message>
    <message>
        <source>Run broken</source>
        <translation>Lauf gebrochen</translation>
    </message>
    <message>
        <source>Run in time</source>
        <translation>Lauf zur Zeit</translation>
    </message>
    <message>
        <source>Run meets foe</source>
        <translation>Lauf trifft Gegner</translation>
    </message>
    <message>
        <source>Same place twice</source>
        <translation>Zweimal am selben Ort</translation>
    </message>
    <message>
        <source>Save it again and place that</source>
        <translation>Sichere es noch einmal und leg das</translation>
    </message>
    <message>
        <source>Save it as PNG and place that</source>
        <translation>Sichere es als PNG und leg das</translation>
    </message>
    <message>
        <source>Save it as UTF-8</source>
        <translation>Sichere ihn als UTF-8</translation>
    </message>
    <message>
        <source>Save it as another one, or decide above the board</source>
        <translation>Sichere es als ein anderes, oder entscheide über dem Brett</translation>
    </message>
    <message>
        <source>Save it first: sheets are read from its folder</source>
        <translation>Sichere es erst: Bögen werden aus seinem Ordner gelesen</translation>
    </message>
    <message>
        <source>Save it smaller and place it again</source>
        <translation>Sichere es kleiner und leg es neu</translation>
    </message>
    <message>
        <source>Save it to another folder</source>
        <translation>Sichere es in einen anderen Ordner</translation>
    </message>
    <message>
        <source>Save to another folder</source>
        <translation>In einen anderen Ordner sichern</translation>
    </message>
    <message>
        <source>Say hello first, with the token of link.json</source>
        <translation>Sag erst hello, mit dem Token aus link.json</translation>
    </message>
    <message>
        <source>Say in the level sheet what counts what is gathered</source>
        <translation>Sag im Levelblatt, was das Gesammelte zählt</translation>
    </message>
    <message>
        <source>Say in the level sheet where pushed counters belong</source>
        <translation>Sag im Levelblatt, wohin geschobene Steine gehören</translation>
    </message>
    <message>
        <source>Say in the level sheet which has to get where</source>
        <translation>Sag im Levelblatt, wer wohin muss</translation>
    </message>
    <message>
        <source>Say run.started first</source>
        <translation>Sag erst run.started</translation>
    </message>
    <message>
        <source>Scale the underlay</source>
        <translation>Die Vorlage skalieren</translation>
    </message>
    <message>
        <source>Scatter %1</source>
        <translation>%1 streuen</translation>
    </message>
    <message>
        <source>Scatter %1 of %2</source>
        <translation>%1 von %2 streuen</translation>
    </message>
    <message>
        <source>Scatter %1 x %2</source>
        <translation>%1 x %2 streuen</translation>
    </message>
    <message>
        <source>See from above</source>
        <translation>Von oben sehen</translation>
    </message>
    <message>
        <source>See from the side</source>
        <translation>Von der Seite sehen</translation>
    </message>
    <message>
        <source>See who else changes this folder, and try again</source>
        <translation>Sieh nach, wer sonst diesen Ordner ändert, und versuch es wieder</translation>
    </message>
    <message>
        <source>Select a box, an outline or a straight line</source>
        <translation>Wähle einen Kasten, einen Umriss oder eine gerade Linie</translation>
    </message>
    <message>
        <source>Select less</source>
        <translation>Wähle weniger</translation>
    </message>
    <message>
        <source>Select more of them</source>
        <translation>Wähle mehr davon</translation>
    </message>
    <message>
        <source>Select some matter first</source>
        <translation>Wähle erst Stoff</translation>
    </message>
    <message>
        <source>Select some, or replace another matter</source>
        <translation>Wähle etwas, oder ersetze einen anderen Stoff</translation>
    </message>
    <message>
        <source>Select the pieces of a room</source>
        <translation>Wähle die Bauteile eines Raums</translation>
    </message>
    <message>
        <source>Set %1 down</source>
        <translation>%1 absetzen</translation>
    </message>
    <message>
        <source>Set %1 straight</source>
        <translation>%1 geraderücken</translation>
    </message>
    <message>
        <source>Set it down</source>
        <translation>Absetzen</translation>
    </message>
    <message>
        <source>Set it straight</source>
        <translation>Geraderücken</translation>
    </message>
    <message>
        <source>Set its sizes right, or take it out of the file</source>
        <translation>Stelle seine Maße richtig, oder nimm ihn aus der Datei</translation>
    </message>
    <message>
        <source>Set no piece straight</source>
        <translation>Kein Bauteil geraderücken</translation>
    </message>
    <message>
        <source>Set the budget of zones</source>
        <translation>Das Budget der Zonen setzen</translation>
    </message>
    <message>
        <source>Set tiles on %1%2</source>
        <translation>Kacheln auf %1%2 setzen</translation>
    </message>
    <message>
        <source>Set up all zones alike</source>
        <translation>Alle Zonen gleich einrichten</translation>
    </message>
    <message>
        <source>Several counters are moved together on square boards alone</source>
        <translation>Mehrere Steine rücken zusammen nur auf Brettern aus Quadraten</translation>
    </message>
    <message>
        <source>Shape %1</source>
        <translation>%1 formen</translation>
    </message>
    <message>
        <source>Shared face</source>
        <translation>Gemeinsame Fläche</translation>
    </message>
    <message>
        <source>Shorten the time to the top or lower the greatest fall speed</source>
        <translation>Verkürze die Zeit bis oben oder senke den größten Fall</translation>
    </message>
    <message>
        <source>Shots cannot be passed</source>
        <translation>Schüsse ohne Lücke</translation>
    </message>
    <message>
        <source>Shots go nowhere</source>
        <translation>Schüsse gehen nirgendwohin</translation>
    </message>
    <message>
        <source>Show a case in %1</source>
        <translation>Einen Fall in %1 zeigen</translation>
    </message>
    <message>
        <source>Show a leaf</source>
        <translation>Ein Blatt zeigen</translation>
    </message>
    <message>
        <source>Show it or choose another one in the margin</source>
        <translation>Zeig es oder wähle im Seitenrand ein anderes</translation>
    </message>
    <message>
        <source>Show the underlay</source>
        <translation>Die Vorlage zeigen</translation>
    </message>
    <message>
        <source>Side %1</source>
        <translation>Neben %1</translation>
    </message>
    <message>
        <source>Slide a bead</source>
        <translation>Eine Perle verschieben</translation>
    </message>
    <message>
        <source>Slope ends in step</source>
        <translation>Schräge endet in Stufe</translation>
    </message>
    <message>
        <source>Slot %1 %2</source>
        <translation>Platz %1 %2</translation>
    </message>
    <message>
        <source>Solid</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>Solid %1</source>
        <translation>Körper %1</translation>
    </message>
    <message>
        <source>Solid %1 has no room between its walls</source>
        <translation>Körper %1 hat zwischen seinen Wänden keinen Platz</translation>
    </message>
    <message>
        <source>Solved in %1 move, and in no fewer.</source>
        <translation>In %1 Zug gelöst, und in keinem weniger.</translation>
    </message>
    <message>
        <source>Solved in %1 moves, and in no fewer.</source>
        <translation>In %1 Zügen gelöst, und in keinem weniger.</translation>
    </message>
    <message>
        <source>Some colours are of no matter: %1</source>
        <translation>Manche Farben gehören zu keinem Stoff: %1</translation>
    </message>
    <message>
        <source>Somebody else changed this file: nothing was saved</source>
        <translation>Jemand anderes änderte diese Datei: nichts wurde gesichert</translation>
    </message>
    <message>
        <source>Something in the file is of another type than it has to</source>
        <translation>Etwas in der Datei ist von anderem Typ, als es sein muss</translation>
    </message>
    <message>
        <source>Something that stands here is larger than the level would be</source>
        <translation>Etwas, das hier steht, ist größer, als das Level wäre</translation>
    </message>
    <message>
        <source>Sort them by leg and share</source>
        <translation>Ordne sie nach Abschnitt und Anteil</translation>
    </message>
    <message>
        <source>Spans are [ticks, dx, dy, buttons]</source>
        <translation>Abschnitte sind [ticks, dx, dy, buttons]</translation>
    </message>
    <message>
        <source>Spikes</source>
        <translation>Spikes</translation>
    </message>
    <message>
        <source>Spread %1 evenly</source>
        <translation>%1 gleichmäßig verteilen</translation>
    </message>
    <message>
        <source>Spring</source>
        <translation>Spring</translation>
    </message>
    <message>
        <source>Stack %1 of the queue has a colour "%2" that the project does not have</source>
        <translation>Stapel %1 der Schlange hat eine Farbe "%2", die das Projekt nicht hat</translation>
    </message>
    <message>
        <source>Stack %1 of the queue is empty</source>
        <translation>Stapel %1 der Schlange ist leer</translation>
    </message>
    <message>
        <source>Stairs</source>
        <translation>Stairs</translation>
    </message>
    <message>
        <source>Standing broken</source>
        <translation>Stehregel verletzt</translation>
    </message>
    <message>
        <source>Start and end of route %1</source>
        <translation>Anfang und Ende der Route %1</translation>
    </message>
    <message>
        <source>Start blocked</source>
        <translation>Start blockiert</translation>
    </message>
    <message>
        <source>Start of the tally %1</source>
        <translation>Anfang des Zählers %1</translation>
    </message>
    <message>
        <source>Stone</source>
        <translation>Stone</translation>
    </message>
    <message>
        <source>Storey not reached</source>
        <translation>Geschoss nicht erreicht</translation>
    </message>
    <message>
        <source>Storeys go from 1 to %1</source>
        <translation>Geschosse gehen von 1 bis %1</translation>
    </message>
    <message>
        <source>Stretch </source>
        <translation>Strecken </translation>
    </message>
    <message>
        <source>Stretch it over the level</source>
        <translation>Über das Level strecken</translation>
    </message>
    <message>
        <source>Stretch to %1 x %2 cells</source>
        <translation>Auf %1 x %2 Zellen strecken</translation>
    </message>
    <message>
        <source>Swap %1 and %2</source>
        <translation>%1 und %2 tauschen</translation>
    </message>
    <message>
        <source>Swap %1 for %2</source>
        <translation>%1 gegen %2 wechseln</translation>
    </message>
    <message>
        <source>Swap %1 for none</source>
        <translation>%1 gegen keines wechseln</translation>
    </message>
    <message>
        <source>Swap unusable</source>
        <translation>Wechsel nutzlos</translation>
    </message>
    <message>
        <source>Switch</source>
        <translation>Switch</translation>
    </message>
    <message>
        <source>Take %1 away</source>
        <translation>%1 wegnehmen</translation>
    </message>
    <message>
        <source>Take %1 model in</source>
        <translation>%1 Modell übernehmen</translation>
    </message>
    <message>
        <source>Take %1 models in</source>
        <translation>%1 Modelle übernehmen</translation>
    </message>
    <message>
        <source>Take %1 out of the roster %2</source>
        <translation>%1 aus dem Aufgebot %2 nehmen</translation>
    </message>
    <message>
        <source>Take a bead away</source>
        <translation>Eine Perle wegnehmen</translation>
    </message>
    <message>
        <source>Take a colour off </source>
        <translation>Eine Farbe nehmen von </translation>
    </message>
    <message>
        <source>Take a picture out</source>
        <translation>Ein Bild herausnehmen</translation>
    </message>
    <message>
        <source>Take a way point away</source>
        <translation>Einen Wegpunkt wegnehmen</translation>
    </message>
    <message>
        <source>Take away matter %1</source>
        <translation>Stoff %1 wegnehmen</translation>
    </message>
    <message>
        <source>Take bead %1 away</source>
        <translation>Perle %1 wegnehmen</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Nimm ihn heraus</translation>
    </message>
    <message>
        <source>Take it out, or add it to the roster</source>
        <translation>Nimm ihn heraus, oder füg ihn zum Aufgebot hinzu</translation>
    </message>
    <message>
        <source>Take kinds from %1</source>
        <translation>Arten aus %1 nehmen</translation>
    </message>
    <message>
        <source>Take one away</source>
        <translation>Eines wegnehmen</translation>
    </message>
    <message>
        <source>Take one of them out of underlay and upperUnderlays</source>
        <translation>Nimm eines davon aus underlay und upperUnderlays heraus</translation>
    </message>
    <message>
        <source>Take some away, or let stacks hold more</source>
        <translation>Nimm welche weg, oder lass Stapel mehr fassen</translation>
    </message>
    <message>
        <source>Take some out</source>
        <translation>Nimm welche heraus</translation>
    </message>
    <message>
        <source>Take something out of the swatch, or make another one for this matter</source>
        <translation>Nimm etwas aus der Probe, oder mach für diesen Stoff noch eine</translation>
    </message>
    <message>
        <source>Take the mark %1 off %2</source>
        <translation>Die Marke %1 von %2 nehmen</translation>
    </message>
    <message>
        <source>Take the mark %1: %2</source>
        <translation>Die Marke %1 nehmen: %2</translation>
    </message>
    <message>
        <source>Take the pictures away</source>
        <translation>Die Bilder wegnehmen</translation>
    </message>
    <message>
        <source>Take the roster %1</source>
        <translation>Das Aufgebot %1 nehmen</translation>
    </message>
    <message>
        <source>Take the stack away, or make the slot plain</source>
        <translation>Nimm den Stapel weg, oder mach den Platz schlicht</translation>
    </message>
    <message>
        <source>Take the table %1</source>
        <translation>Die Tabelle %1 nehmen</translation>
    </message>
    <message>
        <source>Take them out</source>
        <translation>Nimm sie heraus</translation>
    </message>
    <message>
        <source>Take unknown themes away</source>
        <translation>Unbekannte Themen wegnehmen</translation>
    </message>
    <message>
        <source>Take way point %1 away</source>
        <translation>Wegpunkt %1 wegnehmen</translation>
    </message>
    <message>
        <source>Tee</source>
        <translation>Tee</translation>
    </message>
    <message>
        <source>The %1 %2 asks for all pickups, and there are none that it does not name</source>
        <translation>%1 %2 verlangt alle Funde, und es gibt keine, die es nicht nennt</translation>
    </message>
    <message>
        <source>The %1 %2 opens for nobody: nobody can have all that it asks for</source>
        <translation>%1 %2 öffnet niemandem: niemand kann alles haben, was es verlangt</translation>
    </message>
    <message>
        <source>The %1 %2 opens with %3, which is not there</source>
        <translation>%1 %2 öffnet mit %3, das es nicht gibt</translation>
    </message>
    <message>
        <source>The %1 %2 shuts after %3, which is not there</source>
        <translation>%1 %2 schließt nach %3, das es nicht gibt</translation>
    </message>
    <message>
        <source>The %1 is outside its range</source>
        <translation>%1 ist außerhalb seines Bereichs</translation>
    </message>
    <message>
        <source>The %1 of %2 is %3%4</source>
        <translation>%1 von %2 ist %3%4</translation>
    </message>
    <message>
        <source>The %1 of %2 is %3, which is none of its choices</source>
        <translation>%1 von %2 ist %3, was nicht zur Auswahl steht</translation>
    </message>
    <message>
        <source>The axis "%1" is neither x nor y</source>
        <translation>Die Achse "%1" ist weder x noch y</translation>
    </message>
    <message>
        <source>The block %1 is said to lie beyond the board</source>
        <translation>Der Block %1 soll außerhalb des Bretts liegen</translation>
    </message>
    <message>
        <source>The board</source>
        <translation>Das Brett</translation>
    </message>
    <message>
        <source>The board has no slot %1, %2</source>
        <translation>Das Brett hat keinen Platz %1, %2</translation>
    </message>
    <message>
        <source>The bodies of %1 and %2 are not of one size</source>
        <translation>Die Körper von %1 und %2 sind nicht gleich groß</translation>
    </message>
    <message>
        <source>The body has no room to start there</source>
        <translation>Der Körper hat dort keinen Platz zum Loslaufen</translation>
    </message>
    <message>
        <source>The bottom is deadly under a floor without a gap: harmless</source>
        <translation>Der untere Rand ist tödlich unter einem Boden ohne Lücke: harmlos</translation>
    </message>
    <message>
        <source>The camera of %1 keeps to %2 px, less than a screen of %3 x %4</source>
        <translation>Die Kamera von %1 hält sich an %2 px, weniger als ein Bildschirm von %3 x %4</translation>
    </message>
    <message>
        <source>The camera of %1 shows %2 x %3 px of %4</source>
        <translation>Die Kamera von %1 zeigt %2 x %3 px von %4</translation>
    </message>
    <message>
        <source>The camera of %1 shows what lies outside the level</source>
        <translation>Die Kamera von %1 zeigt, was außerhalb des Levels liegt</translation>
    </message>
    <message>
        <source>The cells and cast of %1 become %2.</source>
        <translation>Zellen und Besetzung von %1 werden %2.</translation>
    </message>
    <message>
        <source>The character "%1" is not in the legend</source>
        <translation>Das Zeichen "%1" steht nicht in der Legende</translation>
    </message>
    <message>
        <source>The choice %1 has nothing to choose from</source>
        <translation>%1 hat nichts zur Auswahl</translation>
    </message>
    <message>
        <source>The colour "%1" is no plain name, or there twice</source>
        <translation>Die Farbe "%1" ist kein einfacher Name oder zweimal da</translation>
    </message>
    <message>
        <source>The counters of this level are those of the roster %1</source>
        <translation>Die Steine dieses Levels sind die des Aufgebots %1</translation>
    </message>
    <message>
        <source>The demo cannot be copied: %1</source>
        <translation>Die Demo lässt sich nicht kopieren: %1</translation>
    </message>
    <message>
        <source>The demo is not beside the program</source>
        <translation>Die Demo liegt nicht beim Programm</translation>
    </message>
    <message>
        <source>The distance of a formation is 0 to 4,096 px</source>
        <translation>Der Abstand einer Formation ist 0 bis 4.096 px</translation>
    </message>
    <message>
        <source>The door %1 names nothing that opens it, so it stands open</source>
        <translation>Die Tür %1 nennt nichts, was sie öffnet; also steht sie offen</translation>
    </message>
    <message>
        <source>The door %1 names nothing that shuts it, so it is shut as soon as a body is off it</source>
        <translation>Die Tür %1 nennt nichts, was sie schließt; also ist sie zu, sobald ein Körper sie verlässt</translation>
    </message>
    <message>
        <source>The exit can be reached, but no run among what is on at times was found</source>
        <translation>Der Ausgang ist erreichbar, doch unter dem, was zu Zeiten an ist, wurde kein Lauf gefunden</translation>
    </message>
    <message>
        <source>The exit can be reached.</source>
        <translation>Der Ausgang ist erreichbar.</translation>
    </message>
    <message>
        <source>The exit cannot be reached.</source>
        <translation>Der Ausgang ist nicht erreichbar.</translation>
    </message>
    <message>
        <source>The export was cancelled</source>
        <translation>Die Ausgabe wurde abgebrochen</translation>
    </message>
    <message>
        <source>The field "%1" is not made of lower-case letters, digits, - and _</source>
        <translation>Das Feld "%1" besteht nicht aus kleinen Buchstaben, Ziffern, - und _</translation>
    </message>
    <message>
        <source>The field %1 is there twice</source>
        <translation>Das Feld %1 ist zweimal da</translation>
    </message>
    <message>
        <source>The file cannot be put in its place</source>
        <translation>Die Datei lässt sich nicht an ihren Platz legen</translation>
    </message>
    <message>
        <source>The file cannot be read</source>
        <translation>Die Datei ist nicht lesbar</translation>
    </message>
    <message>
        <source>The file cannot be written</source>
        <translation>Die Datei lässt sich nicht schreiben</translation>
    </message>
    <message>
        <source>The file has %1 levels, and one is to be replaced</source>
        <translation>Die Datei hat %1 Level, und eines soll ersetzt werden</translation>
    </message>
    <message>
        <source>The file has more than 4,000,000 lists and objects</source>
        <translation>Die Datei hat mehr als 4.000.000 Listen und Objekte</translation>
    </message>
    <message>
        <source>The file has version %1, and this program reads up to 1</source>
        <translation>Die Datei hat Fassung %1, und dieses Programm liest bis 1</translation>
    </message>
    <message>
        <source>The file holds a number that is too large</source>
        <translation>Die Datei enthält eine zu große Zahl</translation>
    </message>
    <message>
        <source>The file is larger than %1 MiB</source>
        <translation>Die Datei ist größer als %1 MiB</translation>
    </message>
    <message>
        <source>The file is nested deeper than 64 levels</source>
        <translation>Die Datei ist tiefer als 64 Ebenen geschachtelt</translation>
    </message>
    <message>
        <source>The file is not valid JSON</source>
        <translation>Die Datei ist kein gültiges JSON</translation>
    </message>
    <message>
        <source>The first shot of a thrower is made before the second: within its period</source>
        <translation>Der erste Schuss eines Werfers fällt vor dem zweiten: in seiner Periode</translation>
    </message>
    <message>
        <source>The folder cannot be made</source>
        <translation>Der Ordner lässt sich nicht anlegen</translation>
    </message>
    <message>
        <source>The folder cannot be read</source>
        <translation>Der Ordner lässt sich nicht lesen</translation>
    </message>
    <message>
        <source>The folder is not there any more</source>
        <translation>Der Ordner ist nicht mehr da</translation>
    </message>
    <message>
        <source>The folder of the target %1 has a backslash</source>
        <translation>Der Ordner der Ausgabe %1 hat einen umgekehrten Schrägstrich</translation>
    </message>
    <message>
        <source>The folder of the target %1 is an absolute one, which nobody else has</source>
        <translation>Der Ordner der Ausgabe %1 ist absolut, und den hat sonst niemand</translation>
    </message>
    <message>
        <source>The format is "%1", not "%2"</source>
        <translation>Das Format ist "%1", nicht "%2"</translation>
    </message>
    <message>
        <source>The fraction %1 is out of range</source>
        <translation>Der Bruch %1 ist außer Bereich</translation>
    </message>
    <message>
        <source>The game begins nowhere: %1</source>
        <translation>Das Spiel beginnt nirgends: %1</translation>
    </message>
    <message>
        <source>The game can be finished: %1 level, %2 s.</source>
        <translation>Das Spiel ist zu beenden: %1 Level, %2 s.</translation>
    </message>
    <message>
        <source>The game can be finished: %1 levels, %2 s.</source>
        <translation>Das Spiel ist zu beenden: %1 Level, %2 s.</translation>
    </message>
    <message>
        <source>The game cannot be finished: %1.</source>
        <translation>Das Spiel ist nicht zu beenden: %1.</translation>
    </message>
    <message>
        <source>The game cannot be finished: no way leads on from %1.</source>
        <translation>Das Spiel ist nicht zu beenden: von %1 führt kein Weg weiter.</translation>
    </message>
    <message>
        <source>The game has no file of that path</source>
        <translation>Das Spiel hat keine Datei mit diesem Pfad</translation>
    </message>
    <message>
        <source>The game has no language</source>
        <translation>Das Spiel hat keine Sprache</translation>
    </message>
    <message>
        <source>The game has no screen</source>
        <translation>Das Spiel hat keinen Bildschirm</translation>
    </message>
    <message>
        <source>The game has no tally "%1"</source>
        <translation>Das Spiel hat keinen Zähler "%1"</translation>
    </message>
    <message>
        <source>The gaps of %1 stay open for %2 ticks at most, and passing takes %3</source>
        <translation>Die Lücken von %1 sind höchstens %2 Takte offen, und Durchkommen braucht %3</translation>
    </message>
    <message>
        <source>The goal is met from the start.</source>
        <translation>Das Ziel ist von Anfang an erfüllt.</translation>
    </message>
    <message>
        <source>The goal is met from the start: there is nothing to be done</source>
        <translation>Das Ziel ist von Anfang an erfüllt: es ist nichts zu tun</translation>
    </message>
    <message>
        <source>The goal is not met in this placement</source>
        <translation>Das Ziel ist in dieser Aufstellung nicht erfüllt</translation>
    </message>
    <message>
        <source>The goal names %1, which is parked: it is never met</source>
        <translation>Das Ziel nennt %1, der abgestellt ist: es wird nie erfüllt</translation>
    </message>
    <message>
        <source>The goal names a counter "%1" that is not there</source>
        <translation>Das Ziel nennt einen Stein "%1", den es nicht gibt</translation>
    </message>
    <message>
        <source>The goal names a kind "%1" that is not there</source>
        <translation>Das Ziel nennt eine Art "%1", die es nicht gibt</translation>
    </message>
    <message>
        <source>The goal names a tally "%1" that the game does not have</source>
        <translation>Das Ziel nennt einen Zähler "%1", den das Spiel nicht hat</translation>
    </message>
    <message>
        <source>The goal names no counter</source>
        <translation>Das Ziel nennt keinen Stein</translation>
    </message>
    <message>
        <source>The goal names no mark</source>
        <translation>Das Ziel nennt keine Marke</translation>
    </message>
    <message>
        <source>The goal names no tally</source>
        <translation>Das Ziel nennt keinen Zähler</translation>
    </message>
    <message>
        <source>The goal names the mark "%1", which no slot has</source>
        <translation>Das Ziel nennt die Marke "%1", die kein Platz hat</translation>
    </message>
    <message>
        <source>The goal of %1 names no mark</source>
        <translation>Das Ziel von %1 nennt keine Marke</translation>
    </message>
    <message>
        <source>The height of a spring is outside its range</source>
        <translation>Die Höhe einer Feder ist außerhalb ihres Bereichs</translation>
    </message>
    <message>
        <source>The id "%1" is not made of lower-case letters, digits, - and _</source>
        <translation>Die Id "%1" besteht nicht aus kleinen Buchstaben, Ziffern, - und _</translation>
    </message>
    <message>
        <source>The id of a board is wanted here</source>
        <translation>Hier gehört die Id eines Bretts hin</translation>
    </message>
    <message>
        <source>The id of a text has lower-case letters, digits, '-' and '_'</source>
        <translation>Die Id eines Textes hat kleine Buchstaben, Ziffern, '-' und '_'</translation>
    </message>
    <message>
        <source>The image holds %1, and the sheet %2</source>
        <translation>Das Bild enthält %1, und der Bogen %2</translation>
    </message>
    <message>
        <source>The image holds more than 65,536 tiles of %1 px</source>
        <translation>Das Bild enthält mehr als 65.536 Kacheln von %1 px</translation>
    </message>
    <message>
        <source>The image is %1 x %2 px; 16,384 a side and 8192 x 8192 in all are the most</source>
        <translation>Das Bild hat %1 x %2 px; höchstens sind es 16.384 je Seite und 8192 x 8192 im Ganzen</translation>
    </message>
    <message>
        <source>The image is damaged</source>
        <translation>Das Bild ist beschädigt</translation>
    </message>
    <message>
        <source>The journal of a save that was broken off is not ours</source>
        <translation>Das Tagebuch einer abgebrochenen Sicherung ist nicht unseres</translation>
    </message>
    <message>
        <source>The key "%1" is missing</source>
        <translation>Der Eintrag "%1" fehlt</translation>
    </message>
    <message>
        <source>The key %1 is missing</source>
        <translation>Der Eintrag %1 fehlt</translation>
    </message>
    <message>
        <source>The key %1 stands twice in one object</source>
        <translation>Der Eintrag %1 steht zweimal in einem Objekt</translation>
    </message>
    <message>
        <source>The kind %1 changes, and %2 of the cast with it.</source>
        <translation>Die Art %1 ändert sich, und %2 der Besetzung mit ihr.</translation>
    </message>
    <message>
        <source>The kit %1</source>
        <translation>Der Bausatz %1</translation>
    </message>
    <message>
        <source>The kit calls itself "%1"</source>
        <translation>Der Bausatz nennt sich "%1"</translation>
    </message>
    <message>
        <source>The kit does not have both of these pieces</source>
        <translation>Der Bausatz hat nicht beide Bauteile</translation>
    </message>
    <message>
        <source>The kit does not have this piece</source>
        <translation>Der Bausatz hat dieses Bauteil nicht</translation>
    </message>
    <message>
        <source>The kit has no floor of one module</source>
        <translation>Der Bausatz hat keinen Boden von einem Modul</translation>
    </message>
    <message>
        <source>The kit has no floor of one module with walls to %1</source>
        <translation>Der Bausatz hat keinen Boden von einem Modul mit Wänden nach %1</translation>
    </message>
    <message>
        <source>The kit has no piece %1</source>
        <translation>Der Bausatz hat kein Bauteil %1</translation>
    </message>
    <message>
        <source>The kit has no piece for a ceiling</source>
        <translation>Der Bausatz hat kein Bauteil für eine Decke</translation>
    </message>
    <message>
        <source>The kit has no piece for paths</source>
        <translation>Der Bausatz hat kein Bauteil für Pfade</translation>
    </message>
    <message>
        <source>The kit has no piece of one module that opens to %1</source>
        <translation>Der Bausatz hat kein Bauteil von einem Modul, das nach %1 offen ist</translation>
    </message>
    <message>
        <source>The kit has no wall without a floor for the storeys above</source>
        <translation>Der Bausatz hat keine Wand ohne Boden für die Geschosse darüber</translation>
    </message>
    <message>
        <source>The last motion profile stays</source>
        <translation>Das letzte Bewegungsprofil bleibt</translation>
    </message>
    <message>
        <source>The leaf %1 is hidden</source>
        <translation>Das Blatt %1 ist verborgen</translation>
    </message>
    <message>
        <source>The leaf %1 is locked</source>
        <translation>Das Blatt %1 ist gesperrt</translation>
    </message>
    <message>
        <source>The legend has no list of signs</source>
        <translation>Die Legende hat keine Liste von Zeichen</translation>
    </message>
    <message>
        <source>The level "%1" is in no part</source>
        <translation>Das Level "%1" ist in keinem Teil</translation>
    </message>
    <message>
        <source>The level %1</source>
        <translation>Das Level %1</translation>
    </message>
    <message>
        <source>The level %1 moves by it</source>
        <translation>Das Level %1 bewegt sich danach</translation>
    </message>
    <message>
        <source>The level becomes %1 px, and was %2</source>
        <translation>Das Level wird %1 px groß und war %2</translation>
    </message>
    <message>
        <source>The level calls itself "%1"</source>
        <translation>Das Level nennt sich "%1"</translation>
    </message>
    <message>
        <source>The level can be left at the %1 edge without an exit</source>
        <translation>Das Level lässt sich ohne Ausgang am Rand %1 verlassen</translation>
    </message>
    <message>
        <source>The level can be left at the top edge without an exit</source>
        <translation>Das Level lässt sich ohne Ausgang am oberen Rand verlassen</translation>
    </message>
    <message>
        <source>The level cannot be solved, so there is no solved placement to mix from</source>
        <translation>Das Level ist nicht lösbar, also gibt es keine gelöste Aufstellung zum Mischen</translation>
    </message>
    <message>
        <source>The level cannot be won: %1</source>
        <translation>Das Level ist nicht zu gewinnen: %1</translation>
    </message>
    <message>
        <source>The level has more cells than a picture takes px</source>
        <translation>Das Level hat mehr Zellen, als ein Bild px fasst</translation>
    </message>
    <message>
        <source>The level has no kit</source>
        <translation>Das Level hat keinen Bausatz</translation>
    </message>
    <message>
        <source>The level has no rule to play by</source>
        <translation>Das Level hat keine Regel zum Spielen</translation>
    </message>
    <message>
        <source>The level has no start</source>
        <translation>Das Level hat keinen Start</translation>
    </message>
    <message>
        <source>The level is too large for one picture</source>
        <translation>Das Level ist zu groß für ein einziges Bild</translation>
    </message>
    <message>
        <source>The level would be %1 million numbers in the bundle, and %2 million are what a game's loader takes: cut it in two</source>
        <translation>Das Level hätte %1 Millionen Zahlen im Bündel, und %2 Millionen nimmt der Lader eines Spiels: teile es in zwei</translation>
    </message>
    <message>
        <source>The list has %1 items</source>
        <translation>Die Liste hat %1 Einträge</translation>
    </message>
    <message>
        <source>The mark %1 is there twice</source>
        <translation>Der Strich %1 ist zweimal da</translation>
    </message>
    <message>
        <source>The matter %1, which is not there, was taken for %2 (%3)</source>
        <translation>Für den Stoff %1, den es nicht gibt, wurde %2 genommen (%3)</translation>
    </message>
    <message>
        <source>The matter %1, which was not there, was added as a solid one (%2)</source>
        <translation>Der Stoff %1, den es nicht gab, wurde als fester hinzugefügt (%2)</translation>
    </message>
    <message>
        <source>The model cannot be read</source>
        <translation>Das Modell ist nicht lesbar</translation>
    </message>
    <message>
        <source>The model has more than 100,000 nodes</source>
        <translation>Das Modell hat mehr als 100.000 Knoten</translation>
    </message>
    <message>
        <source>The model has more than 2,000,000 triangles</source>
        <translation>Das Modell hat mehr als 2.000.000 Dreiecke</translation>
    </message>
    <message>
        <source>The model has more than 6,000,000 corners</source>
        <translation>Das Modell hat mehr als 6.000.000 Ecken</translation>
    </message>
    <message>
        <source>The model has no faces</source>
        <translation>Das Modell hat keine Flächen</translation>
    </message>
    <message>
        <source>The model has sparse data</source>
        <translation>Das Modell hat dünn besetzte Daten</translation>
    </message>
    <message>
        <source>The model is larger than 64 MiB</source>
        <translation>Das Modell ist größer als 64 MiB</translation>
    </message>
    <message>
        <source>The model is larger than 64 modules</source>
        <translation>Das Modell ist größer als 64 Module</translation>
    </message>
    <message>
        <source>The model needs %1</source>
        <translation>Das Modell braucht %1</translation>
    </message>
    <message>
        <source>The model's JSON is nested too deep, or too long</source>
        <translation>Das JSON des Modells ist zu tief geschachtelt oder zu lang</translation>
    </message>
    <message>
        <source>The name "%1" of the game stands there twice, or is not plain</source>
        <translation>Der Name "%1" des Spiels steht zweimal da oder ist nicht einfach</translation>
    </message>
    <message>
        <source>The note %1</source>
        <translation>Die Notiz %1</translation>
    </message>
    <message>
        <source>The number %1 has too many places</source>
        <translation>Die Zahl %1 hat zu viele Stellen</translation>
    </message>
    <message>
        <source>The number %1 is out of range</source>
        <translation>Die Zahl %1 ist außer Bereich</translation>
    </message>
    <message>
        <source>The order of play leaves this level out: it is neither opened nor exported</source>
        <translation>Die Spielfolge lässt dieses Level aus: es wird weder geöffnet noch ausgegeben</translation>
    </message>
    <message>
        <source>The pace of a track is 0 to 64 px a tick</source>
        <translation>Das Tempo einer Bahn ist 0 bis 64 px je Takt</translation>
    </message>
    <message>
        <source>The path %1</source>
        <translation>Der Pfad %1</translation>
    </message>
    <message>
        <source>The patrol of %1 does not come round within ten minutes</source>
        <translation>Die Patrouille von %1 kommt in zehn Minuten nicht herum</translation>
    </message>
    <message>
        <source>The period of a formation is 0 to 36,000 ticks</source>
        <translation>Die Periode einer Formation ist 0 bis 36.000 Takte</translation>
    </message>
    <message>
        <source>The period of a timetable is 1 to 36000 ticks</source>
        <translation>Die Periode eines Zeitplans ist 1 bis 36000 Takte</translation>
    </message>
    <message>
        <source>The period of a track is 1 to 36000 ticks</source>
        <translation>Die Periode einer Bahn ist 1 bis 36000 Takte</translation>
    </message>
    <message>
        <source>The period of a track is longer than its waits together</source>
        <translation>Die Periode einer Bahn ist länger als alles Warten zusammen</translation>
    </message>
    <message>
        <source>The picture %1, %2 x %3 in a level of %4 x %5, %6</source>
        <translation>Das Bild %1, %2 x %3 in einem Level von %4 x %5, %6</translation>
    </message>
    <message>
        <source>The picture cannot be read</source>
        <translation>Das Bild ist nicht lesbar</translation>
    </message>
    <message>
        <source>The picture does not tell its size</source>
        <translation>Das Bild nennt seine Größe nicht</translation>
    </message>
    <message>
        <source>The picture has more than 4,096 colours, so it is no map</source>
        <translation>Das Bild hat mehr als 4.096 Farben, also ist es kein Zellenbild</translation>
    </message>
    <message>
        <source>The picture is %1 x %2 px</source>
        <translation>Das Bild hat %1 x %2 px</translation>
    </message>
    <message>
        <source>The picture is broken</source>
        <translation>Das Bild ist kaputt</translation>
    </message>
    <message>
        <source>The picture is larger than 64 MiB</source>
        <translation>Das Bild ist größer als 64 MiB</translation>
    </message>
    <message>
        <source>The picture of its own that %1 has is not taken.</source>
        <translation>Das eigene Bild von %1 wird nicht übernommen.</translation>
    </message>
    <message>
        <source>The piece %1</source>
        <translation>Das Bauteil %1</translation>
    </message>
    <message>
        <source>The piece %1 has a port of a profile %2 that the kit does not have</source>
        <translation>Das Bauteil %1 hat einen Anschluss mit Profil %2, das der Bausatz nicht hat</translation>
    </message>
    <message>
        <source>The pivot is %1 units off in %2</source>
        <translation>Der Drehpunkt liegt in %2 um %1 Einheiten daneben</translation>
    </message>
    <message>
        <source>The place to export to holds something that is no export</source>
        <translation>Der Ort der Ausgabe enthält etwas, das keine Ausgabe ist</translation>
    </message>
    <message>
        <source>The plan would be larger than 5 m</source>
        <translation>Der Plan wäre größer als 5 m</translation>
    </message>
    <message>
        <source>The program that runs recipes broke off</source>
        <translation>Das Programm, das Rezepte ausführt, brach ab</translation>
    </message>
    <message>
        <source>The program that runs recipes is not there</source>
        <translation>Das Programm, das Rezepte ausführt, ist nicht da</translation>
    </message>
    <message>
        <source>The project</source>
        <translation>Das Projekt</translation>
    </message>
    <message>
        <source>The project cannot be locked: %1</source>
        <translation>Das Projekt lässt sich nicht sperren: %1</translation>
    </message>
    <message>
        <source>The project has no kind %1: its entities are left out.</source>
        <translation>Das Projekt hat keine Art %1: ihre Figuren bleiben weg.</translation>
    </message>
    <message>
        <source>The project has no kind with the role %1</source>
        <translation>Das Projekt hat keine Art mit der Rolle %1</translation>
    </message>
    <message>
        <source>The project has no kit %1</source>
        <translation>Das Projekt hat keinen Bausatz %1</translation>
    </message>
    <message>
        <source>The project has no kit for a piece</source>
        <translation>Das Projekt hat keinen Bausatz für ein Bauteil</translation>
    </message>
    <message>
        <source>The project has no level</source>
        <translation>Das Projekt hat kein Level</translation>
    </message>
    <message>
        <source>The project has no matter %1%2: its cells are open.</source>
        <translation>Das Projekt hat keinen Stoff %1%2: seine Zellen sind offen.</translation>
    </message>
    <message>
        <source>The project has no motion profile</source>
        <translation>Das Projekt hat kein Bewegungsprofil</translation>
    </message>
    <message>
        <source>The project has no solid matter</source>
        <translation>Das Projekt hat keinen festen Stoff</translation>
    </message>
    <message>
        <source>The project lies nowhere yet</source>
        <translation>Das Projekt liegt noch nirgends</translation>
    </message>
    <message>
        <source>The proof run leaves %1 at way point %2: none comes nearer than %3</source>
        <translation>Der Beweislauf verlässt %1 bei Wegpunkt %2: näher als %3 kommt keiner</translation>
    </message>
    <message>
        <source>The proof run meets %1 after %2 ticks%3</source>
        <translation>Der Beweislauf trifft nach %2 Takten auf %1%3</translation>
    </message>
    <message>
        <source>The range of %1 is empty</source>
        <translation>Der Bereich von %1 ist leer</translation>
    </message>
    <message>
        <source>The recipe has neither a function level nor a function game</source>
        <translation>Das Rezept hat weder eine Funktion level noch eine Funktion game</translation>
    </message>
    <message>
        <source>The recipe of the target %1 lies outside of the project</source>
        <translation>Das Rezept der Ausgabe %1 liegt außerhalb des Projekts</translation>
    </message>
    <message>
        <source>The recipe takes longer than 20 s</source>
        <translation>Das Rezept braucht länger als 20 s</translation>
    </message>
    <message>
        <source>The recipe was ended</source>
        <translation>Das Rezept wurde beendet</translation>
    </message>
    <message>
        <source>The recipe writes more than 20,000 files</source>
        <translation>Das Rezept schreibt mehr als 20.000 Dateien</translation>
    </message>
    <message>
        <source>The recipe writes more than 512 MiB</source>
        <translation>Das Rezept schreibt mehr als 512 MiB</translation>
    </message>
    <message>
        <source>The recipe's path %1</source>
        <translation>Der Pfad %1 des Rezepts</translation>
    </message>
    <message>
        <source>The room would leave the board</source>
        <translation>Der Raum würde das Brett verlassen</translation>
    </message>
    <message>
        <source>The roster %1 has no counter "%2"</source>
        <translation>Das Aufgebot %1 hat keinen Stein "%2"</translation>
    </message>
    <message>
        <source>The roster %1 has no counter %2</source>
        <translation>Das Aufgebot %1 hat keinen Stein %2</translation>
    </message>
    <message>
        <source>The roster %1 has no level "%2"</source>
        <translation>Das Aufgebot %1 hat kein Level "%2"</translation>
    </message>
    <message>
        <source>The route %1 has no end yet</source>
        <translation>Die Route %1 hat noch kein Ende</translation>
    </message>
    <message>
        <source>The rule %1 cannot be played on it</source>
        <translation>Die Regel %1 lässt sich darauf nicht spielen</translation>
    </message>
    <message>
        <source>The rule %1 strews onto a layer %2, which the board does not have</source>
        <translation>Die Regel %1 streut auf eine Ebene %2, die das Brett nicht hat</translation>
    </message>
    <message>
        <source>The run "%1" is no longer possible: %2</source>
        <translation>Der Lauf "%1" ist nicht mehr möglich: %2</translation>
    </message>
    <message>
        <source>The run takes more than an hour</source>
        <translation>Der Lauf dauert über eine Stunde</translation>
    </message>
    <message>
        <source>The scatter rule %1 is not followed: %2</source>
        <translation>Die Streuregel %1 wird nicht befolgt: %2</translation>
    </message>
    <message>
        <source>The scene names a node that is not there</source>
        <translation>Die Szene nennt einen Knoten, den es nicht gibt</translation>
    </message>
    <message>
        <source>The second %1 is called %2 now</source>
        <translation>%1, zum zweiten Mal da, heißt jetzt %2</translation>
    </message>
    <message>
        <source>The sheet %1 is %2 px wide, too small for %3 tiles in a row</source>
        <translation>Der Bogen %1 ist %2 px breit, zu schmal für %3 Kacheln in einer Reihe</translation>
    </message>
    <message>
        <source>The sheet is not a PNG image</source>
        <translation>Der Bogen ist kein PNG-Bild</translation>
    </message>
    <message>
        <source>The sheet of the tile is not said</source>
        <translation>Der Bogen der Kachel ist nicht genannt</translation>
    </message>
    <message>
        <source>The sheet of these tiles is not said</source>
        <translation>Der Bogen dieser Kacheln ist nicht genannt</translation>
    </message>
    <message>
        <source>The shots of %1 end where they are made</source>
        <translation>Die Schüsse von %1 enden, wo sie entstehen</translation>
    </message>
    <message>
        <source>The shots of %1 follow so closely that in no tick a body fits between them</source>
        <translation>Die Schüsse von %1 folgen so dicht, dass in keinem Takt ein Körper dazwischen passt</translation>
    </message>
    <message>
        <source>The sign %1 stands twice in the legend</source>
        <translation>Das Zeichen %1 steht zweimal in der Legende</translation>
    </message>
    <message>
        <source>The standard of %1 is not of its type</source>
        <translation>Die Vorgabe von %1 ist nicht von seinem Typ</translation>
    </message>
    <message>
        <source>The start is blocked: the body has no room there.</source>
        <translation>Der Start ist blockiert: der Körper hat dort keinen Platz.</translation>
    </message>
    <message>
        <source>The table does not begin with axis</source>
        <translation>Die Tabelle beginnt nicht mit axis</translation>
    </message>
    <message>
        <source>The table does not begin with counter,axis</source>
        <translation>Die Tabelle beginnt nicht mit counter,axis</translation>
    </message>
    <message>
        <source>The table is empty</source>
        <translation>Die Tabelle ist leer</translation>
    </message>
    <message>
        <source>The tally "%1" feeds itself, or through others</source>
        <translation>Der Zähler "%1" speist sich selbst, oder über andere</translation>
    </message>
    <message>
        <source>The tally "%1" has a least of %2 above its most of %3</source>
        <translation>Der Zähler "%1" hat wenigstens %2, mehr als seine höchstens %3</translation>
    </message>
    <message>
        <source>The tally "%1" starts at %2, which is not from %3 to %4</source>
        <translation>Der Zähler "%1" beginnt bei %2, was nicht von %3 bis %4 ist</translation>
    </message>
    <message>
        <source>The target %1 has no folder</source>
        <translation>Die Ausgabe %1 hat keinen Ordner</translation>
    </message>
    <message>
        <source>The target %1 names no recipe</source>
        <translation>Die Ausgabe %1 nennt kein Rezept</translation>
    </message>
    <message>
        <source>The target %1 would be written over the project</source>
        <translation>Die Ausgabe %1 würde das Projekt überschreiben</translation>
    </message>
    <message>
        <source>The text "%1" of a level is said at "%2", which is for those of the game</source>
        <translation>Der Text "%1" eines Levels wird bei "%2" gesagt, was für die des Spiels ist</translation>
    </message>
    <message>
        <source>The text "%1" of the game is said at "%2", which is for texts of levels</source>
        <translation>Der Text "%1" des Spiels wird bei "%2" gesagt, was für Texte von Leveln ist</translation>
    </message>
    <message>
        <source>The text %1 of %2 says nothing</source>
        <translation>Der Text %1 von %2 sagt nichts</translation>
    </message>
    <message>
        <source>The text %1 of %2 takes %3 lines, more than half of a screen of %4 x %5</source>
        <translation>Der Text %1 von %2 hat %3 Zeilen, mehr als ein halber Bildschirm von %4 x %5</translation>
    </message>
    <message>
        <source>The text has more than 10,000 levels</source>
        <translation>Der Text hat mehr als 10.000 Level</translation>
    </message>
    <message>
        <source>The text has no rows of characters</source>
        <translation>Der Text hat keine Zeilen von Zeichen</translation>
    </message>
    <message>
        <source>The text is larger than 64 MiB</source>
        <translation>Der Text ist größer als 64 MiB</translation>
    </message>
    <message>
        <source>The text is no UTF-8</source>
        <translation>Der Text ist kein UTF-8</translation>
    </message>
    <message>
        <source>The text is too long or has several lines</source>
        <translation>Der Text ist zu lang oder hat mehrere Zeilen</translation>
    </message>
    <message>
        <source>The text on the clipboard has characters that stand for no matter: %1</source>
        <translation>Der Text der Zwischenablage hat Zeichen, die für keinen Stoff stehen: %1</translation>
    </message>
    <message>
        <source>The text on the clipboard has no characters</source>
        <translation>Der Text der Zwischenablage hat keine Zeichen</translation>
    </message>
    <message>
        <source>The text on the clipboard is too large for a board</source>
        <translation>Der Text der Zwischenablage ist zu groß für ein Brett</translation>
    </message>
    <message>
        <source>The token is another one: read link.json again</source>
        <translation>Das Token ist ein anderes: lies link.json neu</translation>
    </message>
    <message>
        <source>The underlay %1 cannot be read: put the file back or place another picture</source>
        <translation>Die Vorlage %1 ist nicht lesbar: leg die Datei zurück oder nimm ein anderes Bild</translation>
    </message>
    <message>
        <source>The underlay cannot be scaled by "%1"</source>
        <translation>Die Vorlage lässt sich nicht mit "%1" skalieren</translation>
    </message>
    <message>
        <source>The upper end of %1 meets nothing at %2 units</source>
        <translation>Das obere Ende von %1 trifft bei %2 Einheiten auf nichts</translation>
    </message>
    <message>
        <source>The value %1 is not of the field's type</source>
        <translation>Der Wert %1 ist nicht vom Typ des Felds</translation>
    </message>
    <message>
        <source>The way leaves %1 at way point %2: none comes nearer than %3 module</source>
        <translation>Der Weg verlässt %1 bei Wegpunkt %2: keiner kommt näher als %3 Modul</translation>
    </message>
    <message>
        <source>The way leaves %1 at way point %2: none comes nearer than %3 modules</source>
        <translation>Der Weg verlässt %1 bei Wegpunkt %2: keiner kommt näher als %3 Module</translation>
    </message>
    <message>
        <source>The zone %1</source>
        <translation>Die Zone %1</translation>
    </message>
    <message>
        <source>There are %1 more findings about collision</source>
        <translation>Es gibt %1 weitere Befunde zur Kollision</translation>
    </message>
    <message>
        <source>There are %1 of %2 parts</source>
        <translation>Es sind %1 von %2 Teilen</translation>
    </message>
    <message>
        <source>There are %1 of %2, and %3 should be</source>
        <translation>Es sind %1 von %2, und %3 sollten es sein</translation>
    </message>
    <message>
        <source>There are %1 rows and should be %2</source>
        <translation>Es sind %1 Zeilen und sollten %2 sein</translation>
    </message>
    <message>
        <source>There are at most %1 colours</source>
        <translation>Es sind höchstens %1 Farben</translation>
    </message>
    <message>
        <source>There are more than 1,000 models</source>
        <translation>Es sind mehr als 1.000 Modelle</translation>
    </message>
    <message>
        <source>There are more than 65,535 different characters</source>
        <translation>Es sind mehr als 65.535 verschiedene Zeichen</translation>
    </message>
    <message>
        <source>There are no pictures %1 to stand behind it</source>
        <translation>Es gibt keine Bilder %1, die dahinter stehen könnten</translation>
    </message>
    <message>
        <source>There is a file already that the project would need</source>
        <translation>Dort ist schon eine Datei, die das Projekt brauchte</translation>
    </message>
    <message>
        <source>There is a file that this target did not write</source>
        <translation>Da ist eine Datei, die diese Ausgabe nicht schrieb</translation>
    </message>
    <message>
        <source>There is a kind %1 already</source>
        <translation>Eine Art %1 gibt es schon</translation>
    </message>
    <message>
        <source>There is a level or swatch of that id already</source>
        <translation>Ein Level oder eine Probe mit dieser Id gibt es schon</translation>
    </message>
    <message>
        <source>There is a matter "%1" already</source>
        <translation>Einen Stoff "%1" gibt es schon</translation>
    </message>
    <message>
        <source>There is a motion profile %1</source>
        <translation>Es gibt schon ein Bewegungsprofil %1</translation>
    </message>
    <message>
        <source>There is a project already</source>
        <translation>Dort ist schon ein Projekt</translation>
    </message>
    <message>
        <source>There is a text of that id already</source>
        <translation>Einen Text mit dieser Id gibt es schon</translation>
    </message>
    <message>
        <source>There is another target "%1" already</source>
        <translation>Eine andere Ausgabe heißt schon "%1"</translation>
    </message>
    <message>
        <source>There is no %1 "%2"</source>
        <translation>Es gibt kein %1 "%2"</translation>
    </message>
    <message>
        <source>There is no %1 in the selection</source>
        <translation>In der Auswahl ist kein %1</translation>
    </message>
    <message>
        <source>There is no block %1</source>
        <translation>Es gibt keinen Block %1</translation>
    </message>
    <message>
        <source>There is no column %1</source>
        <translation>Es fehlt die Spalte %1</translation>
    </message>
    <message>
        <source>There is no counter %1</source>
        <translation>Es gibt keinen Stein %1</translation>
    </message>
    <message>
        <source>There is no entity %1</source>
        <translation>Es gibt keine Figur %1</translation>
    </message>
    <message>
        <source>There is no exit yet. Place one in Cast.</source>
        <translation>Es gibt noch keinen Ausgang. Setz einen in Besetzen.</translation>
    </message>
    <message>
        <source>There is no fix for this</source>
        <translation>Dafür gibt es keine Abhilfe</translation>
    </message>
    <message>
        <source>There is no form "%1"</source>
        <translation>Es gibt keine Form "%1"</translation>
    </message>
    <message>
        <source>There is no kind "%1"</source>
        <translation>Es gibt keine Art "%1"</translation>
    </message>
    <message>
        <source>There is no kind %1</source>
        <translation>Es gibt keine Art %1</translation>
    </message>
    <message>
        <source>There is no layer "%1"</source>
        <translation>Es gibt keine Ebene "%1"</translation>
    </message>
    <message>
        <source>There is no level</source>
        <translation>Es gibt kein Level</translation>
    </message>
    <message>
        <source>There is no level %1</source>
        <translation>Es gibt kein Level %1</translation>
    </message>
    <message>
        <source>There is no level %1 to be had</source>
        <translation>Es ist kein Level %1 zu haben</translation>
    </message>
    <message>
        <source>There is no level %1.</source>
        <translation>Es gibt kein Level %1.</translation>
    </message>
    <message>
        <source>There is no matter "</source>
        <translation>Es gibt keinen Stoff "</translation>
    </message>
    <message>
        <source>There is no matter "%1"</source>
        <translation>Es gibt keinen Stoff "%1"</translation>
    </message>
    <message>
        <source>There is no matter "%1" to join</source>
        <translation>Es gibt keinen Stoff "%1" zum Verbinden</translation>
    </message>
    <message>
        <source>There is no memory for a table</source>
        <translation>Für eine Tabelle fehlt der Speicher</translation>
    </message>
    <message>
        <source>There is no method %1</source>
        <translation>Es gibt keine Methode %1</translation>
    </message>
    <message>
        <source>There is no motion profile</source>
        <translation>Es gibt kein Bewegungsprofil</translation>
    </message>
    <message>
        <source>There is no motion profile %1</source>
        <translation>Es gibt kein Bewegungsprofil %1</translation>
    </message>
    <message>
        <source>There is no place for %1 in these cells</source>
        <translation>In diesen Zellen ist kein Platz für %1</translation>
    </message>
    <message>
        <source>There is no place for that rule</source>
        <translation>Für diese Regel gibt es keinen Ort</translation>
    </message>
    <message>
        <source>There is no puzzle level "%1"</source>
        <translation>Es gibt kein Rätsellevel "%1"</translation>
    </message>
    <message>
        <source>There is no role "%1"</source>
        <translation>Es gibt keine Rolle "%1"</translation>
    </message>
    <message>
        <source>There is no room for another case</source>
        <translation>Für einen weiteren Fall ist kein Platz</translation>
    </message>
    <message>
        <source>There is no room to be joined</source>
        <translation>Es gibt keinen Raum, der sich verbinden ließe</translation>
    </message>
    <message>
        <source>There is no roster "%1"</source>
        <translation>Es gibt kein Aufgebot "%1"</translation>
    </message>
    <message>
        <source>There is no rule yet: counters are placed, and nothing is to be solved.</source>
        <translation>Es gibt noch keine Regel: Steine werden gesetzt, und nichts ist zu lösen.</translation>
    </message>
    <message>
        <source>There is no sheet "%1"</source>
        <translation>Es gibt keinen Bogen "%1"</translation>
    </message>
    <message>
        <source>There is no solid %1</source>
        <translation>Es gibt keinen Körper %1</translation>
    </message>
    <message>
        <source>There is no start to walk from</source>
        <translation>Es gibt keinen Start zum Loslaufen</translation>
    </message>
    <message>
        <source>There is no start yet. Place a spawn in Cast.</source>
        <translation>Es gibt noch keinen Start. Setz einen in Besetzen.</translation>
    </message>
    <message>
        <source>There is no such kit</source>
        <translation>Diesen Baukasten gibt es nicht</translation>
    </message>
    <message>
        <source>There is no such leaf</source>
        <translation>Ein solches Blatt gibt es nicht</translation>
    </message>
    <message>
        <source>There is no such ledge to lay any more</source>
        <translation>Einen solchen Sims gibt es nicht mehr zu legen</translation>
    </message>
    <message>
        <source>There is no target "%1"</source>
        <translation>Es gibt keine Ausgabe "%1"</translation>
    </message>
    <message>
        <source>There is no tile to be strewn</source>
        <translation>Da ist keine Kachel zu streuen</translation>
    </message>
    <message>
        <source>There is no wall that a door frame can stand for</source>
        <translation>Hier ist keine Wand, für die ein Türrahmen stehen kann</translation>
    </message>
    <message>
        <source>There is no zone %1</source>
        <translation>Es gibt keine Zone %1</translation>
    </message>
    <message>
        <source>There is nothing in the selection to keep</source>
        <translation>In der Auswahl ist nichts zu behalten</translation>
    </message>
    <message>
        <source>There is nothing to stand on here</source>
        <translation>Hier ist nichts zum Stehen</translation>
    </message>
    <message>
        <source>These are not the parts of one run</source>
        <translation>Das sind nicht die Teile eines Laufs</translation>
    </message>
    <message>
        <source>These tiles lie outside the level</source>
        <translation>Diese Kacheln liegen außerhalb des Levels</translation>
    </message>
    <message>
        <source>Thing not placed</source>
        <translation>Ding nicht gesetzt</translation>
    </message>
    <message>
        <source>Thing to make</source>
        <translation>Ding zu machen</translation>
    </message>
    <message>
        <source>This folder holds no project: rookplot.json is not there</source>
        <translation>Dieser Ordner enthält kein Projekt: rookplot.json fehlt</translation>
    </message>
    <message>
        <source>This is a puzzle level: nobody walks there</source>
        <translation>Das ist ein Rätsellevel: dort geht niemand</translation>
    </message>
    <message>
        <source>This is no folder to export to</source>
        <translation>In diesen Ordner lässt sich nicht ausgeben</translation>
    </message>
    <message>
        <source>This is no legend of version 1</source>
        <translation>Das ist keine Legende der Fassung 1</translation>
    </message>
    <message>
        <source>This is no level of a bundle</source>
        <translation>Das ist kein Level eines Bündels</translation>
    </message>
    <message>
        <source>This is no list of places for exports</source>
        <translation>Das ist keine Liste von Orten für Ausgaben</translation>
    </message>
    <message>
        <source>This is no list of plays</source>
        <translation>Das ist keine Liste von Partien</translation>
    </message>
    <message>
        <source>This is no model</source>
        <translation>Das ist kein Modell</translation>
    </message>
    <message>
        <source>This is no part of a report: %1</source>
        <translation>Das ist kein Teil eines Berichts: %1</translation>
    </message>
    <message>
        <source>This is no picture</source>
        <translation>Das ist kein Bild</translation>
    </message>
    <message>
        <source>This is no puzzle level</source>
        <translation>Das ist kein Rätsellevel</translation>
    </message>
    <message>
        <source>This is no text</source>
        <translation>Das ist kein Text</translation>
    </message>
    <message>
        <source>This is not a file</source>
        <translation>Das ist keine Datei</translation>
    </message>
    <message>
        <source>This layer is locked</source>
        <translation>Diese Ebene ist gesperrt</translation>
    </message>
    <message>
        <source>This level is no board of cells</source>
        <translation>Dieses Level ist kein Brett aus Zellen</translation>
    </message>
    <message>
        <source>This link leads nowhere</source>
        <translation>Dieser Verweis führt nirgendwohin</translation>
    </message>
    <message>
        <source>This matter cannot be laid in that form</source>
        <translation>Dieser Stoff lässt sich in jener Form nicht legen</translation>
    </message>
    <message>
        <source>This slope ends in a step of %1 px, and a body walks up %2</source>
        <translation>Diese Schräge endet in einer Stufe von %1 px, und ein Körper steigt %2 hinauf</translation>
    </message>
    <message>
        <source>This version of bundles is not known</source>
        <translation>Diese Fassung von Bündeln ist nicht bekannt</translation>
    </message>
    <message>
        <source>This window only looks at the project</source>
        <translation>Dieses Fenster schaut das Projekt nur an</translation>
    </message>
    <message>
        <source>This would be %1 MB, and more than 64 MiB are not read again: nothing was saved</source>
        <translation>Das wären %1 MB, und über 64 MiB werden nicht wieder gelesen: nichts wurde gesichert</translation>
    </message>
    <message>
        <source>This zone lies outside the level</source>
        <translation>Diese Zone liegt außerhalb des Levels</translation>
    </message>
    <message>
        <source>Three entities at least are spread evenly</source>
        <translation>Gleichmäßig zu verteilen sind mindestens drei Figuren</translation>
    </message>
    <message>
        <source>Tiles that were cut to slopes and halves, and those of sheets that the project does not have, are not taken: swatches dress them.</source>
        <translation>Kacheln, die auf Schrägen und Hälften zugeschnitten wurden, und die von Bögen, die das Projekt nicht hat, werden nicht übernommen: Proben kleiden sie.</translation>
    </message>
    <message>
        <source>Too few of kind</source>
        <translation>Zu wenige der Art</translation>
    </message>
    <message>
        <source>Too many of kind</source>
        <translation>Zu viele der Art</translation>
    </message>
    <message>
        <source>Trap</source>
        <translation>Falle</translation>
    </message>
    <message>
        <source>Trap: who gets here can never finish</source>
        <translation>Falle: wer hierher kommt, kommt nie ans Ende</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Versuch es noch einmal</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Turn %1</source>
        <translation>%1 drehen</translation>
    </message>
    <message>
        <source>Turn it otherwise</source>
        <translation>Dreh ihn anders</translation>
    </message>
    <message>
        <source>Turn the underlay</source>
        <translation>Die Vorlage drehen</translation>
    </message>
    <message>
        <source>Turned, the selection would leave the level</source>
        <translation>Gedreht würde die Auswahl das Level verlassen</translation>
    </message>
    <message>
        <source>Two calls of the recipe write the same file</source>
        <translation>Zwei Aufrufe des Rezepts schreiben dieselbe Datei</translation>
    </message>
    <message>
        <source>Two entities at least are aligned</source>
        <translation>Auszurichten sind mindestens zwei Figuren</translation>
    </message>
    <message>
        <source>Two layers are called %1</source>
        <translation>Zwei Ebenen heißen %1</translation>
    </message>
    <message>
        <source>Two masses touch at a corner only: no body passes, though it looks so</source>
        <translation>Zwei Massen berühren sich nur an einer Ecke: kein Körper kommt durch, obwohl es so aussieht</translation>
    </message>
    <message>
        <source>Two numbers are wanted here</source>
        <translation>Hier gehören zwei Zahlen hin</translation>
    </message>
    <message>
        <source>Two pictures lie under one storey</source>
        <translation>Zwei Bilder liegen unter einem Geschoss</translation>
    </message>
    <message>
        <source>Two whole numbers in brackets are wanted here</source>
        <translation>Hier gehören zwei ganze Zahlen in Klammern hin</translation>
    </message>
    <message>
        <source>Underlay missing</source>
        <translation>Vorlage fehlt</translation>
    </message>
    <message>
        <source>Ungroup %1</source>
        <translation>%1 lösen</translation>
    </message>
    <message>
        <source>Unknown %1 "%2", kept%3%4</source>
        <translation>Unbekannt: %1 "%2", behalten%3%4</translation>
    </message>
    <message>
        <source>Unlock a leaf</source>
        <translation>Ein Blatt entsperren</translation>
    </message>
    <message>
        <source>Unlock it in the margin</source>
        <translation>Entsperre sie im Seitenrand</translation>
    </message>
    <message>
        <source>Unlock it or choose another one in the margin</source>
        <translation>Entsperre es oder wähle im Seitenrand ein anderes</translation>
    </message>
    <message>
        <source>Untitled</source>
        <translation>Ohne Titel</translation>
    </message>
    <message>
        <source>Untouchable unsafe</source>
        <translation>Unberührbar, nicht sicher</translation>
    </message>
    <message>
        <source>Unused area</source>
        <translation>Ungenutzte Fläche</translation>
    </message>
    <message>
        <source>Use 1 to 16384 columns and rows</source>
        <translation>Nimm 1 bis 16384 Spalten und Zeilen</translation>
    </message>
    <message>
        <source>Use 1 to 512 cells a side</source>
        <translation>Nimm 1 bis 512 Zellen je Seite</translation>
    </message>
    <message>
        <source>Use 1 to 512 px</source>
        <translation>Nimm 1 bis 512 px</translation>
    </message>
    <message>
        <source>Use 1 to 64 lower-case letters, digits, - and _</source>
        <translation>Nimm 1 bis 64 kleine Buchstaben, Ziffern, - und _</translation>
    </message>
    <message>
        <source>Use a kind of one cell</source>
        <translation>Nimm eine Art mit einer Zelle</translation>
    </message>
    <message>
        <source>Use a number below its count</source>
        <translation>Nimm eine Zahl unter ihrer Anzahl</translation>
    </message>
    <message>
        <source>Use a path inside the project folder, as sheets/name.png</source>
        <translation>Nimm einen Pfad im Projektordner, wie sheets/name.png</translation>
    </message>
    <message>
        <source>Use another type</source>
        <translation>Nimm einen anderen Typ</translation>
    </message>
    <message>
        <source>Use at most three decimal places</source>
        <translation>Nimm höchstens drei Nachkommastellen</translation>
    </message>
    <message>
        <source>Use fewer tiles on slopes and half cells</source>
        <translation>Nimm weniger Kacheln auf Schrägen und halben Zellen</translation>
    </message>
    <message>
        <source>Use full, lower-half or upper-half</source>
        <translation>Nimm full, lower-half oder upper-half</translation>
    </message>
    <message>
        <source>Use larger cells, or take it away first</source>
        <translation>Nimm größere Zellen, oder nimm es erst weg</translation>
    </message>
    <message>
        <source>Use left, right, up or down</source>
        <translation>Nimm left, right, up oder down</translation>
    </message>
    <message>
        <source>Use lower-case letters, digits, - and _</source>
        <translation>Nimm kleine Buchstaben, Ziffern, - und _</translation>
    </message>
    <message>
        <source>Use one from %1</source>
        <translation>Nimm eine von %1</translation>
    </message>
    <message>
        <source>Use one from %1 to %2</source>
        <translation>Nimm eine von %1 bis %2</translation>
    </message>
    <message>
        <source>Use one line of at most 400 bytes</source>
        <translation>Nimm eine Zeile von höchstens 400 Bytes</translation>
    </message>
    <message>
        <source>Use one of: %1</source>
        <translation>Nimm eine von: %1</translation>
    </message>
    <message>
        <source>Use one of: whole-number, text, yes-no, number</source>
        <translation>Nimm einen von: whole-number, text, yes-no, number</translation>
    </message>
    <message>
        <source>Use one that is there</source>
        <translation>Nimm eines, das da ist</translation>
    </message>
    <message>
        <source>Use plain names, as levels/intake.csv</source>
        <translation>Nimm einfache Namen, wie levels/intake.csv</translation>
    </message>
    <message>
        <source>Use small letters, digits, - and _</source>
        <translation>Nimm kleine Buchstaben, Ziffern, - und _</translation>
    </message>
    <message>
        <source>Use start, won, lost or said</source>
        <translation>Nimm start, won, lost oder said</translation>
    </message>
    <message>
        <source>Use the characters of the matters</source>
        <translation>Nimm die Zeichen der Stoffe</translation>
    </message>
    <message>
        <source>Use whole numbers up to 1,000,000</source>
        <translation>Nimm ganze Zahlen bis 1.000.000</translation>
    </message>
    <message>
        <source>Waits and ease of movers stand in a bundle as their ways alone; they go at an even pace.</source>
        <translation>Warten und Anlauf der Beweger stehen im Bündel nur als Wege; sie gehen gleichmäßig.</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Wall</translation>
    </message>
    <message>
        <source>Way point %1 of %2 lies outside the level</source>
        <translation>Wegpunkt %1 von %2 liegt außerhalb des Levels</translation>
    </message>
    <message>
        <source>Way point missed</source>
        <translation>Wegpunkt verfehlt</translation>
    </message>
    <message>
        <source>Way point outside</source>
        <translation>Wegpunkt außerhalb</translation>
    </message>
    <message>
        <source>Wedge</source>
        <translation>Keil</translation>
    </message>
    <message>
        <source>What a death takes one of</source>
        <translation>Was ein Tod eins von kostet</translation>
    </message>
    <message>
        <source>What follows the last level leads nowhere: %1</source>
        <translation>Was auf das letzte Level folgt, führt nirgendwohin: %1</translation>
    </message>
    <message>
        <source>What is selected covers no cell of the level</source>
        <translation>Was gewählt ist, bedeckt keine Zelle des Levels</translation>
    </message>
    <message>
        <source>What was found is no longer there</source>
        <translation>Was gefunden wurde, ist nicht mehr da</translation>
    </message>
    <message>
        <source>What was gathered cannot be taken back</source>
        <translation>Gesammeltes lässt sich nicht zurücknehmen</translation>
    </message>
    <message>
        <source>What was kept has no level</source>
        <translation>Das Behaltene hat kein Level</translation>
    </message>
    <message>
        <source>What was kept of this project cannot be read</source>
        <translation>Was von diesem Projekt behalten wurde, ist nicht lesbar</translation>
    </message>
    <message>
        <source>Whether %1 %2 is reached is not decided: movers might carry the body there, but no run in time was found</source>
        <translation>Ob %1 %2 erreicht wird, ist nicht entschieden: Beweger könnten den Körper hintragen, doch wurde kein Lauf zur Zeit gefunden</translation>
    </message>
    <message>
        <source>Whether the game can be finished is not decided: %1.</source>
        <translation>Ob das Spiel zu beenden ist, ist nicht entschieden: %1.</translation>
    </message>
    <message>
        <source>Whether the level can be won is not decided: %1</source>
        <translation>Ob das Level zu gewinnen ist, ist nicht entschieden: %1</translation>
    </message>
    <message>
        <source>Who comes to %1 %2 cannot finish the game any more</source>
        <translation>Wer so zu %1 %2 kommt, kann das Spiel nicht mehr beenden</translation>
    </message>
    <message>
        <source>Winning not decided</source>
        <translation>Gewinn nicht entschieden</translation>
    </message>
    <message>
        <source>With %1 the ways of foes and members have more than %2 corners</source>
        <translation>Mit %1 haben die Wege der Gegner und Mitglieder mehr als %2 Ecken</translation>
    </message>
    <message>
        <source>Without a rule there is nothing to mix</source>
        <translation>Ohne Regel ist nichts zu mischen</translation>
    </message>
    <message>
        <source>Write 2, 1.25 or 5/4</source>
        <translation>Schreibe 2, 1.25 oder 5/4</translation>
    </message>
    <message>
        <source>Write [0, 10]</source>
        <translation>Schreib [0, 10]</translation>
    </message>
    <message>
        <source>Write [a, b]</source>
        <translation>Schreib [a, b]</translation>
    </message>
    <message>
        <source>Write a number, or nothing for a parked counter</source>
        <translation>Schreib eine Zahl, oder nichts für einen abgestellten Stein</translation>
    </message>
    <message>
        <source>Write fewer</source>
        <translation>Schreib weniger</translation>
    </message>
    <message>
        <source>Write it as "1/4"</source>
        <translation>Schreib ihn als "1/4"</translation>
    </message>
    <message>
        <source>Write it as #rrggbb</source>
        <translation>Schreib sie als #rrggbb</translation>
    </message>
    <message>
        <source>Write it as a plan book, which has pages</source>
        <translation>Schreib es als Planbuch, das Seiten hat</translation>
    </message>
    <message>
        <source>Write it as a text grid</source>
        <translation>Schreib es als Textraster</translation>
    </message>
    <message>
        <source>Write it as an export does</source>
        <translation>Schreib es, wie eine Ausgabe es tut</translation>
    </message>
    <message>
        <source>Write it as hall: hall, room</source>
        <translation>Schreib es als hall: hall, room</translation>
    </message>
    <message>
        <source>Write it with rookplot check --shard I/N</source>
        <translation>Schreib ihn mit rookplot check --shard I/N</translation>
    </message>
    <message>
        <source>Write label %1</source>
        <translation>%1 beschriften</translation>
    </message>
    <message>
        <source>Write less</source>
        <translation>Schreib weniger</translation>
    </message>
    <message>
        <source>Write one</source>
        <translation>Schreib einen</translation>
    </message>
    <message>
        <source>Write one of them</source>
        <translation>Schreib eines davon</translation>
    </message>
    <message>
        <source>Write one of them; docs/ship.md says how</source>
        <translation>Schreib eine davon; docs/ship.md sagt wie</translation>
    </message>
    <message>
        <source>Write runs as 12*stone</source>
        <translation>Schreib Läufe als 12*stone</translation>
    </message>
    <message>
        <source>Write them in brackets</source>
        <translation>Schreib sie in Klammern</translation>
    </message>
    <message>
        <source>Write x or y</source>
        <translation>Schreib x oder y</translation>
    </message>
    <message>
        <source>Zone camera shows</source>
        <translation>Zonenkamera zeigt Äußeres</translation>
    </message>
    <message>
        <source>Zone camera small</source>
        <translation>Zonenkamera klein</translation>
    </message>
    <message>
        <source>Zone entry blocked</source>
        <translation>Zoneneingang blockiert</translation>
    </message>
    <message>
        <source>Zone not reached</source>
        <translation>Zone nicht erreicht</translation>
    </message>
    <message>
        <source>Zone over budget</source>
        <translation>Zone über dem Budget</translation>
    </message>
    <message>
        <source>Zone uncovered</source>
        <translation>Zone lückenhaft</translation>
    </message>
    <message>
        <source>Zones overlap</source>
        <translation>Zonen überlappen</translation>
    </message>
    <message>
        <source>a finding cannot be read</source>
        <translation>ein Befund ist nicht lesbar</translation>
    </message>
    <message>
        <source>a key is missing or of another type</source>
        <translation>ein Eintrag fehlt oder ist von anderem Typ</translation>
    </message>
    <message>
        <source>a kit level without a kit</source>
        <translation>ein Bausatzlevel ohne Bausatz</translation>
    </message>
    <message>
        <source>a text grid</source>
        <translation>ein Textraster</translation>
    </message>
    <message>
        <source>a3</source>
        <translation>A3</translation>
    </message>
    <message>
        <source>a4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>above</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>above 0, at most 1000</source>
        <translation>über 0, höchstens 1000</translation>
    </message>
    <message>
        <source>above 0, at most 1000 cells</source>
        <translation>über 0, höchstens 1000 Zellen</translation>
    </message>
    <message>
        <source>above 0, at most 1000 cells a second</source>
        <translation>über 0, höchstens 1000 Zellen je Sekunde</translation>
    </message>
    <message>
        <source>above 0, at most 60 seconds</source>
        <translation>über 0, höchstens 60 Sekunden</translation>
    </message>
    <message>
        <source>across</source>
        <translation>waagerecht</translation>
    </message>
    <message>
        <source>again</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>air jump</source>
        <translation>Luftsprung</translation>
    </message>
    <message>
        <source>air jumps</source>
        <translation>Luftsprünge</translation>
    </message>
    <message>
        <source>all %1 state was seen</source>
        <translation>der eine Zustand wurde gesehen</translation>
    </message>
    <message>
        <source>all %1 states were seen</source>
        <translation>alle %1 Zustände wurden gesehen</translation>
    </message>
    <message>
        <source>among cast</source>
        <translation>in der Besetzung</translation>
    </message>
    <message>
        <source>an image map</source>
        <translation>ein Zellenbild</translation>
    </message>
    <message>
        <source>and %1 stand on the same slot %2</source>
        <translation>und %1 stehen auf demselben Platz %2</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
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
        <source>are solid and do not look it</source>
        <translation>sind fest und sehen nicht so aus</translation>
    </message>
    <message>
        <source>art</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>at least %1</source>
        <translation>mindestens %1</translation>
    </message>
    <message>
        <source>at least 1/4 px a tick and at most 1000 cells a second</source>
        <translation>mindestens 1/4 px je Takt und höchstens 1000 Zellen je Sekunde</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>beats foes</source>
        <translation>besiegt Gegner</translation>
    </message>
    <message>
        <source>before front</source>
        <translation>vor den vorderen Ebenen</translation>
    </message>
    <message>
        <source>begin again</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>behind masses</source>
        <translation>hinter den Massen</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>neben</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>blocked</source>
        <translation>blockiert</translation>
    </message>
    <message>
        <source>body height</source>
        <translation>Körperhöhe</translation>
    </message>
    <message>
        <source>body width</source>
        <translation>Körperbreite</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>fett</translation>
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
        <source>box</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>bundle</source>
        <translation>Bündel</translation>
    </message>
    <message>
        <source>calls %1</source>
        <translation>ruft %1</translation>
    </message>
    <message>
        <source>cannot be followed</source>
        <translation>lässt sich nicht verfolgen</translation>
    </message>
    <message>
        <source>ceiling</source>
        <translation>Decke</translation>
    </message>
    <message>
        <source>cell %1, %2</source>
        <translation>Zelle %1, %2</translation>
    </message>
    <message>
        <source>cell has</source>
        <translation>Zelle hat</translation>
    </message>
    <message>
        <source>cells</source>
        <translation>Zellen</translation>
    </message>
    <message>
        <source>cells between the two points</source>
        <translation>Zellen zwischen den zwei Punkten</translation>
    </message>
    <message>
        <source>cells have</source>
        <translation>Zellen haben</translation>
    </message>
    <message>
        <source>checkpoint</source>
        <translation>Rücksetzpunkt</translation>
    </message>
    <message>
        <source>choice</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>klettern</translation>
    </message>
    <message>
        <source>collect</source>
        <translation>sammeln</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>Stein</translation>
    </message>
    <message>
        <source>coyote</source>
        <translation>Coyote-Zeit</translation>
    </message>
    <message>
        <source>coyote time</source>
        <translation>Coyote-Zeit</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>cut tiles</source>
        <translation>zugeschnittene Kacheln</translation>
    </message>
    <message>
        <source>deadly</source>
        <translation>tödlich</translation>
    </message>
    <message>
        <source>defeat</source>
        <translation>besiegen</translation>
    </message>
    <message>
        <source>does not fit %1: another height</source>
        <translation>passt nicht an %1: andere Höhe</translation>
    </message>
    <message>
        <source>does not fit %1: another profile</source>
        <translation>passt nicht an %1: anderes Profil</translation>
    </message>
    <message>
        <source>door</source>
        <translation>Tür</translation>
    </message>
    <message>
        <source>doors of a kit board that shut again</source>
        <translation>Türen eines Bausatzbretts, die wieder schließen</translation>
    </message>
    <message>
        <source>down</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>drop through</source>
        <translation>durchfallen</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>enter</source>
        <translation>betreten</translation>
    </message>
    <message>
        <source>entity</source>
        <translation>Figur</translation>
    </message>
    <message>
        <source>entry</source>
        <translation>Eingang</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>every run that was found meets a foe</source>
        <translation>jeder gefundene Lauf trifft einen Gegner</translation>
    </message>
    <message>
        <source>every way with all goals meets another exit, or none</source>
        <translation>jeder Weg mit allen Zielen trifft einen anderen Ausgang oder keinen</translation>
    </message>
    <message>
        <source>exit</source>
        <translation>Ausgang</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>Blenden</translation>
    </message>
    <message>
        <source>fall factor</source>
        <translation>Fallfaktor</translation>
    </message>
    <message>
        <source>field of %1</source>
        <translation>Feld von %1</translation>
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
        <source>first</source>
        <translation>erster</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>flies</source>
        <translation>fliegt</translation>
    </message>
    <message>
        <source>flight of stairs</source>
        <translation>Treppe</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>foe</source>
        <translation>Gegner</translation>
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
        <source>formation</source>
        <translation>Formation</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>full</source>
        <translation>voll</translation>
    </message>
    <message>
        <source>game</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>gather</source>
        <translation>sammeln</translation>
    </message>
    <message>
        <source>go on</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>gone</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>graphite</source>
        <translation>Graphit</translation>
    </message>
    <message>
        <source>greatest fall</source>
        <translation>größter Fall</translation>
    </message>
    <message>
        <source>grid</source>
        <translation>Gitter</translation>
    </message>
    <message>
        <source>hang left</source>
        <translation>hängend links</translation>
    </message>
    <message>
        <source>hang right</source>
        <translation>hängend rechts</translation>
    </message>
    <message>
        <source>hangs</source>
        <translation>hängt</translation>
    </message>
    <message>
        <source>has a colour "%1" that the project does not have</source>
        <translation>hat eine Farbe "%1", die das Projekt nicht hat</translation>
    </message>
    <message>
        <source>has a footprint that does not begin at 0, 0</source>
        <translation>hat eine Grundfläche, die nicht bei 0, 0 beginnt</translation>
    </message>
    <message>
        <source>has a part that is empty or begins with a dot</source>
        <translation>hat einen Teil, der leer ist oder mit einem Punkt beginnt</translation>
    </message>
    <message>
        <source>has characters that are no letters</source>
        <translation>hat Zeichen, die keine Buchstaben sind</translation>
    </message>
    <message>
        <source>has no ceiling above it</source>
        <translation>hat keine Decke über sich</translation>
    </message>
    <message>
        <source>has no floor under it</source>
        <translation>hat keinen Boden unter sich</translation>
    </message>
    <message>
        <source>has no wall beside it</source>
        <translation>hat keine Wand neben sich</translation>
    </message>
    <message>
        <source>hazard</source>
        <translation>Gefahr</translation>
    </message>
    <message>
        <source>hex</source>
        <translation>Sechsecke</translation>
    </message>
    <message>
        <source>high bits</source>
        <translation>hohe Bits</translation>
    </message>
    <message>
        <source>holds a zero byte</source>
        <translation>enthält ein Nullbyte</translation>
    </message>
    <message>
        <source>image map</source>
        <translation>Zellenbild</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>in</translation>
    </message>
    <message>
        <source>is %1 and has a stack</source>
        <translation>ist %1 und hat einen Stapel</translation>
    </message>
    <message>
        <source>is a %1 in the roster %2</source>
        <translation>ist im Aufgebot %2 ein %1</translation>
    </message>
    <message>
        <source>is a %1, which is no counter</source>
        <translation>ist ein %1, und das ist kein Stein</translation>
    </message>
    <message>
        <source>is a link that leads nowhere</source>
        <translation>ist ein Verweis ins Nichts</translation>
    </message>
    <message>
        <source>is absolute</source>
        <translation>ist absolut</translation>
    </message>
    <message>
        <source>is empty</source>
        <translation>ist leer</translation>
    </message>
    <message>
        <source>is empty or very long</source>
        <translation>ist leer oder sehr lang</translation>
    </message>
    <message>
        <source>is locked and no tally pays for it</source>
        <translation>ist verschlossen, und kein Zähler bezahlt ihn</translation>
    </message>
    <message>
        <source>is not in a liquid</source>
        <translation>ist nicht in Flüssigkeit</translation>
    </message>
    <message>
        <source>is not of the roster %1</source>
        <translation>ist nicht aus dem Aufgebot %1</translation>
    </message>
    <message>
        <source>is of a kind "%1" that is not there</source>
        <translation>ist von einer Art "%1", die es nicht gibt</translation>
    </message>
    <message>
        <source>is paid by a tally "%1", which the game does not have</source>
        <translation>wird mit einem Zähler "%1" bezahlt, den das Spiel nicht hat</translation>
    </message>
    <message>
        <source>is solid and does not look it</source>
        <translation>ist fest und sieht nicht so aus</translation>
    </message>
    <message>
        <source>is stretched out of shape</source>
        <translation>ist verzerrt gestreckt</translation>
    </message>
    <message>
        <source>is there twice</source>
        <translation>ist zweimal da</translation>
    </message>
    <message>
        <source>it asks for %1 of %2, and %3 stand in the level</source>
        <translation>es verlangt %1 von %2, und %3 stehen im Level</translation>
    </message>
    <message>
        <source>it cannot be solved: %1</source>
        <translation>es ist nicht lösbar: %1</translation>
    </message>
    <message>
        <source>it does not lie on whole modules</source>
        <translation>er liegt nicht auf ganzen Modulen</translation>
    </message>
    <message>
        <source>it does not stand on the ground of its storey</source>
        <translation>er steht nicht auf dem Grund seines Geschosses</translation>
    </message>
    <message>
        <source>it ends at %1</source>
        <translation>er endet bei %1</translation>
    </message>
    <message>
        <source>it has a flaw</source>
        <translation>er hat einen Mangel</translation>
    </message>
    <message>
        <source>it has no rule, and nothing is to be solved</source>
        <translation>es hat keine Regel, und nichts ist zu lösen</translation>
    </message>
    <message>
        <source>it has openings</source>
        <translation>er hat Öffnungen</translation>
    </message>
    <message>
        <source>it is higher than a storey</source>
        <translation>er ist höher als ein Geschoss</translation>
    </message>
    <message>
        <source>it is not a file</source>
        <translation>es ist keine Datei</translation>
    </message>
    <message>
        <source>it is of another version of Rook Plot</source>
        <translation>er ist von einer anderen Fassung von Rook Plot</translation>
    </message>
    <message>
        <source>it misses %1</source>
        <translation>er verfehlt %1</translation>
    </message>
    <message>
        <source>it was cancelled</source>
        <translation>es wurde abgebrochen</translation>
    </message>
    <message>
        <source>its end</source>
        <translation>seinem Ende</translation>
    </message>
    <message>
        <source>its floor is too far from the ground of its storey</source>
        <translation>sein Boden ist zu weit vom Grund seines Geschosses</translation>
    </message>
    <message>
        <source>its format is another</source>
        <translation>sein Format ist ein anderes</translation>
    </message>
    <message>
        <source>joins %1</source>
        <translation>schließt an %1 an</translation>
    </message>
    <message>
        <source>json</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>jump</source>
        <translation>Sprung</translation>
    </message>
    <message>
        <source>jump height</source>
        <translation>Sprunghöhe</translation>
    </message>
    <message>
        <source>junit</source>
        <translation>JUnit</translation>
    </message>
    <message>
        <source>key</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>keys that are carried from boards of pieces are not followed</source>
        <translation>Schlüssel, die von Brettern aus Bauteilen mitgenommen werden, werden nicht verfolgt</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>kind %1</source>
        <translation>Art %1</translation>
    </message>
    <message>
        <source>kit</source>
        <translation>Bausatz</translation>
    </message>
    <message>
        <source>label</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>ladder</source>
        <translation>Leiter</translation>
    </message>
    <message>
        <source>leads out by a link</source>
        <translation>führt durch einen Verweis hinaus</translation>
    </message>
    <message>
        <source>leads out of the target's folder</source>
        <translation>führt aus dem Ordner der Ausgabe</translation>
    </message>
    <message>
        <source>leave</source>
        <translation>verlassen</translation>
    </message>
    <message>
        <source>leaves the project folder</source>
        <translation>verlässt den Projektordner</translation>
    </message>
    <message>
        <source>leaves what is around it bare</source>
        <translation>lässt leer, was um es herum ist</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>left half</source>
        <translation>linke Hälfte</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Level</translation>
    </message>
    <message>
        <source>levels of kind %1</source>
        <translation>Level der Art %1</translation>
    </message>
    <message>
        <source>lies outside of the board</source>
        <translation>liegt außerhalb des Bretts</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>linear</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>liquid</source>
        <translation>Flüssigkeit</translation>
    </message>
    <message>
        <source>list</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>verschlossen</translation>
    </message>
    <message>
        <source>look solid and are not</source>
        <translation>sehen fest aus und sind es nicht</translation>
    </message>
    <message>
        <source>looks solid and is not</source>
        <translation>sieht fest aus und ist es nicht</translation>
    </message>
    <message>
        <source>lost</source>
        <translation>verloren</translation>
    </message>
    <message>
        <source>lower half</source>
        <translation>untere Hälfte</translation>
    </message>
    <message>
        <source>lower side</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>masses</source>
        <translation>Massen</translation>
    </message>
    <message>
        <source>matter</source>
        <translation>Stoff</translation>
    </message>
    <message>
        <source>matter %1</source>
        <translation>Stoff %1</translation>
    </message>
    <message>
        <source>may not be turned so</source>
        <translation>darf so nicht gedreht sein</translation>
    </message>
    <message>
        <source>merged</source>
        <translation>verschmolzen</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>minus one</source>
        <translation>-1</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>more than %1 keys, switches and doors that shut again</source>
        <translation>mehr als %1 Schlüssel, Schalter und Türen, die wieder schließen</translation>
    </message>
    <message>
        <source>more than 64 combinations of keys and switches can be held</source>
        <translation>man kann mehr als 64 Verbindungen von Schlüsseln und Schaltern haben</translation>
    </message>
    <message>
        <source>more than 64 sets of things can be held</source>
        <translation>man kann mehr als 64 Sätze von Dingen haben</translation>
    </message>
    <message>
        <source>more than 64 things make a difference</source>
        <translation>mehr als 64 Dinge machen einen Unterschied</translation>
    </message>
    <message>
        <source>more than 64,000,000 states</source>
        <translation>mehr als 64.000.000 Zustände</translation>
    </message>
    <message>
        <source>more than 8 things that last for a time</source>
        <translation>mehr als 8 Dinge, die eine Zeit lang halten</translation>
    </message>
    <message>
        <source>more than what is taken changes that tally</source>
        <translation>mehr als das Genommene ändert jenen Zähler</translation>
    </message>
    <message>
        <source>motion profile</source>
        <translation>Bewegungsprofil</translation>
    </message>
    <message>
        <source>motion profile %1</source>
        <translation>Bewegungsprofil %1</translation>
    </message>
    <message>
        <source>motion profiles</source>
        <translation>Bewegungsprofile</translation>
    </message>
    <message>
        <source>mover</source>
        <translation>Beweger</translation>
    </message>
    <message>
        <source>names %1 as its %2</source>
        <translation>nennt %1 als %2</translation>
    </message>
    <message>
        <source>names the level %1 as its %2</source>
        <translation>nennt das Level %1 als %2</translation>
    </message>
    <message>
        <source>next</source>
        <translation>nächstes</translation>
    </message>
    <message>
        <source>no body gets to %1</source>
        <translation>kein Körper kommt zu %1</translation>
    </message>
    <message>
        <source>no body gets to an exit in %1 ticks</source>
        <translation>kein Körper kommt in %1 Takten zu einem Ausgang</translation>
    </message>
    <message>
        <source>no motion profile of this project lists beats-foes</source>
        <translation>kein Bewegungsprofil dieses Projekts hat beats-foes</translation>
    </message>
    <message>
        <source>no other run was found that meets all goals</source>
        <translation>kein anderer Lauf wurde gefunden, der alle Ziele erfüllt</translation>
    </message>
    <message>
        <source>no piece is round</source>
        <translation>kein Bauteil ist rund</translation>
    </message>
    <message>
        <source>no piece of the kit fits at %1, %2</source>
        <translation>kein Bauteil des Bausatzes passt bei %1, %2</translation>
    </message>
    <message>
        <source>no room here</source>
        <translation>hier kein Platz</translation>
    </message>
    <message>
        <source>no rule</source>
        <translation>keine Regel</translation>
    </message>
    <message>
        <source>no run in time was found to %1</source>
        <translation>es wurde kein Lauf zur Zeit zu %1 gefunden</translation>
    </message>
    <message>
        <source>no run was found that meets all goals and %1</source>
        <translation>es wurde kein Lauf gefunden, der alle Ziele und %1 erfüllt</translation>
    </message>
    <message>
        <source>no run was looked for</source>
        <translation>kein Lauf wurde gesucht</translation>
    </message>
    <message>
        <source>no side</source>
        <translation>keine Seite</translation>
    </message>
    <message>
        <source>no solution among %1 states, up to %2 moves</source>
        <translation>keine Lösung unter %1 Zuständen, bis zu %2 Zügen</translation>
    </message>
    <message>
        <source>no way leads to an end</source>
        <translation>kein Weg führt zu einem Ende</translation>
    </message>
    <message>
        <source>no way takes all of it</source>
        <translation>kein Weg nimmt alles davon</translation>
    </message>
    <message>
        <source>no way was found that meets all goals</source>
        <translation>es wurde kein Weg gefunden, der alle Ziele erfüllt</translation>
    </message>
    <message>
        <source>no way was found that takes all of it</source>
        <translation>es wurde kein Weg gefunden, der alles davon nimmt</translation>
    </message>
    <message>
        <source>nobody in this level can beat foes</source>
        <translation>niemand in diesem Level kann Gegner besiegen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>not</source>
        <translation>nicht</translation>
    </message>
    <message>
        <source>not decided</source>
        <translation>nicht entschieden</translation>
    </message>
    <message>
        <source>not decided in time: no way of waiting was found</source>
        <translation>nicht zur Zeit entschieden: es wurde kein Weg zu warten gefunden</translation>
    </message>
    <message>
        <source>nothing on boards of pieces is beaten</source>
        <translation>auf Brettern aus Bauteilen wird nichts besiegt</translation>
    </message>
    <message>
        <source>null</source>
        <translation>null</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>ochre</source>
        <translation>Ocker</translation>
    </message>
    <message>
        <source>of deadly matter are pits</source>
        <translation>aus tödlichem Stoff sind Gruben</translation>
    </message>
    <message>
        <source>of ladders are open floor</source>
        <translation>aus Leitern sind offener Boden</translation>
    </message>
    <message>
        <source>of ladders can be climbed again</source>
        <translation>aus Leitern lassen sich wieder erklettern</translation>
    </message>
    <message>
        <source>of liquid are deadly to who cannot swim</source>
        <translation>aus Flüssigkeit sind tödlich, wenn man nicht schwimmt</translation>
    </message>
    <message>
        <source>of one-way matter hold nothing up any more and are open floor</source>
        <translation>aus einseitigem Stoff tragen nichts mehr und sind offener Boden</translation>
    </message>
    <message>
        <source>of one-way matter hold up again</source>
        <translation>aus einseitigem Stoff tragen wieder</translation>
    </message>
    <message>
        <source>of pits are deadly matter</source>
        <translation>aus Gruben sind tödlicher Stoff</translation>
    </message>
    <message>
        <source>on approach</source>
        <translation>wenn man naht</translation>
    </message>
    <message>
        <source>on top</source>
        <translation>oben auf</translation>
    </message>
    <message>
        <source>on use</source>
        <translation>wer es benutzt</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>one is %1 units higher</source>
        <translation>eines ist um %1 Einheiten höher</translation>
    </message>
    <message>
        <source>one way</source>
        <translation>einseitig</translation>
    </message>
    <message>
        <source>only %1 of %2 %3 can be got to</source>
        <translation>nur %1 von %2 %3 sind erreichbar</translation>
    </message>
    <message>
        <source>only %1 of %2 %3 can be met</source>
        <translation>nur %1 von %2 %3 sind zu treffen</translation>
    </message>
    <message>
        <source>only %1 of %2 can be got to</source>
        <translation>nur %1 von %2 sind erreichbar</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>open air</source>
        <translation>offene Luft</translation>
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
        <source>over</source>
        <translation>vorbei</translation>
    </message>
    <message>
        <source>path</source>
        <translation>Pfad</translation>
    </message>
    <message>
        <source>pickup</source>
        <translation>Fund</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>pieces stand at %1, %2 already</source>
        <translation>bei %1, %2 stehen schon Bauteile</translation>
    </message>
    <message>
        <source>placements</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>schlicht</translation>
    </message>
    <message>
        <source>plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>plan book</source>
        <translation>Planbuch</translation>
    </message>
    <message>
        <source>play page</source>
        <translation>Spielseite</translation>
    </message>
    <message>
        <source>plum</source>
        <translation>Pflaume</translation>
    </message>
    <message>
        <source>point</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>pour</source>
        <translation>gießen</translation>
    </message>
    <message>
        <source>prop</source>
        <translation>Requisit</translation>
    </message>
    <message>
        <source>push</source>
        <translation>schieben</translation>
    </message>
    <message>
        <source>puzzle</source>
        <translation>Rätsel</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>px %1, %2</source>
        <translation>px %1, %2</translation>
    </message>
    <message>
        <source>ramp</source>
        <translation>Rampe</translation>
    </message>
    <message>
        <source>recipe</source>
        <translation>Rezept</translation>
    </message>
    <message>
        <source>repeat</source>
        <translation>wiederholt</translation>
    </message>
    <message>
        <source>repeats %1 across and %2 down, cut at the bottom</source>
        <translation>wiederholt sich %1 waagerecht und %2 senkrecht, unten abgeschnitten</translation>
    </message>
    <message>
        <source>repeats %1, and leaves the upper %2 px bare</source>
        <translation>wiederholt sich %1 und lässt die oberen %2 px leer</translation>
    </message>
    <message>
        <source>reward</source>
        <translation>Lohn</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>right half</source>
        <translation>rechte Hälfte</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>rings</source>
        <translation>Ringe</translation>
    </message>
    <message>
        <source>rise left</source>
        <translation>Steigung links</translation>
    </message>
    <message>
        <source>rise left 1of2</source>
        <translation>Steigung links 1 von 2</translation>
    </message>
    <message>
        <source>rise left 2of2</source>
        <translation>Steigung links 2 von 2</translation>
    </message>
    <message>
        <source>rise right</source>
        <translation>Steigung rechts</translation>
    </message>
    <message>
        <source>rise right 1of2</source>
        <translation>Steigung rechts 1 von 2</translation>
    </message>
    <message>
        <source>rise right 2of2</source>
        <translation>Steigung rechts 2 von 2</translation>
    </message>
    <message>
        <source>round</source>
        <translation>Säule</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>said</source>
        <translation>gesagt</translation>
    </message>
    <message>
        <source>sarif</source>
        <translation>SARIF</translation>
    </message>
    <message>
        <source>short hop</source>
        <translation>kurzer Sprung</translation>
    </message>
    <message>
        <source>shuts</source>
        <translation>erst offen, dann zu</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>slide</source>
        <translation>gleiten</translation>
    </message>
    <message>
        <source>slides</source>
        <translation>Gleiten</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>mit Anlauf</translation>
    </message>
    <message>
        <source>solid</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>some surfaces are too narrow to stand on by the clock</source>
        <translation>manche Flächen sind zu schmal, um nach der Uhr darauf zu stehen</translation>
    </message>
    <message>
        <source>some way was not decided</source>
        <translation>mancher Weg wurde nicht entschieden</translation>
    </message>
    <message>
        <source>something comes to every place that is reached</source>
        <translation>an jede Stelle, die erreicht wird, kommt etwas</translation>
    </message>
    <message>
        <source>spawn</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>Feder</translation>
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
        <source>stands beside the board, at %1</source>
        <translation>steht neben dem Brett, bei %1</translation>
    </message>
    <message>
        <source>stands on several slots and cannot be pushed about</source>
        <translation>steht auf mehreren Plätzen und lässt sich nicht schieben</translation>
    </message>
    <message>
        <source>stands on several slots, which only square boards have room for</source>
        <translation>steht auf mehreren Plätzen, wofür nur Bretter aus Quadraten Raum haben</translation>
    </message>
    <message>
        <source>stands on slot %1, which is %2</source>
        <translation>steht auf Platz %1, der %2 ist</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>step up</source>
        <translation>Stufe</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>still</source>
        <translation>still</translation>
    </message>
    <message>
        <source>story</source>
        <translation>Geschichte</translation>
    </message>
    <message>
        <source>stretch</source>
        <translation>gestreckt</translation>
    </message>
    <message>
        <source>sum</source>
        <translation>Summe</translation>
    </message>
    <message>
        <source>survive</source>
        <translation>durchhalten</translation>
    </message>
    <message>
        <source>swim</source>
        <translation>schwimmen</translation>
    </message>
    <message>
        <source>switch</source>
        <translation>Schalter</translation>
    </message>
    <message>
        <source>tally</source>
        <translation>Zähler</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>text grid</source>
        <translation>Textraster</translation>
    </message>
    <message>
        <source>the board has no kit</source>
        <translation>das Brett hat keinen Bausatz</translation>
    </message>
    <message>
        <source>the clipboard</source>
        <translation>die Zwischenablage</translation>
    </message>
    <message>
        <source>the end of %1</source>
        <translation>das Ende von %1</translation>
    </message>
    <message>
        <source>the game</source>
        <translation>das Spiel</translation>
    </message>
    <message>
        <source>the goal names no tally of the game</source>
        <translation>das Ziel nennt keinen Zähler des Spiels</translation>
    </message>
    <message>
        <source>the legend of %1</source>
        <translation>die Legende von %1</translation>
    </message>
    <message>
        <source>the level is too large for the memory limit</source>
        <translation>das Level ist zu groß für die Speichergrenze</translation>
    </message>
    <message>
        <source>the message</source>
        <translation>die Nachricht</translation>
    </message>
    <message>
        <source>the stamp's numbers</source>
        <translation>die Zahlen des Stempels</translation>
    </message>
    <message>
        <source>the text %1 is</source>
        <translation>der Text %1 ist</translation>
    </message>
    <message>
        <source>there are more than %1 ways in which levels are come to</source>
        <translation>es gibt mehr als %1 Arten, in Level zu kommen</translation>
    </message>
    <message>
        <source>there is more than a solve can tell apart</source>
        <translation>es ist mehr, als ein Lösen unterscheiden kann</translation>
    </message>
    <message>
        <source>there is neither an exit nor a goal that is needed</source>
        <translation>es gibt weder einen Ausgang noch ein nötiges Ziel</translation>
    </message>
    <message>
        <source>there is no entry %1</source>
        <translation>es gibt keinen Eingang %1</translation>
    </message>
    <message>
        <source>there is no kind %1</source>
        <translation>es gibt keine Art %1</translation>
    </message>
    <message>
        <source>there is no start</source>
        <translation>es gibt keinen Start</translation>
    </message>
    <message>
        <source>there is no tally %1</source>
        <translation>es gibt keinen Zähler %1</translation>
    </message>
    <message>
        <source>there is no time at all</source>
        <translation>es ist gar keine Zeit</translation>
    </message>
    <message>
        <source>thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>this version does not solve %1</source>
        <translation>diese Fassung löst %1 nicht</translation>
    </message>
    <message>
        <source>thrower</source>
        <translation>Werfer</translation>
    </message>
    <message>
        <source>throwers on boards of pieces</source>
        <translation>Werfer auf Brettern aus Bauteilen</translation>
    </message>
    <message>
        <source>tick %1</source>
        <translation>Takt %1</translation>
    </message>
    <message>
        <source>tile</source>
        <translation>Kachel</translation>
    </message>
    <message>
        <source>tile %1 of %2</source>
        <translation>Kachel %1 von %2</translation>
    </message>
    <message>
        <source>time on boards of pieces is not counted</source>
        <translation>Zeit auf Brettern aus Bauteilen wird nicht gezählt</translation>
    </message>
    <message>
        <source>time to the top</source>
        <translation>Zeit bis oben</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>trigger</source>
        <translation>Auslöser</translation>
    </message>
    <message>
        <source>true or false is wanted here</source>
        <translation>Hier gehört true oder false hin</translation>
    </message>
    <message>
        <source>turn mark</source>
        <translation>Umkehrmarke</translation>
    </message>
    <message>
        <source>under</source>
        <translation>unter</translation>
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
        <source>upper half</source>
        <translation>obere Hälfte</translation>
    </message>
    <message>
        <source>upper side</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>use</source>
        <translation>benutzen</translation>
    </message>
    <message>
        <source>verdigris</source>
        <translation>Grünspan</translation>
    </message>
    <message>
        <source>vermilion</source>
        <translation>Zinnober</translation>
    </message>
    <message>
        <source>walks</source>
        <translation>geht</translation>
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
        <source>wall push</source>
        <translation>Wandstoß</translation>
    </message>
    <message>
        <source>weakened jump</source>
        <translation>abgeschwächter Sprung</translation>
    </message>
    <message>
        <source>wedge</source>
        <translation>Keil</translation>
    </message>
    <message>
        <source>what goes by the clock is as at first only after more than 36,000 ticks</source>
        <translation>was nach der Uhr geht, ist erst nach mehr als 36.000 Ticks wieder wie am Anfang</translation>
    </message>
    <message>
        <source>what goes by the clock makes more than 8,000,000 states</source>
        <translation>was nach der Uhr geht, ergibt mehr als 8.000.000 Zustände</translation>
    </message>
    <message>
        <source>whole number</source>
        <translation>ganze Zahl</translation>
    </message>
    <message>
        <source>widened body height</source>
        <translation>verbreiterte Körperhöhe</translation>
    </message>
    <message>
        <source>widened body width</source>
        <translation>verbreiterte Körperbreite</translation>
    </message>
    <message>
        <source>with movers, or while something lasts, a body might get there, but no run in time was found</source>
        <translation>mit Bewegern, oder während etwas anhält, könnte ein Körper hinkommen, doch wurde kein Lauf zur Zeit gefunden</translation>
    </message>
    <message>
        <source>with nothing in hand</source>
        <translation>mit nichts in der Hand</translation>
    </message>
    <message>
        <source>within</source>
        <translation>gewinnen in</translation>
    </message>
    <message>
        <source>without a name</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>won</source>
        <translation>gewonnen</translation>
    </message>
    <message>
        <source>y</source>
        <translation>y</translation>
    </message>
    <message>
        <source>yes no</source>
        <translation>ja/nein</translation>
    </message>
    <message>
        <source>z</source>
        <translation>z</translation>
    </message>
    <message>
        <source>zero</source>
        <translation>0</translation>
    </message>
    <message>
        <source>zone %1</source>
        <translation>Zone %1</translation>
    </message>
</context>
</TS>
