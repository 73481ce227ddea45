<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="de">
    <context>
        <name>CompareRow</name>
        <message>
            <source>%1 ms ±%2</source>
            <translation>%L1 ms ±%2</translation>
        </message>
    </context>
    <context>
        <name>QObject</name>
        <message>
            <source>Measures a drummer's practice takes against the click.</source>
            <translation>Misst die Übungsaufnahmen eines Schlagzeugers gegen den Klick.</translation>
        </message>
        <message>
            <source>start with the demo data, in a logbook of its own</source>
            <translation>mit den Beispieldaten beginnen, in einem eigenen Logbuch</translation>
        </message>
        <message>
            <source>start dark</source>
            <translation>dunkel beginnen</translation>
        </message>
        <message>
            <source>save pictures of all places to a folder and end</source>
            <translation>Bilder aller Orte in einen Ordner speichern und enden</translation>
        </message>
        <message>
            <source>keep logbook and settings in this folder</source>
            <translation>Logbuch und Einstellungen in diesem Ordner halten</translation>
        </message>
        <message>
            <source>A folder for your practice</source>
            <translation>Ein Ordner für dein Üben</translation>
        </message>
        <message>
            <source>Two weeks of practice arrive: %1 of %2 takes are here.</source>
            <translation>Zwei Wochen Übung kommen an: %1 von %2 Takes sind da.</translation>
        </message>
        <message>
            <source>speak this language, as de, instead of the one that is set</source>
            <translation>diese Sprache sprechen, etwa de, statt der eingestellten</translation>
        </message>
        <message>
            <source>at %1</source>
            <translation>bei %1</translation>
        </message>
        <message>
            <source>start with high contrast</source>
            <translation>mit hohem Kontrast beginnen</translation>
        </message>
        <message>
            <source>everything larger, 100 to 300 percent</source>
            <translation>alles größer, 100 bis 300 Prozent</translation>
        </message>
    </context>
    <context>
        <name>SoundCheckWords</name>
        <message>
            <source>Measured on %1: %2 ms.</source>
            <translation>Gemessen am %1: %L2 ms.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Eingang</translation>
        </message>
        <message>
            <source>Level</source>
            <translation>Pegel</translation>
        </message>
        <message>
            <source>Pads</source>
            <translation>Pads</translation>
        </message>
        <message>
            <source>Timing</source>
            <translation>Timing</translation>
        </message>
        <message>
            <source>Round trip</source>
            <translation>Laufzeit</translation>
        </message>
        <message>
            <source>Three levels</source>
            <translation>Drei Stärken</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Probe</translation>
        </message>
        <message>
            <source>Play a few strokes. The input that moves is yours; with the arrow keys you choose another one.</source>
            <translation>Spiele ein paar Schläge. Der Eingang, der sich bewegt, ist deiner; mit den Pfeiltasten wählst du einen anderen.</translation>
        </message>
        <message>
            <source>Play your loudest stroke a few times, then your softest. The loudest should stay below the upper mark; turn the microphone up or down until it does.</source>
            <translation>Spiele ein paarmal deinen lautesten Schlag, dann deinen leisesten. Der lauteste soll unter der oberen Marke bleiben; drehe das Mikrofon auf oder zu, bis es so ist.</translation>
        </message>
        <message>
            <source>Hit what stands in the frame three times, on every zone it has; then the next is asked for. With the arrow keys you go back and forth.</source>
            <translation>Schlage dreimal, was im Rahmen steht, auf jeder Zone, die es hat; dann wird nach dem Nächsten gefragt. Mit den Pfeiltasten geht es vor und zurück.</translation>
        </message>
        <message>
            <source>Let a microphone whose round trip was measured hear one pad, and strike it twelve times, a second apart: it tells how long the notes take.</source>
            <translation>Lass ein Mikrofon, dessen Laufzeit gemessen ist, ein Pad hören, und schlage es zwölfmal, eine Sekunde auseinander: Das sagt, wie lange die Noten brauchen.</translation>
        </message>
        <message>
            <source>Hold the microphone to the headphone, or let it hear the loudspeaker, and be quiet for eight seconds: twelve short sounds tell how long the way round is. Keep the volume low.</source>
            <translation>Halte das Mikrofon an den Kopfhörer oder lass es den Lautsprecher hören und sei acht Sekunden still: Zwölf kurze Klänge sagen, wie lang der Weg ist. Halte die Lautstärke klein.</translation>
        </message>
        <message>
            <source>Eight strokes of each: ghost notes, taps, accents, as you play them.</source>
            <translation>Acht Schläge von jedem: Ghostnotes, Taps, Akzente, so wie du sie spielst.</translation>
        </message>
        <message>
            <source>A bar is counted in, then play eight quarters to the click.</source>
            <translation>Ein Takt wird eingezählt, dann spiele acht Viertel zum Klick.</translation>
        </message>
        <message>
            <source>No microphone is offered: %1</source>
            <translation>Kein Mikrofon wird angeboten: %1</translation>
        </message>
        <message>
            <source>Nothing is heard yet.</source>
            <translation>Noch ist nichts zu hören.</translation>
        </message>
        <message>
            <source>Too faint: turn it up.</source>
            <translation>Zu leise: drehe es auf.</translation>
        </message>
        <message>
            <source>Good.</source>
            <translation>Gut.</translation>
        </message>
        <message>
            <source>Too hot: turn it down and play again.</source>
            <translation>Zu laut: drehe es zu und spiele noch einmal.</translation>
        </message>
        <message>
            <source>They were hardly apart: play them once more, softest first.</source>
            <translation>Sie lagen kaum auseinander: spiele sie noch einmal, die leisesten zuerst.</translation>
        </message>
        <message>
            <source>Kept as your own three levels.</source>
            <translation>Als deine eigenen drei Stärken gemerkt.</translation>
        </message>
        <message>
            <source>All are known. %1</source>
            <translation>Alle sind bekannt. %1</translation>
        </message>
        <message>
            <source>%1 ms, sure to %2 ms.</source>
            <translation>%L1 ms, auf %L2 ms sicher.</translation>
        </message>
        <message>
            <source>Not calibrated: evenness only. Choose a microphone first, and measure its round trip.</source>
            <translation>Nicht kalibriert: nur Gleichmaß. Wähle zuerst ein Mikrofon und miss seine Laufzeit.</translation>
        </message>
        <message>
            <source>Not calibrated: evenness only.</source>
            <translation>Nicht kalibriert: nur Gleichmaß.</translation>
        </message>
        <message>
            <source>Listening …</source>
            <translation>Es wird gehört …</translation>
        </message>
        <message>
            <source>%1 ms, sure to %2 ms, heard %3 times of 12.</source>
            <translation>%L1 ms, auf %L2 ms sicher, %3 von 12 Mal gehört.</translation>
        </message>
        <message>
            <source>Not measured: what is late or early against the click cannot be told unless the click is heard.</source>
            <translation>Nicht gemessen: ob du vor oder hinter dem Klick liegst, lässt sich nur sagen, wenn der Klick zu hören ist.</translation>
        </message>
        <message>
            <source>No stroke was heard.</source>
            <translation>Kein Schlag war zu hören.</translation>
        </message>
        <message>
            <source>, %1 ms ahead of the click</source>
            <translation>, %L1 ms vor dem Klick</translation>
        </message>
        <message>
            <source>, %1 ms behind the click</source>
            <translation>, %L1 ms hinter dem Klick</translation>
        </message>
        <message>
            <source>, even to %1 ms</source>
            <translation>, auf %L1 ms gleichmäßig</translation>
        </message>
        <message>
            <source>Take this one</source>
            <translation>Diesen nehmen</translation>
        </message>
        <message>
            <source>Next</source>
            <translation>Weiter</translation>
        </message>
        <message>
            <source>Measure it</source>
            <translation>Messen</translation>
        </message>
        <message>
            <source>Begin again</source>
            <translation>Von vorn</translation>
        </message>
        <message>
            <source>Once more</source>
            <translation>Noch einmal</translation>
        </message>
        <message>
            <source>Start</source>
            <translation>Start</translation>
        </message>
    </context>
    <context>
        <name>Words</name>
        <message>
            <source>1 minute</source>
            <translation>1 Minute</translation>
        </message>
        <message numerus="yes">
            <source>%n minutes</source>
            <translation>
                <numerusform>1 Minute</numerusform>
                <numerusform>%n Minuten</numerusform>
            </translation>
        </message>
        <message>
            <source>After a month only clean takes and the last of a day</source>
            <translation>Nach einem Monat nur saubere Takes und den letzten eines Tages</translation>
        </message>
        <message numerus="yes">
            <source>After %n months only clean takes and the last of a day</source>
            <translation>
                <numerusform>Nach einem Monat nur saubere Takes und den letzten eines Tages</numerusform>
                <numerusform>Nach %n Monaten nur saubere Takes und den letzten eines Tages</numerusform>
            </translation>
        </message>
        <message>
            <source>1 recording</source>
            <translation>1 Aufnahme</translation>
        </message>
        <message numerus="yes">
            <source>%n recordings</source>
            <translation>
                <numerusform>1 Aufnahme</numerusform>
                <numerusform>%n Aufnahmen</numerusform>
            </translation>
        </message>
        <message>
            <source>1 take</source>
            <translation>1 Take</translation>
        </message>
        <message numerus="yes">
            <source>%n takes</source>
            <translation>
                <numerusform>1 Take</numerusform>
                <numerusform>%n Takes</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, ghosts</source>
            <translation>%1, Ghosts</translation>
        </message>
        <message>
            <source>%1, taps</source>
            <translation>%1, Taps</translation>
        </message>
        <message>
            <source>%1, accents</source>
            <translation>%1, Akzente</translation>
        </message>
        <message>
            <source>after 1 bar</source>
            <translation>nach 1 Takt</translation>
        </message>
        <message numerus="yes">
            <source>after %n bars</source>
            <translation>
                <numerusform>nach 1 Takt</numerusform>
                <numerusform>nach %n Takten</numerusform>
            </translation>
        </message>
        <message>
            <source>1 more take</source>
            <translation>1 Take mehr</translation>
        </message>
        <message numerus="yes">
            <source>%n more takes</source>
            <translation>
                <numerusform>1 Take mehr</numerusform>
                <numerusform>%n Takes mehr</numerusform>
            </translation>
        </message>
        <message>
            <source>1 more</source>
            <translation>1 weiterer</translation>
        </message>
        <message numerus="yes">
            <source>%n more</source>
            <translation>
                <numerusform>1 weiterer</numerusform>
                <numerusform>%n weitere</numerusform>
            </translation>
        </message>
        <message>
            <source>last take</source>
            <translation>letzter Take</translation>
        </message>
        <message numerus="yes">
            <source>%n takes together</source>
            <translation>
                <numerusform>letzter Take</numerusform>
                <numerusform>%n Takes zusammen</numerusform>
            </translation>
        </message>
        <message>
            <source>less click</source>
            <translation>weniger Klick</translation>
        </message>
        <message>
            <source>more click</source>
            <translation>mehr Klick</translation>
        </message>
        <message>
            <source>up to %1</source>
            <translation>hinauf auf %1</translation>
        </message>
        <message>
            <source>back to %1</source>
            <translation>zurück auf %1</translation>
        </message>
        <message>
            <source>isolate beat %1</source>
            <translation>Zählzeit %1 allein</translation>
        </message>
        <message>
            <source>stay at %1</source>
            <translation>bei %1 bleiben</translation>
        </message>
        <message>
            <source>a gap in the recording</source>
            <translation>eine Lücke in der Aufnahme</translation>
        </message>
        <message numerus="yes">
            <source>%n gaps in the recording</source>
            <translation>
                <numerusform>eine Lücke in der Aufnahme</numerusform>
                <numerusform>%n Lücken in der Aufnahme</numerusform>
            </translation>
        </message>
        <message>
            <source>1 pass</source>
            <translation>1 Durchgang</translation>
        </message>
        <message numerus="yes">
            <source>%n passes</source>
            <translation>
                <numerusform>1 Durchgang</numerusform>
                <numerusform>%n Durchgänge</numerusform>
            </translation>
        </message>
        <message>
            <source>right, left; with Shift an accent, with Alt a ghost</source>
            <translation>rechts, links; mit Umschalt ein Akzent, mit Alt eine Ghostnote</translation>
        </message>
        <message>
            <source>rest</source>
            <translation>Pause</translation>
        </message>
        <message>
            <source>parts of this beat</source>
            <translation>Teile dieser Zählzeit</translation>
        </message>
        <message>
            <source>louder, softer</source>
            <translation>lauter, leiser</translation>
        </message>
        <message>
            <source>flam, drag, ruff, closed roll</source>
            <translation>Flam, Drag, Ruff, Presswirbel</translation>
        </message>
        <message>
            <source>other hand; anchor</source>
            <translation>andere Hand; Anker</translation>
        </message>
        <message>
            <source>new row; other voice for this row</source>
            <translation>neue Zeile; andere Stimme für diese Zeile</translation>
        </message>
        <message>
            <source>mirror the hands</source>
            <translation>die Hände spiegeln</translation>
        </message>
        <message>
            <source>swell, fade; leave it to the player</source>
            <translation>lauter werden, leiser werden; dem Spieler überlassen</translation>
        </message>
        <message>
            <source>Ctrl R</source>
            <translation>Strg R</translation>
        </message>
        <message>
            <source>repeat the bar or the selection</source>
            <translation>den Takt oder die Auswahl wiederholen</translation>
        </message>
        <message>
            <source>Ctrl C X V</source>
            <translation>Strg C X V</translation>
        </message>
        <message>
            <source>copy, cut, paste</source>
            <translation>kopieren, ausschneiden, einfügen</translation>
        </message>
        <message>
            <source>Ctrl Z Y</source>
            <translation>Strg Z Y</translation>
        </message>
        <message>
            <source>undo, redo</source>
            <translation>zurück, wieder vor</translation>
        </message>
        <message>
            <source>Ctrl P</source>
            <translation>Strg P</translation>
        </message>
        <message>
            <source>hear the bar or the selection</source>
            <translation>den Takt oder die Auswahl hören</translation>
        </message>
        <message>
            <source>Ctrl B</source>
            <translation>Strg B</translation>
        </message>
        <message>
            <source>one bar more, with Shift one less</source>
            <translation>ein Takt mehr, mit Umschalt einer weniger</translation>
        </message>
        <message>
            <source>Shift ← →</source>
            <translation>Umschalt ← →</translation>
        </message>
        <message>
            <source>select</source>
            <translation>auswählen</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>done</source>
            <translation>fertig</translation>
        </message>
        <message>
            <source>beat %1</source>
            <translation>Zählzeit %1</translation>
        </message>
        <message>
            <source>beat %1, part %2</source>
            <translation>Zählzeit %1, Teil %2</translation>
        </message>
        <message>
            <source>the %1 of %2</source>
            <translation>das %1 von %2</translation>
        </message>
        <message>
            <source>bar %1, %2, %3</source>
            <translation>Takt %1, %2, %3</translation>
        </message>
        <message>
            <source>%1: rest</source>
            <translation>%1: Pause</translation>
        </message>
        <message>
            <source>%1: %2 %3</source>
            <translation>%1: %2 %3</translation>
        </message>
        <message>
            <source>choose …</source>
            <translation>wähle …</translation>
        </message>
        <message>
            <source>the other hand leads</source>
            <translation>die andere Hand führt</translation>
        </message>
        <message>
            <source>accent the 1st of 4</source>
            <translation>Akzent auf den 1. von 4</translation>
        </message>
        <message>
            <source>accent the 2nd of 4</source>
            <translation>Akzent auf den 2. von 4</translation>
        </message>
        <message>
            <source>accent the 3rd of 4</source>
            <translation>Akzent auf den 3. von 4</translation>
        </message>
        <message>
            <source>accent the 4th of 4</source>
            <translation>Akzent auf den 4. von 4</translation>
        </message>
        <message>
            <source>accent the 1st of 3</source>
            <translation>Akzent auf den 1. von 3</translation>
        </message>
        <message>
            <source>accents one stroke on</source>
            <translation>Akzente einen Schlag weiter</translation>
        </message>
        <message>
            <source>accents in runs of 4, 3, 2, 1</source>
            <translation>Akzente in Folgen von 4, 3, 2, 1</translation>
        </message>
        <message>
            <source>hands on ride and hi-hat</source>
            <translation>Hände auf Ride und Hi-Hat</translation>
        </message>
        <message>
            <source>accents on the toms</source>
            <translation>Akzente auf den Toms</translation>
        </message>
        <message>
            <source>right hand on the bass drum</source>
            <translation>rechte Hand auf der Bassdrum</translation>
        </message>
        <message>
            <source>all on the pad</source>
            <translation>alles auf dem Pad</translation>
        </message>
        <message>
            <source>4/4 and cut time</source>
            <translation>4/4 und alla breve</translation>
        </message>
        <message>
            <source>count in numbers</source>
            <translation>in Zahlen zählen</translation>
        </message>
        <message>
            <source>two levels or three</source>
            <translation>zwei Stärken oder drei</translation>
        </message>
        <message>
            <source>another exercise behind it …</source>
            <translation>eine andere Übung dahinter …</translation>
        </message>
        <message>
            <source>groups, a roll, pp to ff, tempo, section, feel, words …</source>
            <translation>Gruppen, ein Wirbel, pp bis ff, Tempo, Abschnitt, Feel, Wörter …</translation>
        </message>
        <message>
            <source>One stroke has come.</source>
            <translation>Ein Schlag ist gekommen.</translation>
        </message>
        <message numerus="yes">
            <source>%n strokes have come.</source>
            <translation>
                <numerusform>Ein Schlag ist gekommen.</numerusform>
                <numerusform>%n Schläge sind gekommen.</numerusform>
            </translation>
        </message>
        <message>
            <source>One stroke was heard</source>
            <translation>Ein Schlag war zu hören</translation>
        </message>
        <message numerus="yes">
            <source>%n strokes were heard</source>
            <translation>
                <numerusform>Ein Schlag war zu hören</numerusform>
                <numerusform>%n Schläge waren zu hören</numerusform>
            </translation>
        </message>
        <message>
            <source>A take was interrupted before it was finished. What was recorded can be saved.</source>
            <translation>Ein Take wurde unterbrochen, bevor er fertig war. Was aufgenommen ist, kann gerettet werden.</translation>
        </message>
        <message numerus="yes">
            <source>%n takes were interrupted before they were finished. What was recorded can be saved.</source>
            <translation>
                <numerusform>Ein Take wurde unterbrochen, bevor er fertig war. Was aufgenommen ist, kann gerettet werden.</numerusform>
                <numerusform>%n Takes wurden unterbrochen, bevor sie fertig waren. Was aufgenommen ist, kann gerettet werden.</numerusform>
            </translation>
        </message>
        <message>
            <source>1 bar</source>
            <translation>1 Takt</translation>
        </message>
        <message numerus="yes">
            <source>%n bars</source>
            <translation>
                <numerusform>1 Takt</numerusform>
                <numerusform>%n Takte</numerusform>
            </translation>
        </message>
        <message>
            <source>swung %1 : 1</source>
            <translation>geswingt %1 : 1</translation>
        </message>
        <message>
            <source>two levels</source>
            <translation>zwei Stärken</translation>
        </message>
        <message>
            <source>Timing</source>
            <translation>Timing</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>Swing</source>
            <translation>Swing</translation>
        </message>
        <message>
            <source>Ornaments</source>
            <translation>Verzierungen</translation>
        </message>
        <message>
            <source>left: early, right: late</source>
            <translation>links: früh, rechts: spät</translation>
        </message>
        <message>
            <source>in front: strokes out of their own level</source>
            <translation>vorn: Schläge außerhalb ihrer Stärke</translation>
        </message>
        <message>
            <source>off-beats against their place between the beats</source>
            <translation>Offbeats gegen ihren Platz zwischen den Zählzeiten</translation>
        </message>
        <message>
            <source>grace notes at their distance before the stroke</source>
            <translation>Vorschläge in ihrem Abstand vor dem Schlag</translation>
        </message>
        <message>
            <source>count-in only</source>
            <translation>nur einzählen</translation>
        </message>
        <message>
            <source>every beat</source>
            <translation>jede Zählzeit</translation>
        </message>
        <message>
            <source>two a beat</source>
            <translation>zwei je Zählzeit</translation>
        </message>
        <message>
            <source>two a beat, swung</source>
            <translation>zwei je Zählzeit, geswingt</translation>
        </message>
        <message>
            <source>three a beat</source>
            <translation>drei je Zählzeit</translation>
        </message>
        <message>
            <source>four a beat</source>
            <translation>vier je Zählzeit</translation>
        </message>
        <message>
            <source>four a beat, swung</source>
            <translation>vier je Zählzeit, geswingt</translation>
        </message>
        <message>
            <source>two and four</source>
            <translation>zwei und vier</translation>
        </message>
        <message>
            <source>one only</source>
            <translation>nur die Eins</translation>
        </message>
        <message>
            <source>off-beats</source>
            <translation>Offbeats</translation>
        </message>
        <message>
            <source>a silent bar after three</source>
            <translation>ein stiller Takt nach dreien</translation>
        </message>
        <message>
            <source>every other bar</source>
            <translation>jeder zweite Takt</translation>
        </message>
        <message>
            <source>two silent bars after two</source>
            <translation>zwei stille Takte nach zweien</translation>
        </message>
        <message>
            <source>three silent bars after one</source>
            <translation>drei stille Takte nach einem</translation>
        </message>
        <message>
            <source>1 remark</source>
            <translation>1 Bemerkung</translation>
        </message>
        <message numerus="yes">
            <source>%n remarks</source>
            <translation>
                <numerusform>1 Bemerkung</numerusform>
                <numerusform>%n Bemerkungen</numerusform>
            </translation>
        </message>
        <message>
            <source>last pass: %1, %2 ms %3</source>
            <translation>letzter Durchgang: %1, %2 ms %3</translation>
        </message>
        <message>
            <source>early</source>
            <translation>früh</translation>
        </message>
        <message>
            <source>late</source>
            <translation>spät</translation>
        </message>
        <message>
            <source>last pass: a stroke not heard</source>
            <translation>letzter Durchgang: ein Schlag nicht gehört</translation>
        </message>
        <message numerus="yes">
            <source>last pass: %n strokes not heard</source>
            <translation>
                <numerusform>letzter Durchgang: ein Schlag nicht gehört</numerusform>
                <numerusform>letzter Durchgang: %n Schläge nicht gehört</numerusform>
            </translation>
        </message>
        <message>
            <source>last pass: every stroke within 10 ms</source>
            <translation>letzter Durchgang: jeder Schlag innerhalb von 10 ms</translation>
        </message>
        <message>
            <source>the microphone gives nothing</source>
            <translation>das Mikrofon liefert nichts</translation>
        </message>
        <message>
            <source>try it by itself first</source>
            <translation>probiere es erst für sich allein</translation>
        </message>
        <message>
            <source>the sound device stuttered</source>
            <translation>das Tongerät hat gestockt</translation>
        </message>
        <message>
            <source>try it once more</source>
            <translation>versuche es noch einmal</translation>
        </message>
        <message>
            <source>the round trip of the microphone is not known as it runs now</source>
            <translation>die Laufzeit des Mikrofons, wie es jetzt läuft, ist nicht bekannt</translation>
        </message>
        <message>
            <source>choose the microphone as input, measure its round trip, and come back</source>
            <translation>wähle das Mikrofon als Eingang, miss seine Laufzeit und komm zurück</translation>
        </message>
        <message>
            <source>the input gives nothing</source>
            <translation>der Eingang liefert nichts</translation>
        </message>
        <message>
            <source>choose it once more</source>
            <translation>wähle ihn noch einmal</translation>
        </message>
        <message>
            <source>One take was found in it.</source>
            <translation>Ein Take wurde darin gefunden.</translation>
        </message>
        <message numerus="yes">
            <source>%n takes were found in it.</source>
            <translation>
                <numerusform>Ein Take wurde darin gefunden.</numerusform>
                <numerusform>%n Takes wurden darin gefunden.</numerusform>
            </translation>
        </message>
        <message>
            <source>One take was read again</source>
            <translation>Ein Take wurde wieder eingelesen</translation>
        </message>
        <message numerus="yes">
            <source>%n takes were read again</source>
            <translation>
                <numerusform>Ein Take wurde wieder eingelesen</numerusform>
                <numerusform>%n Takes wurden wieder eingelesen</numerusform>
            </translation>
        </message>
        <message>
            <source>simulated player</source>
            <translation>simulierter Spieler</translation>
        </message>
        <message>
            <source>timed by the click in it</source>
            <translation>nach dem Klick darin gestellt</translation>
        </message>
        <message>
            <source>no placement: the kit's timing was not measured</source>
            <translation>keine Lage: das Timing des Kits wurde nicht gemessen</translation>
        </message>
        <message>
            <source>no placement: the click was not heard</source>
            <translation>keine Lage: der Klick war nicht zu hören</translation>
        </message>
        <message>
            <source>1 double trigger left out</source>
            <translation>1 Doppelauslöser weggelassen</translation>
        </message>
        <message numerus="yes">
            <source>%n double triggers left out</source>
            <translation>
                <numerusform>1 Doppelauslöser weggelassen</numerusform>
                <numerusform>%n Doppelauslöser weggelassen</numerusform>
            </translation>
        </message>
        <message>
            <source>1 shaken pad left out</source>
            <translation>1 mitgeschütteltes Pad weggelassen</translation>
        </message>
        <message numerus="yes">
            <source>%n shaken pads left out</source>
            <translation>
                <numerusform>1 mitgeschütteltes Pad weggelassen</numerusform>
                <numerusform>%n mitgeschüttelte Pads weggelassen</numerusform>
            </translation>
        </message>
        <message>
            <source>The recorder set its own level: loudness is not judged.</source>
            <translation>Das Gerät hat seinen Pegel selbst geregelt: Lautstärke wird nicht beurteilt.</translation>
        </message>
        <message>
            <source>1 sound that is unlike your strokes counts for nothing.</source>
            <translation>1 Klang, der deinen Schlägen nicht gleicht, zählt nicht.</translation>
        </message>
        <message numerus="yes">
            <source>%n sounds that are unlike your strokes count for nothing.</source>
            <translation>
                <numerusform>1 Klang, der deinen Schlägen nicht gleicht, zählt nicht.</numerusform>
                <numerusform>%n Klänge, die deinen Schlägen nicht gleichen, zählen nicht.</numerusform>
            </translation>
        </message>
        <message>
            <source>Not told, for on one microphone it sounds with others: the feel of the %1.</source>
            <translation>Nicht zu sagen, denn auf einem Mikrofon klingt es mit anderem zusammen: das Feel von %1.</translation>
        </message>
        <message>
            <source>no JACK server answers</source>
            <translation>kein JACK-Server antwortet</translation>
        </message>
        <message>
            <source>start it, or choose another input</source>
            <translation>starte ihn oder wähle einen anderen Eingang</translation>
        </message>
        <message>
            <source>the sound server gives no ports</source>
            <translation>der Tonserver gibt keine Anschlüsse</translation>
        </message>
        <message>
            <source>close other sound programs</source>
            <translation>schließe andere Tonprogramme</translation>
        </message>
        <message>
            <source>the input %1 is not there</source>
            <translation>der Eingang %1 ist nicht da</translation>
        </message>
        <message>
            <source>plug it in, or choose another input</source>
            <translation>stecke ihn ein oder wähle einen anderen</translation>
        </message>
        <message>
            <source>the sound server does not start us</source>
            <translation>der Tonserver startet uns nicht</translation>
        </message>
        <message>
            <source>restart the sound server</source>
            <translation>starte den Tonserver neu</translation>
        </message>
        <message>
            <source>PipeWire does not answer</source>
            <translation>PipeWire antwortet nicht</translation>
        </message>
        <message>
            <source>log in again if it should run</source>
            <translation>melde dich neu an, wenn es laufen sollte</translation>
        </message>
        <message>
            <source>PipeWire runs but plays nothing</source>
            <translation>PipeWire läuft, spielt aber nichts</translation>
        </message>
        <message>
            <source>connect a loudspeaker or headphones</source>
            <translation>schließe Lautsprecher oder Kopfhörer an</translation>
        </message>
        <message>
            <source>PipeWire runs but hears no microphone</source>
            <translation>PipeWire läuft, hört aber kein Mikrofon</translation>
        </message>
        <message>
            <source>connect a microphone or an electronic kit</source>
            <translation>schließe ein Mikrofon oder ein elektronisches Kit an</translation>
        </message>
        <message>
            <source>PipeWire does not start us</source>
            <translation>PipeWire startet uns nicht</translation>
        </message>
        <message>
            <source>close other sound programs, or log in again</source>
            <translation>schließe andere Tonprogramme oder melde dich neu an</translation>
        </message>
        <message>
            <source>no PulseAudio server answers</source>
            <translation>kein PulseAudio-Server antwortet</translation>
        </message>
        <message>
            <source>PulseAudio does not start us</source>
            <translation>PulseAudio startet uns nicht</translation>
        </message>
        <message>
            <source>PulseAudio runs but hears no microphone</source>
            <translation>PulseAudio läuft, hört aber kein Mikrofon</translation>
        </message>
        <message>
            <source>connect a microphone</source>
            <translation>schließe ein Mikrofon an</translation>
        </message>
        <message>
            <source>the kit was not taught the %1</source>
            <translation>dem Kit wurde %1 nicht beigebracht</translation>
        </message>
        <message>
            <source>teach every drum of the pattern</source>
            <translation>bringe ihm jede Trommel des Blattes bei</translation>
        </message>
        <message>
            <source>tempo and beat 1 cannot be told: what is heard does not fit the pattern</source>
            <translation>Tempo und Eins lassen sich nicht sagen: was zu hören ist, passt nicht zum Blatt</translation>
        </message>
        <message>
            <source>check the pattern, or give --tempo and --first-beat</source>
            <translation>prüfe das Blatt oder gib --tempo und --first-beat an</translation>
        </message>
        <message>
            <source>check --first-beat and the recording level</source>
            <translation>prüfe --first-beat und den Aufnahmepegel</translation>
        </message>
        <message>
            <source>%1 bars do not fit into it at this tempo</source>
            <translation>%1 Takte passen bei diesem Tempo nicht hinein</translation>
        </message>
        <message>
            <source>use --bars 1 to %1, or leave it out</source>
            <translation>nimm --bars 1 bis %1 oder lass es weg</translation>
        </message>
        <message>
            <source>a range of tempos from %1 cannot be used</source>
            <translation>ein Tempobereich ab %1 ist nicht zu gebrauchen</translation>
        </message>
        <message>
            <source>use --tempo-range LO-HI with 30 to 300, as 80-120</source>
            <translation>nimm --tempo-range VON-BIS mit 30 bis 300, etwa 80-120</translation>
        </message>
        <message>
            <source>no tempo is given</source>
            <translation>kein Tempo ist angegeben</translation>
        </message>
        <message>
            <source>use --tempo BPM or --tempo auto</source>
            <translation>nimm --tempo BPM oder --tempo auto</translation>
        </message>
        <message>
            <source>a tempo of %1 is out of range</source>
            <translation>ein Tempo von %1 liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use --tempo 30 to 300</source>
            <translation>nimm --tempo 30 bis 300</translation>
        </message>
        <message>
            <source>a first beat at %1 cannot be used</source>
            <translation>eine Eins bei %1 ist nicht zu gebrauchen</translation>
        </message>
        <message>
            <source>use --first-beat SECONDS or --first-beat auto</source>
            <translation>nimm --first-beat SEKUNDEN oder --first-beat auto</translation>
        </message>
        <message>
            <source>the first beat lies before the take</source>
            <translation>die Eins liegt vor dem Take</translation>
        </message>
        <message>
            <source>use --first-beat 0 or more</source>
            <translation>nimm --first-beat 0 oder mehr</translation>
        </message>
        <message>
            <source>writing it failed</source>
            <translation>es ließ sich nicht schreiben</translation>
        </message>
        <message>
            <source>free some space or read it to the end</source>
            <translation>schaffe Platz oder lies es bis zum Ende</translation>
        </message>
        <message>
            <source>the folder cannot be made</source>
            <translation>der Ordner lässt sich nicht anlegen</translation>
        </message>
        <message>
            <source>choose a folder you may write to</source>
            <translation>wähle einen Ordner, in den du schreiben darfst</translation>
        </message>
        <message>
            <source>no drum is struck alone and clearly often enough to be learned</source>
            <translation>keine Trommel wird oft genug allein und deutlich geschlagen, um sie zu lernen</translation>
        </message>
        <message>
            <source>strike each one alone at least three times</source>
            <translation>schlage jede allein, mindestens dreimal</translation>
        </message>
        <message>
            <source>a number of the learner is out of range</source>
            <translation>eine Zahl des Lernenden liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>see docs/formats/learner.md</source>
            <translation>siehe docs/formats/learner.md</translation>
        </message>
        <message>
            <source>a limit of %1 for "%2" is out of range</source>
            <translation>eine Grenze von %1 für „%2“ liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use %1 to %2</source>
            <translation>nimm %1 bis %2</translation>
        </message>
        <message>
            <source>bars %1 to %2</source>
            <translation>Takte %1 bis %2</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 und %2</translation>
        </message>
        <message>
            <source>from %1 on</source>
            <translation>ab %1</translation>
        </message>
        <message>
            <source>%1 into %2</source>
            <translation>%1 in %2</translation>
        </message>
        <message>
            <source>one beat from beat %1</source>
            <translation>eine Zählzeit ab Zählzeit %1</translation>
        </message>
        <message numerus="yes">
            <source>%n beats from beat %1</source>
            <translation>
                <numerusform>eine Zählzeit ab Zählzeit %1</numerusform>
                <numerusform>%n Zählzeiten ab Zählzeit %1</numerusform>
            </translation>
        </message>
        <message>
            <source>one beat from beat %1 of bar %2</source>
            <translation>eine Zählzeit ab Zählzeit %1 von Takt %2</translation>
        </message>
        <message numerus="yes">
            <source>%n beats from beat %1 of bar %2</source>
            <translation>
                <numerusform>eine Zählzeit ab Zählzeit %1 von Takt %2</numerusform>
                <numerusform>%n Zählzeiten ab Zählzeit %1 von Takt %2</numerusform>
            </translation>
        </message>
        <message>
            <source>the bar alone</source>
            <translation>der Takt allein</translation>
        </message>
        <message>
            <source>a bar of groove, then the bar</source>
            <translation>ein Takt Groove, dann der Takt</translation>
        </message>
        <message numerus="yes">
            <source>%n bars of groove, then the bar</source>
            <translation>
                <numerusform>ein Takt Groove, dann der Takt</numerusform>
                <numerusform>%n Takte Groove, dann der Takt</numerusform>
            </translation>
        </message>
        <message>
            <source>the first %1 notes</source>
            <translation>die ersten %1 Noten</translation>
        </message>
        <message>
            <source>what keeps on</source>
            <translation>was durchläuft</translation>
        </message>
        <message>
            <source>the bar at half speed</source>
            <translation>der Takt in halbem Tempo</translation>
        </message>
        <message>
            <source>bar %1 at half speed</source>
            <translation>Takt %1 in halbem Tempo</translation>
        </message>
        <message>
            <source>the bar at full speed</source>
            <translation>der Takt in vollem Tempo</translation>
        </message>
        <message>
            <source>bar %1 at full speed</source>
            <translation>Takt %1 in vollem Tempo</translation>
        </message>
        <message>
            <source>bars 1 to %1</source>
            <translation>Takte 1 bis %1</translation>
        </message>
        <message>
            <source>the spot and a bar of rest, half as fast</source>
            <translation>die Stelle und ein Takt Pause, halb so schnell</translation>
        </message>
        <message>
            <source>the spot and a bar of rest</source>
            <translation>die Stelle und ein Takt Pause</translation>
        </message>
        <message>
            <source>the spot, round and round</source>
            <translation>die Stelle, rundherum</translation>
        </message>
        <message>
            <source>its bar</source>
            <translation>ihr Takt</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>singles</source>
            <translation>Einzelschläge</translation>
        </message>
        <message>
            <source>doubles</source>
            <translation>Doppelschläge</translation>
        </message>
        <message>
            <source>a bar of each</source>
            <translation>ein Takt von jedem</translation>
        </message>
        <message>
            <source>half a bar of each</source>
            <translation>ein halber Takt von jedem</translation>
        </message>
        <message>
            <source>%1 percent of the tempo</source>
            <translation>%1 Prozent des Tempos</translation>
        </message>
        <message>
            <source>as written</source>
            <translation>wie geschrieben</translation>
        </message>
        <message>
            <source>a bar written, a bar free</source>
            <translation>ein Takt geschrieben, ein Takt frei</translation>
        </message>
        <message numerus="yes">
            <source>%n bars written, as many free</source>
            <translation>
                <numerusform>ein Takt geschrieben, ein Takt frei</numerusform>
                <numerusform>%n Takte geschrieben, ebenso viele frei</numerusform>
            </translation>
        </message>
        <message>
            <source>use 30 to 300 beats per minute</source>
            <translation>nimm 30 bis 300 Zählzeiten in der Minute</translation>
        </message>
        <message>
            <source>the meter is not supported</source>
            <translation>die Taktart wird nicht unterstützt</translation>
        </message>
        <message>
            <source>choose another meter</source>
            <translation>wähle eine andere Taktart</translation>
        </message>
        <message>
            <source>a count-in of %1 bars is out of range</source>
            <translation>ein Einzähler von %1 Takten liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use 0 to 4</source>
            <translation>nimm 0 bis 4</translation>
        </message>
        <message>
            <source>%1 clicks per beat is out of range</source>
            <translation>%1 Klicks je Zählzeit liegen außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use 1 to 8</source>
            <translation>nimm 1 bis 8</translation>
        </message>
        <message>
            <source>a swing of %1 is out of range</source>
            <translation>ein Swing von %1 liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use 0.5 to 4</source>
            <translation>nimm 0,5 bis 4</translation>
        </message>
        <message>
            <source>the silent bars are out of range</source>
            <translation>die stillen Takte liegen außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use 1 to 64 bars on and 0 to 64 off</source>
            <translation>nimm 1 bis 64 Takte mit und 0 bis 64 ohne</translation>
        </message>
        <message>
            <source>pure tone</source>
            <translation>reiner Ton</translation>
        </message>
        <message>
            <source>low tone</source>
            <translation>tiefer Ton</translation>
        </message>
        <message>
            <source>reed</source>
            <translation>Rohrblatt</translation>
        </message>
        <message>
            <source>chirp</source>
            <translation>Zirpen</translation>
        </message>
        <message>
            <source>a stroke does not fall on %1 parts</source>
            <translation>ein Schlag fällt nicht auf %1 Teile</translation>
        </message>
        <message>
            <source>remove it or divide otherwise</source>
            <translation>entferne ihn oder teile anders</translation>
        </message>
        <message>
            <source>the meter changes at bar %1</source>
            <translation>die Taktart wechselt in Takt %1</translation>
        </message>
        <message>
            <source>let it change from bar 2 to the last, each bar once and in order</source>
            <translation>lass sie von Takt 2 bis zum letzten wechseln, jeden Takt einmal und der Reihe nach</translation>
        </message>
        <message>
            <source>the meter %1 is not supported</source>
            <translation>die Taktart %1 wird nicht unterstützt</translation>
        </message>
        <message>
            <source>use 1 to 15 over 2, 4, 8 or 16</source>
            <translation>nimm 1 bis 15 über 2, 4, 8 oder 16</translation>
        </message>
        <message>
            <source>a name, the tags or the counting words are too long</source>
            <translation>ein Name, die Schlagworte oder die Zählwörter sind zu lang</translation>
        </message>
        <message>
            <source>shorten them: names to 1000 letters, words to 40</source>
            <translation>kürze sie: Namen auf 1000 Buchstaben, Wörter auf 40</translation>
        </message>
        <message>
            <source>the exercise has no id</source>
            <translation>die Übung hat keine Kennung</translation>
        </message>
        <message>
            <source>give it a short name</source>
            <translation>gib ihr einen kurzen Namen</translation>
        </message>
        <message>
            <source>the phrase has %1 bars</source>
            <translation>das Blatt hat %1 Takte</translation>
        </message>
        <message>
            <source>use 1 to %1</source>
            <translation>nimm 1 bis %1</translation>
        </message>
        <message>
            <source>a tempo of %1 to %2 is out of range</source>
            <translation>ein Tempo von %1 bis %2 liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>the goal tempo is below the start tempo</source>
            <translation>das Zieltempo liegt unter dem Anfangstempo</translation>
        </message>
        <message>
            <source>raise the goal</source>
            <translation>setze das Ziel höher</translation>
        </message>
        <message>
            <source>a tempo step of %1 makes no ladder</source>
            <translation>ein Temposchritt von %1 ergibt keine Leiter</translation>
        </message>
        <message>
            <source>a swing ratio of %1 is out of range</source>
            <translation>ein Swingverhältnis von %1 liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>a free span lies outside the phrase</source>
            <translation>eine freie Stelle liegt außerhalb des Blattes</translation>
        </message>
        <message>
            <source>let it begin before it ends, inside the bars</source>
            <translation>lass sie vor ihrem Ende beginnen, innerhalb der Takte</translation>
        </message>
        <message>
            <source>a free span asks for %1 notes</source>
            <translation>eine freie Stelle verlangt %1 Noten</translation>
        </message>
        <message>
            <source>use 1 to %1, or any number</source>
            <translation>nimm 1 bis %1 oder beliebig viele</translation>
        </message>
        <message>
            <source>a crescendo lies outside the phrase</source>
            <translation>ein Crescendo liegt außerhalb des Blattes</translation>
        </message>
        <message>
            <source>a crescendo is louder or softer than can be</source>
            <translation>ein Crescendo ist lauter oder leiser, als es sein kann</translation>
        </message>
        <message>
            <source>use levels from -60 to 12 dB</source>
            <translation>nimm Pegel von -60 bis 12 dB</translation>
        </message>
        <message>
            <source>the strokes of a beat stand on no common grid</source>
            <translation>die Schläge einer Zählzeit stehen auf keinem gemeinsamen Raster</translation>
        </message>
        <message>
            <source>move them to one</source>
            <translation>rücke sie auf eines</translation>
        </message>
        <message>
            <source>no stroke is written</source>
            <translation>kein Schlag ist geschrieben</translation>
        </message>
        <message>
            <source>write at least one</source>
            <translation>schreibe mindestens einen</translation>
        </message>
        <message>
            <source>more strokes than a phrase can hold</source>
            <translation>mehr Schläge, als ein Blatt fassen kann</translation>
        </message>
        <message>
            <source>shorten it</source>
            <translation>kürze es</translation>
        </message>
        <message>
            <source>a stroke lies outside the phrase</source>
            <translation>ein Schlag liegt außerhalb des Blattes</translation>
        </message>
        <message>
            <source>move it or add bars</source>
            <translation>verschiebe ihn oder füge Takte an</translation>
        </message>
        <message>
            <source>two strokes of the %1 fall together</source>
            <translation>zwei Schläge von %1 fallen zusammen</translation>
        </message>
        <message>
            <source>give one to another limb or move it</source>
            <translation>gib einen davon einer anderen Gliedmaße oder verschiebe ihn</translation>
        </message>
        <message>
            <source>two strokes on the %1 fall together</source>
            <translation>zwei Schläge auf %1 fallen zusammen</translation>
        </message>
        <message>
            <source>write a flam or remove one</source>
            <translation>schreibe einen Flam oder entferne einen</translation>
        </message>
        <message>
            <source>section %1 is as %2, which does not come before it</source>
            <translation>Abschnitt %1 ist wie %2, der nicht davor steht</translation>
        </message>
        <message>
            <source>name an earlier section</source>
            <translation>nenne einen früheren Abschnitt</translation>
        </message>
        <message>
            <source>section %1 has bars of its own that it does not hold</source>
            <translation>Abschnitt %1 hat eigene Takte, die er nicht enthält</translation>
        </message>
        <message>
            <source>count them from 1, in order, in a section that is as another</source>
            <translation>zähle sie ab 1, der Reihe nach, in einem Abschnitt, der wie ein anderer ist</translation>
        </message>
        <message>
            <source>this bar follows no other</source>
            <translation>dieser Takt folgt keinem anderen</translation>
        </message>
        <message>
            <source>say what its section is as</source>
            <translation>sage, wie sein Abschnitt ist</translation>
        </message>
        <message>
            <source>this bar lies in no section</source>
            <translation>dieser Takt liegt in keinem Abschnitt</translation>
        </message>
        <message>
            <source>begin one: section B</source>
            <translation>beginne einen: section B</translation>
        </message>
        <message>
            <source>this is neither a setting nor a row</source>
            <translation>das ist weder eine Einstellung noch eine Zeile</translation>
        </message>
        <message>
            <source>write "key: value" or "voice | R.R. ... |"</source>
            <translation>schreibe „key: value“ oder „voice | R.R. ... |“</translation>
        </message>
        <message>
            <source>"%1" is not known</source>
            <translation>„%1“ ist nicht bekannt</translation>
        </message>
        <message>
            <source>use id, title, trains, tags, bars, meter, section, follows, numbered, tempo, held, feel, placed, levels, count, swell or free</source>
            <translation>nimm id, title, trains, tags, bars, meter, section, follows, numbered, tempo, held, feel, placed, levels, count, swell oder free</translation>
        </message>
        <message>
            <source>this is no number of bars</source>
            <translation>das ist keine Anzahl von Takten</translation>
        </message>
        <message>
            <source>this is no meter</source>
            <translation>das ist keine Taktart</translation>
        </message>
        <message>
            <source>write it as 4/4, or as 7/8 from bar 3, before the rows</source>
            <translation>schreibe 4/4 oder 7/8 from bar 3, vor den Zeilen</translation>
        </message>
        <message>
            <source>this is no feel</source>
            <translation>das ist kein Feel</translation>
        </message>
        <message>
            <source>write straight, swing eighths 2 or swing sixteenths by tempo</source>
            <translation>schreibe straight, swing eighths 2 oder swing sixteenths by tempo</translation>
        </message>
        <message>
            <source>this is no placement</source>
            <translation>das ist keine Lage</translation>
        </message>
        <message>
            <source>write it as snare 8 ms behind, or all 2 % ahead</source>
            <translation>schreibe snare 8 ms behind oder all 2 % ahead</translation>
        </message>
        <message>
            <source>this is no number of levels</source>
            <translation>das ist keine Anzahl von Stärken</translation>
        </message>
        <message>
            <source>write two or three</source>
            <translation>schreibe two oder three</translation>
        </message>
        <message>
            <source>this is no span</source>
            <translation>das ist keine Spanne</translation>
        </message>
        <message>
            <source>write it as 0 to 4, in quarter notes</source>
            <translation>schreibe 0 to 4, in Vierteln</translation>
        </message>
        <message>
            <source>this is no free span</source>
            <translation>das ist keine freie Stelle</translation>
        </message>
        <message>
            <source>write it as 4 to 8, or 4 to 8, 6 notes</source>
            <translation>schreibe 4 to 8 oder 4 to 8, 6 notes</translation>
        </message>
        <message>
            <source>this is no swell</source>
            <translation>das ist kein Crescendo</translation>
        </message>
        <message>
            <source>write it as 0 to 4, -20 to 0 dB</source>
            <translation>schreibe 0 to 4, -20 to 0 dB</translation>
        </message>
        <message>
            <source>"%1" is no voice</source>
            <translation>„%1“ ist keine Stimme</translation>
        </message>
        <message>
            <source>use snare, bass drum, hi-hat, pad ...</source>
            <translation>nimm snare, bass drum, hi-hat, pad ...</translation>
        </message>
        <message>
            <source>more bars than a phrase can hold</source>
            <translation>mehr Takte, als ein Blatt fassen kann</translation>
        </message>
        <message>
            <source>use %1 or fewer</source>
            <translation>nimm %1 oder weniger</translation>
        </message>
        <message>
            <source>the bar has %1 beats, %2 belong in %3</source>
            <translation>der Takt hat %1 Zählzeiten, %2 gehören in %3</translation>
        </message>
        <message>
            <source>write one word a beat</source>
            <translation>schreibe ein Wort je Zählzeit</translation>
        </message>
        <message>
            <source>this is no beat</source>
            <translation>das ist keine Zählzeit</translation>
        </message>
        <message>
            <source>use . R L F H and &gt; ( ) f d u z !</source>
            <translation>nimm . R L F H und &gt; ( ) f d u z !</translation>
        </message>
        <message>
            <source>this is no way of counting</source>
            <translation>das ist keine Zählweise</translation>
        </message>
        <message>
            <source>write letters, numbers or your own words, * for the number</source>
            <translation>schreibe letters, numbers oder eigene Wörter, * für die Zahl</translation>
        </message>
        <message>
            <source>this is no section</source>
            <translation>das ist kein Abschnitt</translation>
        </message>
        <message>
            <source>write it as B from bar 17</source>
            <translation>schreibe B from bar 17</translation>
        </message>
        <message>
            <source>this is no section that is as another</source>
            <translation>das ist kein Abschnitt, der wie ein anderer ist</translation>
        </message>
        <message>
            <source>write it behind the sections, as bar 33 as verse 1, or bar 33 but 48 as verse 1</source>
            <translation>schreibe es hinter die Abschnitte, als bar 33 as verse 1 oder bar 33 but 48 as verse 1</translation>
        </message>
        <message>
            <source>bar %1 is written as the same, but follows no other</source>
            <translation>Takt %1 ist als gleich geschrieben, folgt aber keinem anderen</translation>
        </message>
        <message>
            <source>say so above: follows: bar 33 as verse 1</source>
            <translation>sage es oben: follows: bar 33 as verse 1</translation>
        </message>
        <message>
            <source>bar %1 is written as the same and has strokes, too</source>
            <translation>Takt %1 ist als gleich geschrieben und hat auch Schläge</translation>
        </message>
        <message>
            <source>write = in every row, or in none</source>
            <translation>schreibe = in jede Zeile oder in keine</translation>
        </message>
        <message>
            <source>this is no number for bars</source>
            <translation>das ist keine Zahl für Takte</translation>
        </message>
        <message>
            <source>write it as from 17</source>
            <translation>schreibe from 17</translation>
        </message>
        <message>
            <source>this is no tempo plan and no change of tempo</source>
            <translation>das ist weder ein Tempoplan noch ein Tempowechsel</translation>
        </message>
        <message>
            <source>write 60 to 112 by 4, 80 % from bar 9 or 70 % over bars 15 to 16</source>
            <translation>schreibe 60 to 112 by 4, 80 % from bar 9 oder 70 % over bars 15 to 16</translation>
        </message>
        <message>
            <source>this is no held bar</source>
            <translation>das ist kein gehaltener Takt</translation>
        </message>
        <message>
            <source>write it as bar 16 by 2, in beats</source>
            <translation>schreibe bar 16 by 2, in Zählzeiten</translation>
        </message>
        <message>
            <source>"%1" is no stroke</source>
            <translation>„%1“ ist kein Schlag</translation>
        </message>
        <message>
            <source>use R L F H . &gt; ( ) f d u z !</source>
            <translation>nimm R L F H . &gt; ( ) f d u z !</translation>
        </message>
        <message>
            <source>snare</source>
            <translation>Snare</translation>
        </message>
        <message>
            <source>rim shot</source>
            <translation>Rimshot</translation>
        </message>
        <message>
            <source>cross-stick</source>
            <translation>Cross-Stick</translation>
        </message>
        <message>
            <source>snare edge</source>
            <translation>Snare-Rand</translation>
        </message>
        <message>
            <source>bass drum</source>
            <translation>Bassdrum</translation>
        </message>
        <message>
            <source>hi-hat</source>
            <translation>Hi-Hat</translation>
        </message>
        <message>
            <source>loose hi-hat</source>
            <translation>lose Hi-Hat</translation>
        </message>
        <message>
            <source>open hi-hat</source>
            <translation>offene Hi-Hat</translation>
        </message>
        <message>
            <source>foot hi-hat</source>
            <translation>getretene Hi-Hat</translation>
        </message>
        <message>
            <source>ride</source>
            <translation>Ride</translation>
        </message>
        <message>
            <source>ride bell</source>
            <translation>Ride-Kuppe</translation>
        </message>
        <message>
            <source>crash</source>
            <translation>Crash</translation>
        </message>
        <message>
            <source>high tom</source>
            <translation>hohes Tom</translation>
        </message>
        <message>
            <source>middle tom</source>
            <translation>mittleres Tom</translation>
        </message>
        <message>
            <source>low tom</source>
            <translation>tiefes Tom</translation>
        </message>
        <message>
            <source>pad</source>
            <translation>Pad</translation>
        </message>
        <message>
            <source>choked crash</source>
            <translation>gestopptes Crash</translation>
        </message>
        <message>
            <source>right hand</source>
            <translation>rechte Hand</translation>
        </message>
        <message>
            <source>left hand</source>
            <translation>linke Hand</translation>
        </message>
        <message>
            <source>right foot</source>
            <translation>rechter Fuß</translation>
        </message>
        <message>
            <source>left foot</source>
            <translation>linker Fuß</translation>
        </message>
        <message>
            <source>ghost</source>
            <translation>Ghost</translation>
        </message>
        <message>
            <source>tap</source>
            <translation>Tap</translation>
        </message>
        <message>
            <source>accent</source>
            <translation>Akzent</translation>
        </message>
        <message>
            <source>"%1" is farther from the click than can be asked</source>
            <translation>„%1“ liegt weiter vom Klick, als man verlangen kann</translation>
        </message>
        <message>
            <source>ask for at most %1 ms or %2 % of a beat</source>
            <translation>verlange höchstens %1 ms oder %2 % einer Zählzeit</translation>
        </message>
        <message>
            <source>the placement of the %1 is asked for twice</source>
            <translation>die Lage von %1 wird zweimal verlangt</translation>
        </message>
        <message>
            <source>ask once for each voice</source>
            <translation>verlange sie je Stimme einmal</translation>
        </message>
        <message>
            <source>a first bar numbered %1 is out of range</source>
            <translation>ein erster Takt mit der Nummer %1 liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use 0 to %1</source>
            <translation>nimm 0 bis %1</translation>
        </message>
        <message>
            <source>the piece has too many sections</source>
            <translation>das Stück hat zu viele Abschnitte</translation>
        </message>
        <message>
            <source>use up to %1</source>
            <translation>nimm höchstens %1</translation>
        </message>
        <message>
            <source>section %1 begins at no bar of its own</source>
            <translation>Abschnitt %1 beginnt mit keinem eigenen Takt</translation>
        </message>
        <message>
            <source>let sections begin inside the piece, each behind the one before</source>
            <translation>lass Abschnitte im Stück beginnen, jeden hinter dem vorigen</translation>
        </message>
        <message>
            <source>the section at bar %1 has no name that can be shown</source>
            <translation>der Abschnitt bei Takt %1 hat keinen Namen, der sich zeigen lässt</translation>
        </message>
        <message>
            <source>use 1 to %1 letters</source>
            <translation>nimm 1 bis %1 Buchstaben</translation>
        </message>
        <message>
            <source>the tempo changes at bar %1</source>
            <translation>das Tempo wechselt in Takt %1</translation>
        </message>
        <message>
            <source>let changes lie inside the piece, each behind the one before</source>
            <translation>lass Wechsel im Stück liegen, jeden hinter dem vorigen</translation>
        </message>
        <message>
            <source>a tempo of %1 % of the page's is out of range</source>
            <translation>ein Tempo von %1 % des Blattes liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use 25 to 400 %</source>
            <translation>nimm 25 bis 400 %</translation>
        </message>
        <message>
            <source>bar %1 cannot be held like that</source>
            <translation>Takt %1 lässt sich so nicht halten</translation>
        </message>
        <message>
            <source>hold bars of the piece, each once and in order, by up to 16 beats</source>
            <translation>halte Takte des Stücks, jeden einmal und der Reihe nach, um höchstens 16 Zählzeiten</translation>
        </message>
        <message>
            <source>a group needs 1 to 64 steps</source>
            <translation>eine Gruppe braucht 1 bis 64 Schritte</translation>
        </message>
        <message>
            <source>write the groups as 5+3+5+3</source>
            <translation>schreibe die Gruppen als 5+3+5+3</translation>
        </message>
        <message>
            <source>the groups fill %1 steps, %2 too few for the next bar</source>
            <translation>die Gruppen füllen %1 Schritte, %2 zu wenig für den nächsten Takt</translation>
        </message>
        <message>
            <source>let them add up to %1</source>
            <translation>lass sie %1 ergeben</translation>
        </message>
        <message>
            <source>%1 strokes are no roll</source>
            <translation>%1 Schläge sind kein Wirbel</translation>
        </message>
        <message>
            <source>use 3 to 33</source>
            <translation>nimm 3 bis 33</translation>
        </message>
        <message>
            <source>a roll of %1 strokes does not fit here</source>
            <translation>ein Wirbel von %1 Schlägen passt hier nicht hin</translation>
        </message>
        <message>
            <source>start earlier or add a bar</source>
            <translation>beginne früher oder füge einen Takt an</translation>
        </message>
        <message>
            <source>no ornaments</source>
            <translation>keine Verzierungen</translation>
        </message>
        <message>
            <source>no ghosts</source>
            <translation>keine Ghosts</translation>
        </message>
        <message>
            <source>cymbal in beats</source>
            <translation>Becken in Zählzeiten</translation>
        </message>
        <message>
            <source>single strokes for doubles</source>
            <translation>Einzelschläge statt Doppelschlägen</translation>
        </message>
        <message>
            <source>use another</source>
            <translation>nimm ein anderes</translation>
        </message>
        <message>
            <source>%1 bars of %2 do not fill whole bars of %3</source>
            <translation>%1 Takte %2 füllen keine ganzen Takte %3</translation>
        </message>
        <message>
            <source>change the number of bars first</source>
            <translation>ändere zuerst die Anzahl der Takte</translation>
        </message>
        <message>
            <source>bar %1 in %2 is not supported</source>
            <translation>Takt %1 in %2 wird nicht unterstützt</translation>
        </message>
        <message>
            <source>use another meter</source>
            <translation>nimm eine andere Taktart</translation>
        </message>
        <message>
            <source>the first bar says which beats the tempo counts</source>
            <translation>der erste Takt sagt, welche Zählzeiten das Tempo zählt</translation>
        </message>
        <message>
            <source>change the meter of the whole phrase</source>
            <translation>ändere die Taktart des ganzen Blattes</translation>
        </message>
        <message>
            <source>bar %1 holds more strokes than %2 has room for</source>
            <translation>Takt %1 enthält mehr Schläge, als %2 Platz hat</translation>
        </message>
        <message>
            <source>remove them first</source>
            <translation>entferne sie zuerst</translation>
        </message>
        <message>
            <source>"%1" counts other beats than the form</source>
            <translation>„%1“ zählt andere Zählzeiten als die Form</translation>
        </message>
        <message>
            <source>let the form begin with the section whose beats the tempo counts</source>
            <translation>lass die Form mit dem Abschnitt beginnen, dessen Zählzeiten das Tempo zählt</translation>
        </message>
        <message>
            <source>the form is longer than a phrase can be</source>
            <translation>die Form ist länger, als ein Blatt sein kann</translation>
        </message>
        <message>
            <source>use up to %1 bars</source>
            <translation>nimm höchstens %1 Takte</translation>
        </message>
        <message>
            <source>%1 is %2</source>
            <translation>%1 ist %2</translation>
        </message>
        <message>
            <source>too few of the sounds are heard clearly</source>
            <translation>zu wenige der Klänge sind deutlich zu hören</translation>
        </message>
        <message>
            <source>go closer, turn it up, or wait until the room is quieter</source>
            <translation>geh näher heran, dreh lauter oder warte, bis der Raum stiller ist</translation>
        </message>
        <message>
            <source>the sounds come at different times</source>
            <translation>die Klänge kommen zu verschiedenen Zeiten</translation>
        </message>
        <message>
            <source>close other sound programs and try it once more</source>
            <translation>schließe andere Tonprogramme und versuche es noch einmal</translation>
        </message>
        <message>
            <source>the recording ended too early</source>
            <translation>die Aufnahme endete zu früh</translation>
        </message>
        <message>
            <source>the microphone is overdriven</source>
            <translation>das Mikrofon ist übersteuert</translation>
        </message>
        <message>
            <source>turn it down, or go further away</source>
            <translation>drehe es zu oder geh weiter weg</translation>
        </message>
        <message>
            <source>the sounds are not heard</source>
            <translation>die Klänge sind nicht zu hören</translation>
        </message>
        <message>
            <source>bring the microphone to the headphone or loudspeaker, or turn it up</source>
            <translation>bring das Mikrofon an den Kopfhörer oder Lautsprecher oder dreh lauter</translation>
        </message>
        <message>
            <source>a first beat at %1 s lies in no take</source>
            <translation>eine Eins bei %1 s liegt in keinem Take</translation>
        </message>
        <message>
            <source>a latency of %1 s is out of range</source>
            <translation>eine Laufzeit von %1 s liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>%1 bars are in no take</source>
            <translation>%1 Takte sind in keinem Take</translation>
        </message>
        <message>
            <source>a damaged span is no span</source>
            <translation>eine beschädigte Stelle ist keine Spanne</translation>
        </message>
        <message>
            <source>a sample rate of %1 Hz is out of range</source>
            <translation>eine Abtastrate von %1 Hz liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>use 8 to 192 kHz</source>
            <translation>nimm 8 bis 192 kHz</translation>
        </message>
        <message>
            <source>no take lasts %1 s</source>
            <translation>kein Take dauert %1 s</translation>
        </message>
        <message>
            <source>the file is damaged: restore it from a copy</source>
            <translation>die Datei ist beschädigt: stelle sie aus einer Kopie wieder her</translation>
        </message>
        <message>
            <source>"%1" is not a position</source>
            <translation>„%1“ ist keine Stelle</translation>
        </message>
        <message>
            <source>write it as 3 or 11/4 quarter notes</source>
            <translation>schreibe sie als 3 oder 11/4 Viertel</translation>
        </message>
        <message>
            <source>no note came</source>
            <translation>keine Note kam</translation>
        </message>
        <message>
            <source>play a pad, twelve single strokes</source>
            <translation>spiele ein Pad, zwölf einzelne Schläge</translation>
        </message>
        <message>
            <source>the microphone hears too few of the strokes by themselves</source>
            <translation>das Mikrofon hört zu wenige der Schläge für sich</translation>
        </message>
        <message>
            <source>hold it to the pad, and strike twelve times with a second between</source>
            <translation>halte es ans Pad und schlage zwölfmal, mit einer Sekunde dazwischen</translation>
        </message>
        <message>
            <source>the notes come at different times</source>
            <translation>die Noten kommen zu verschiedenen Zeiten</translation>
        </message>
        <message>
            <source>use another cable or port, and try it once more</source>
            <translation>nimm ein anderes Kabel oder einen anderen Anschluss und versuche es noch einmal</translation>
        </message>
        <message>
            <source>it cannot be written (%1)</source>
            <translation>es lässt sich nicht schreiben (%1)</translation>
        </message>
        <message>
            <source>name a file or -</source>
            <translation>nenne eine Datei oder -</translation>
        </message>
        <message>
            <source>writing it failed (%1)</source>
            <translation>es ließ sich nicht schreiben (%1)</translation>
        </message>
        <message>
            <source>a folder, a device or a pipe stands there</source>
            <translation>dort steht ein Ordner, ein Gerät oder eine Pipe</translation>
        </message>
        <message>
            <source>name a file</source>
            <translation>nenne eine Datei</translation>
        </message>
        <message>
            <source>a folder stands there</source>
            <translation>dort steht ein Ordner</translation>
        </message>
        <message>
            <source>free some space or choose another folder</source>
            <translation>schaffe Platz oder wähle einen anderen Ordner</translation>
        </message>
        <message>
            <source>there is no such file</source>
            <translation>es gibt keine solche Datei</translation>
        </message>
        <message>
            <source>check the name</source>
            <translation>prüfe den Namen</translation>
        </message>
        <message>
            <source>this is not a file</source>
            <translation>das ist keine Datei</translation>
        </message>
        <message>
            <source>it cannot be opened</source>
            <translation>sie lässt sich nicht öffnen</translation>
        </message>
        <message>
            <source>check who may read it</source>
            <translation>prüfe, wer sie lesen darf</translation>
        </message>
        <message>
            <source>it cannot be read to its end</source>
            <translation>sie lässt sich nicht bis zum Ende lesen</translation>
        </message>
        <message>
            <source>copy it again</source>
            <translation>kopiere sie noch einmal</translation>
        </message>
        <message>
            <source>it is larger than %1 MB</source>
            <translation>sie ist größer als %1 MB</translation>
        </message>
        <message>
            <source>check that it is the right file</source>
            <translation>prüfe, ob es die richtige Datei ist</translation>
        </message>
        <message>
            <source>its sample rate is %1 Hz</source>
            <translation>ihre Abtastrate ist %1 Hz</translation>
        </message>
        <message>
            <source>it has %1 channels</source>
            <translation>sie hat %1 Kanäle</translation>
        </message>
        <message>
            <source>it holds no sound</source>
            <translation>sie enthält keinen Ton</translation>
        </message>
        <message>
            <source>record it again or choose another</source>
            <translation>nimm neu auf oder wähle eine andere</translation>
        </message>
        <message>
            <source>it is %1 long</source>
            <translation>sie ist %1 lang</translation>
        </message>
        <message>
            <source>cut it to two hours or less</source>
            <translation>kürze sie auf zwei Stunden oder weniger</translation>
        </message>
        <message>
            <source>name a recording</source>
            <translation>nenne eine Aufnahme</translation>
        </message>
        <message>
            <source>the file is empty</source>
            <translation>die Datei ist leer</translation>
        </message>
        <message>
            <source>this is not a recording that can be read</source>
            <translation>das ist keine Aufnahme, die sich lesen lässt</translation>
        </message>
        <message>
            <source>use WAV, FLAC, Ogg, MP3, M4A or a video with sound</source>
            <translation>nimm WAV, FLAC, Ogg, MP3, M4A oder ein Video mit Ton</translation>
        </message>
        <message>
            <source>the file breaks off after %1 of %2 s</source>
            <translation>die Datei bricht nach %1 von %2 s ab</translation>
        </message>
        <message>
            <source>use the complete recording</source>
            <translation>nimm die vollständige Aufnahme</translation>
        </message>
        <message>
            <source>it cannot be written</source>
            <translation>es lässt sich nicht schreiben</translation>
        </message>
        <message>
            <source>the recording cannot be written there</source>
            <translation>die Aufnahme lässt sich dort nicht schreiben</translation>
        </message>
        <message>
            <source>is not known</source>
            <translation>ist nicht bekannt</translation>
        </message>
        <message>
            <source>use none, eighth or sixteenth</source>
            <translation>nimm none, eighth oder sixteenth</translation>
        </message>
        <message>
            <source>is one stroke too many</source>
            <translation>ist ein Schlag zu viel</translation>
        </message>
        <message>
            <source>is no list of bars</source>
            <translation>ist keine Liste von Takten</translation>
        </message>
        <message>
            <source>holds no words</source>
            <translation>enthält keine Wörter</translation>
        </message>
        <message>
            <source>there is no such recording</source>
            <translation>es gibt keine solche Aufnahme</translation>
        </message>
        <message>
            <source>nothing can be saved of it</source>
            <translation>nichts davon lässt sich retten</translation>
        </message>
        <message>
            <source>delete it</source>
            <translation>lösche sie</translation>
        </message>
        <message>
            <source>is missing</source>
            <translation>fehlt</translation>
        </message>
        <message>
            <source>is not a text</source>
            <translation>ist kein Text</translation>
        </message>
        <message>
            <source>is longer than 4000 letters</source>
            <translation>ist länger als 4000 Buchstaben</translation>
        </message>
        <message>
            <source>is not a number</source>
            <translation>ist keine Zahl</translation>
        </message>
        <message>
            <source>is not a finite number</source>
            <translation>ist keine endliche Zahl</translation>
        </message>
        <message>
            <source>is not a whole number</source>
            <translation>ist keine ganze Zahl</translation>
        </message>
        <message>
            <source>is neither true nor false</source>
            <translation>ist weder true noch false</translation>
        </message>
        <message>
            <source>mend the file or choose another</source>
            <translation>bessere die Datei aus oder wähle eine andere</translation>
        </message>
        <message>
            <source>"%1" %2</source>
            <translation>„%1“ %2</translation>
        </message>
        <message>
            <source>it is nested too deeply or holds impossible values</source>
            <translation>sie ist zu tief verschachtelt oder enthält unmögliche Werte</translation>
        </message>
        <message>
            <source>choose another file</source>
            <translation>wähle eine andere Datei</translation>
        </message>
        <message>
            <source>it is not JSON (line %1)</source>
            <translation>sie ist kein JSON (Zeile %1)</translation>
        </message>
        <message>
            <source>it was written by a newer Upbeat Check</source>
            <translation>sie wurde von einem neueren Upbeat Check geschrieben</translation>
        </message>
        <message>
            <source>update the program</source>
            <translation>erneuere das Programm</translation>
        </message>
        <message>
            <source>has the wrong length</source>
            <translation>hat die falsche Länge</translation>
        </message>
        <message>
            <source>is not written in the digits 0 to f</source>
            <translation>ist nicht in den Ziffern 0 bis f geschrieben</translation>
        </message>
        <message>
            <source>lies outside the sound that is kept</source>
            <translation>liegt außerhalb des aufbewahrten Tons</translation>
        </message>
        <message>
            <source>is out of range</source>
            <translation>liegt außerhalb des Bereichs</translation>
        </message>
        <message>
            <source>is not a voice that is known</source>
            <translation>ist keine bekannte Stimme</translation>
        </message>
        <message>
            <source>is one voice too many</source>
            <translation>ist eine Stimme zu viel</translation>
        </message>
        <message>
            <source>is no list of gates</source>
            <translation>ist keine Liste von Hürden</translation>
        </message>
        <message>
            <source>see docs/formats/limits.md</source>
            <translation>siehe docs/formats/limits.md</translation>
        </message>
        <message>
            <source>is no gate</source>
            <translation>ist keine Hürde</translation>
        </message>
        <message>
            <source>use spread, placement, apart, habit ...</source>
            <translation>nimm spread, placement, apart, habit ...</translation>
        </message>
        <message>
            <source>is no list of exercises</source>
            <translation>ist keine Liste von Übungen</translation>
        </message>
        <message>
            <source>this is not a MIDI file</source>
            <translation>das ist keine MIDI-Datei</translation>
        </message>
        <message>
            <source>choose a .mid file</source>
            <translation>wähle eine .mid-Datei</translation>
        </message>
        <message>
            <source>the MIDI file breaks off in its head</source>
            <translation>die MIDI-Datei bricht in ihrem Kopf ab</translation>
        </message>
        <message>
            <source>use the complete file</source>
            <translation>nimm die vollständige Datei</translation>
        </message>
        <message>
            <source>it is a MIDI file of format 2</source>
            <translation>es ist eine MIDI-Datei vom Format 2</translation>
        </message>
        <message>
            <source>save it as format 0 or 1</source>
            <translation>sichere sie als Format 0 oder 1</translation>
        </message>
        <message>
            <source>it counts in film frames, not in beats</source>
            <translation>sie zählt in Filmbildern, nicht in Zählzeiten</translation>
        </message>
        <message>
            <source>save it with ticks per quarter</source>
            <translation>sichere sie mit Ticks je Viertel</translation>
        </message>
        <message>
            <source>the MIDI file breaks off at byte %1</source>
            <translation>die MIDI-Datei bricht bei Byte %1 ab</translation>
        </message>
        <message>
            <source>the MIDI file is damaged at byte %1</source>
            <translation>die MIDI-Datei ist bei Byte %1 beschädigt</translation>
        </message>
        <message>
            <source>export it again</source>
            <translation>exportiere sie noch einmal</translation>
        </message>
        <message>
            <source>the MIDI file holds no notes</source>
            <translation>die MIDI-Datei enthält keine Noten</translation>
        </message>
        <message>
            <source>use another file</source>
            <translation>nimm eine andere Datei</translation>
        </message>
        <message>
            <source>the pattern has more than %1 bars</source>
            <translation>das Blatt hat mehr als %1 Takte</translation>
        </message>
        <message>
            <source>cut it to %1 or fewer</source>
            <translation>kürze es auf %1 oder weniger</translation>
        </message>
        <message>
            <source>the XML is damaged (%1)</source>
            <translation>das XML ist beschädigt (%1)</translation>
        </message>
        <message>
            <source>a timewise score cannot be read</source>
            <translation>eine „timewise“-Partitur lässt sich nicht lesen</translation>
        </message>
        <message>
            <source>export it partwise</source>
            <translation>exportiere sie „partwise“</translation>
        </message>
        <message>
            <source>this is not MusicXML</source>
            <translation>das ist kein MusicXML</translation>
        </message>
        <message>
            <source>choose a score</source>
            <translation>wähle eine Partitur</translation>
        </message>
        <message>
            <source>no percussion part was found</source>
            <translation>keine Schlagzeugstimme wurde gefunden</translation>
        </message>
        <message>
            <source>choose a score with unpitched notes</source>
            <translation>wähle eine Partitur mit Noten ohne Tonhöhe</translation>
        </message>
        <message>
            <source>the compressed score is damaged</source>
            <translation>die gepackte Partitur ist beschädigt</translation>
        </message>
        <message>
            <source>the compressed score has no container</source>
            <translation>die gepackte Partitur hat keinen Container</translation>
        </message>
        <message>
            <source>the score is missing in the compressed file, or larger than 16 MB</source>
            <translation>in der gepackten Datei fehlt die Partitur, oder sie ist größer als 16 MB</translation>
        </message>
        <message>
            <source>the score could not be packed</source>
            <translation>die Partitur ließ sich nicht packen</translation>
        </message>
        <message>
            <source>write plain MusicXML</source>
            <translation>schreibe einfaches MusicXML</translation>
        </message>
        <message>
            <source>the sound could not be packed as Opus</source>
            <translation>der Ton ließ sich nicht als Opus packen</translation>
        </message>
        <message>
            <source>leave the sound out, or install a libsndfile that knows Opus</source>
            <translation>lass den Ton weg oder installiere eine libsndfile, die Opus kennt</translation>
        </message>
        <message>
            <source>is below 1</source>
            <translation>ist kleiner als 1</translation>
        </message>
        <message>
            <source>does not say which part</source>
            <translation>sagt nicht, welcher Teil</translation>
        </message>
        <message>
            <source>give spot, bars, stage or lesson</source>
            <translation>gib spot, bars, stage oder lesson an</translation>
        </message>
        <message>
            <source>a note has no length</source>
            <translation>eine Note hat keine Länge</translation>
        </message>
        <message>
            <source>export the file again</source>
            <translation>exportiere die Datei noch einmal</translation>
        </message>
        <message>
            <source>more notes than a phrase can hold</source>
            <translation>mehr Noten, als ein Blatt fassen kann</translation>
        </message>
        <message>
            <source>cut it into parts</source>
            <translation>zerteile sie</translation>
        </message>
        <message>
            <source>the bar holds more than its meter</source>
            <translation>der Takt enthält mehr als seine Taktart</translation>
        </message>
        <message>
            <source>correct it in the notation program</source>
            <translation>verbessere es im Notenprogramm</translation>
        </message>
        <message>
            <source>the divisions make no sense</source>
            <translation>die Teilungen ergeben keinen Sinn</translation>
        </message>
        <message>
            <source>a length makes no sense</source>
            <translation>eine Länge ergibt keinen Sinn</translation>
        </message>
        <message>
            <source>the bar is too long</source>
            <translation>der Takt ist zu lang</translation>
        </message>
        <message>
            <source>choose another pattern</source>
            <translation>wähle ein anderes Blatt</translation>
        </message>
        <message>
            <source>this is no exercise of a kind that is known</source>
            <translation>das ist keine Übung einer bekannten Art</translation>
        </message>
        <message>
            <source>choose an exercise file, a MIDI file, MusicXML or the text form</source>
            <translation>wähle eine Übungsdatei, eine MIDI-Datei, MusicXML oder die Textform</translation>
        </message>
        <message>
            <source>"%1" is no kind of file that can be written</source>
            <translation>„%1“ ist keine Art von Datei, die sich schreiben lässt</translation>
        </message>
        <message>
            <source>use .json, .txt, .mid, .musicxml or .mxl</source>
            <translation>nimm .json, .txt, .mid, .musicxml oder .mxl</translation>
        </message>
        <message>
            <source>choose another backup; nothing was changed</source>
            <translation>wähle eine andere Sicherung; nichts wurde geändert</translation>
        </message>
        <message>
            <source>this is no backup of Upbeat Check</source>
            <translation>das ist keine Sicherung von Upbeat Check</translation>
        </message>
        <message>
            <source>the backup was made by a newer Upbeat Check</source>
            <translation>die Sicherung wurde von einem neueren Upbeat Check gemacht</translation>
        </message>
        <message>
            <source>update the program; nothing was changed</source>
            <translation>erneuere das Programm; nichts wurde geändert</translation>
        </message>
        <message>
            <source>the backup holds a file called "%1", which is none of a player</source>
            <translation>die Sicherung enthält eine Datei namens „%1“, die zu keinem Spieler gehört</translation>
        </message>
        <message>
            <source>the backup is larger than it can be</source>
            <translation>die Sicherung ist größer, als sie sein kann</translation>
        </message>
        <message>
            <source>the backup holds no logbook</source>
            <translation>die Sicherung enthält kein Logbuch</translation>
        </message>
        <message>
            <source>what the backup says of itself cannot be read</source>
            <translation>was die Sicherung über sich selbst sagt, lässt sich nicht lesen</translation>
        </message>
        <message>
            <source>the folder of the logbook cannot be written</source>
            <translation>in den Ordner des Logbuchs lässt sich nicht schreiben</translation>
        </message>
        <message>
            <source>choose another folder or free some space</source>
            <translation>wähle einen anderen Ordner oder schaffe Platz</translation>
        </message>
        <message>
            <source>the backup is damaged at "%1"</source>
            <translation>die Sicherung ist bei „%1“ beschädigt</translation>
        </message>
        <message>
            <source>the folder for the takes cannot be made</source>
            <translation>der Ordner für die Takes lässt sich nicht anlegen</translation>
        </message>
        <message>
            <source>choose another place</source>
            <translation>wähle einen anderen Ort</translation>
        </message>
        <message>
            <source>restore the newest backup, or let the program rebuild it from the recordings</source>
            <translation>stelle die neueste Sicherung wieder her oder lass das Programm es aus den Aufnahmen neu aufbauen</translation>
        </message>
        <message>
            <source>the logbook is damaged (%1)</source>
            <translation>das Logbuch ist beschädigt (%1)</translation>
        </message>
        <message>
            <source>a row of "%1" belongs to nothing</source>
            <translation>eine Zeile von „%1“ gehört zu nichts</translation>
        </message>
        <message>
            <source>the recording is not there</source>
            <translation>die Aufnahme ist nicht da</translation>
        </message>
        <message>
            <source>restore it from a backup; what was measured is in the logbook</source>
            <translation>stelle sie aus einer Sicherung wieder her; was gemessen wurde, steht im Logbuch</translation>
        </message>
        <message>
            <source>the recording is shorter than its take</source>
            <translation>die Aufnahme ist kürzer als ihr Take</translation>
        </message>
        <message>
            <source>the logbook and the file beside the recording tell of it differently</source>
            <translation>das Logbuch und die Datei neben der Aufnahme erzählen Verschiedenes</translation>
        </message>
        <message>
            <source>one of them was damaged: restore the take from a backup</source>
            <translation>eines davon wurde beschädigt: stelle den Take aus einer Sicherung wieder her</translation>
        </message>
        <message>
            <source>what is in the backup cannot be put in its place</source>
            <translation>was in der Sicherung ist, lässt sich nicht an seinen Platz bringen</translation>
        </message>
        <message>
            <source>check that the folder may be written, then try again</source>
            <translation>prüfe, ob in den Ordner geschrieben werden darf, und versuche es noch einmal</translation>
        </message>
        <message>
            <source>check that the folder may be written, then restore again</source>
            <translation>prüfe, ob in den Ordner geschrieben werden darf, und stelle noch einmal wieder her</translation>
        </message>
        <message>
            <source>another program works in this folder</source>
            <translation>ein anderes Programm arbeitet in diesem Ordner</translation>
        </message>
        <message>
            <source>close the other window first</source>
            <translation>schließe zuerst das andere Fenster</translation>
        </message>
        <message>
            <source>there is not enough room for what is in the backup</source>
            <translation>für den Inhalt der Sicherung ist nicht genug Platz</translation>
        </message>
        <message>
            <source>free some space; nothing was changed</source>
            <translation>schaffe Platz; nichts wurde geändert</translation>
        </message>
        <message>
            <source>the backup could not be written</source>
            <translation>die Sicherung ließ sich nicht schreiben</translation>
        </message>
        <message>
            <source>it cannot be read</source>
            <translation>sie lässt sich nicht lesen</translation>
        </message>
        <message>
            <source>check that it may be read</source>
            <translation>prüfe, ob sie gelesen werden darf</translation>
        </message>
        <message>
            <source>the backup was stopped</source>
            <translation>die Sicherung wurde angehalten</translation>
        </message>
        <message>
            <source>this is no backup, or it is damaged</source>
            <translation>das ist keine Sicherung, oder sie ist beschädigt</translation>
        </message>
        <message>
            <source>what is in the backup cannot be written</source>
            <translation>was in der Sicherung ist, lässt sich nicht schreiben</translation>
        </message>
        <message>
            <source>there is no logbook</source>
            <translation>es gibt kein Logbuch</translation>
        </message>
        <message>
            <source>choose the folder that holds logbook.db</source>
            <translation>wähle den Ordner, in dem logbook.db liegt</translation>
        </message>
        <message>
            <source>an exercise is missing</source>
            <translation>eine Übung fehlt</translation>
        </message>
        <message>
            <source>restore the logbook from a copy</source>
            <translation>stelle das Logbuch aus einer Kopie wieder her</translation>
        </message>
        <message>
            <source>set its tempo and its goal anew</source>
            <translation>setze ihr Tempo und ihr Ziel neu</translation>
        </message>
        <message>
            <source>Qt's SQLite driver is not installed</source>
            <translation>der SQLite-Treiber von Qt ist nicht installiert</translation>
        </message>
        <message>
            <source>install the package libqt6sql6-sqlite</source>
            <translation>installiere das Paket libqt6sql6-sqlite</translation>
        </message>
        <message>
            <source>the logbook cannot be opened</source>
            <translation>das Logbuch lässt sich nicht öffnen</translation>
        </message>
        <message>
            <source>check that the folder may be written</source>
            <translation>prüfe, ob in den Ordner geschrieben werden darf</translation>
        </message>
        <message>
            <source>the damaged logbook cannot be set aside</source>
            <translation>das beschädigte Logbuch lässt sich nicht beiseitelegen</translation>
        </message>
        <message>
            <source>it was stopped half way</source>
            <translation>es wurde mittendrin angehalten</translation>
        </message>
        <message>
            <source>the logbook is damaged</source>
            <translation>das Logbuch ist beschädigt</translation>
        </message>
        <message>
            <source>start the program again: it offers to rebuild it from the recordings</source>
            <translation>starte das Programm noch einmal: es bietet an, das Logbuch aus den Aufnahmen neu aufzubauen</translation>
        </message>
        <message>
            <source>check that the disk is not full and the folder may be written</source>
            <translation>prüfe, ob der Datenträger nicht voll ist und in den Ordner geschrieben werden darf</translation>
        </message>
        <message>
            <source>the hits of a take could not be stored</source>
            <translation>die Schläge eines Takes ließen sich nicht speichern</translation>
        </message>
        <message>
            <source>free some space</source>
            <translation>schaffe Platz</translation>
        </message>
        <message>
            <source>this take is not in the logbook any more</source>
            <translation>dieser Take steht nicht mehr im Logbuch</translation>
        </message>
        <message>
            <source>choose another</source>
            <translation>wähle einen anderen</translation>
        </message>
        <message>
            <source>the recording could not be put in place</source>
            <translation>die Aufnahme ließ sich nicht an ihren Platz bringen</translation>
        </message>
        <message>
            <source>check the folder of the takes</source>
            <translation>prüfe den Ordner der Takes</translation>
        </message>
        <message>
            <source>ask for the answer once more; nothing was changed</source>
            <translation>bitte noch einmal um die Antwort; nichts wurde geändert</translation>
        </message>
        <message>
            <source>this is no answer to a report</source>
            <translation>das ist keine Antwort auf einen Bericht</translation>
        </message>
        <message>
            <source>the answer was written by a newer Upbeat Check</source>
            <translation>die Antwort wurde von einem neueren Upbeat Check geschrieben</translation>
        </message>
        <message>
            <source>the answer cannot be read</source>
            <translation>die Antwort lässt sich nicht lesen</translation>
        </message>
        <message>
            <source>Strokes by pass: left is early, right is late</source>
            <translation>Schläge nach Durchgängen: links ist früh, rechts ist spät</translation>
        </message>
        <message>
            <source>not written</source>
            <translation>nicht geschrieben</translation>
        </message>
        <message>
            <source>unlike a stroke</source>
            <translation>gleicht keinem Schlag</translation>
        </message>
        <message>
            <source>%1: missed</source>
            <translation>%1: ausgelassen</translation>
        </message>
        <message>
            <source>%1: %2 ms early, %3 dB against your accents</source>
            <translation>%1: %2 ms früh, %3 dB gegen deine Akzente</translation>
        </message>
        <message>
            <source>%1: %2 ms late, %3 dB against your accents</source>
            <translation>%1: %2 ms spät, %3 dB gegen deine Akzente</translation>
        </message>
        <message>
            <source>A stroke leans to the left where it is early and to the right where it is late; it is as high as it is loud. The pale bars are the page. Above stands the average, below every pass or every four bars.</source>
            <translation>Ein Schlag neigt sich nach links, wo er früh, und nach rechts, wo er spät ist; er ist so hoch, wie er laut ist. Die blassen Balken sind das Blatt. Oben steht der Durchschnitt, darunter jeder Durchgang oder je vier Takte.</translation>
        </message>
        <message>
            <source>with the click</source>
            <translation>mit Klick</translation>
        </message>
        <message>
            <source>half speed</source>
            <translation>halbes Tempo</translation>
        </message>
        <message>
            <source>Click a stroke to hear it from there.</source>
            <translation>Klicke auf einen Schlag, um ihn von dort zu hören.</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Was sich zeigte</translation>
        </message>
        <message>
            <source>No fault stands out of this take.</source>
            <translation>Kein Fehler sticht aus diesem Take heraus.</translation>
        </message>
        <message>
            <source>What this rung asks</source>
            <translation>Was diese Sprosse verlangt</translation>
        </message>
        <message>
            <source>Your words</source>
            <translation>Deine Worte</translation>
        </message>
        <message>
            <source>Write about the chosen stroke</source>
            <translation>Schreibe zum gewählten Schlag</translation>
        </message>
        <message>
            <source>Write about the take</source>
            <translation>Schreibe zum Take</translation>
        </message>
        <message>
            <source>Next at this tempo</source>
            <translation>Als Nächstes in diesem Tempo</translation>
        </message>
        <message>
            <source>What you write stays in this page until you save it. Send the small file back: dropped on the program, your words stand beside the strokes.</source>
            <translation>Was du schreibst, bleibt auf dieser Seite, bis du es sicherst. Schicke die kleine Datei zurück: auf das Programm gezogen, stehen deine Worte bei den Schlägen.</translation>
        </message>
        <message>
            <source>Your name</source>
            <translation>Dein Name</translation>
        </message>
        <message>
            <source>Save the answer</source>
            <translation>Die Antwort sichern</translation>
        </message>
        <message>
            <source>Copy it as text</source>
            <translation>Als Text kopieren</translation>
        </message>
        <message>
            <source>Pass %1</source>
            <translation>Durchgang %1</translation>
        </message>
        <message>
            <source>The whole take</source>
            <translation>Der ganze Take</translation>
        </message>
        <message>
            <source>remove</source>
            <translation>entfernen</translation>
        </message>
        <message>
            <source>The %3 comes %1 ms behind the %4 (±%2)</source>
            <translation>Bei dir kommt %3 %1 ms hinter %4 (±%2)</translation>
        </message>
        <message>
            <source>The %3 comes %1 ms before the %4 (±%2)</source>
            <translation>Bei dir kommt %3 %1 ms vor %4 (±%2)</translation>
        </message>
        <message>
            <source>The %3 on %4 comes %1 ms late (±%2), %5 of %6 passes</source>
            <translation>Dein %3 auf %4 kommt %1 ms spät (±%2), %5 von %6 Durchgängen</translation>
        </message>
        <message>
            <source>The %3 on %4 comes %1 ms early (±%2), %5 of %6 passes</source>
            <translation>Dein %3 auf %4 kommt %1 ms früh (±%2), %5 von %6 Durchgängen</translation>
        </message>
        <message>
            <source>Your ghosts come %1 ms late (±%2)</source>
            <translation>Deine Ghosts kommen %1 ms spät (±%2)</translation>
        </message>
        <message>
            <source>Your taps come %1 ms late (±%2)</source>
            <translation>Deine Taps kommen %1 ms spät (±%2)</translation>
        </message>
        <message>
            <source>Your accents come %1 ms late (±%2)</source>
            <translation>Deine Akzente kommen %1 ms spät (±%2)</translation>
        </message>
        <message>
            <source>Your ghosts come %1 ms early (±%2)</source>
            <translation>Deine Ghosts kommen %1 ms früh (±%2)</translation>
        </message>
        <message>
            <source>Your taps come %1 ms early (±%2)</source>
            <translation>Deine Taps kommen %1 ms früh (±%2)</translation>
        </message>
        <message>
            <source>Your accents come %1 ms early (±%2)</source>
            <translation>Deine Akzente kommen %1 ms früh (±%2)</translation>
        </message>
        <message>
            <source>Your beats come %1 ms late (±%2)</source>
            <translation>Deine Zählzeiten kommen %1 ms spät (±%2)</translation>
        </message>
        <message>
            <source>Your beats come %1 ms early (±%2)</source>
            <translation>Deine Zählzeiten kommen %1 ms früh (±%2)</translation>
        </message>
        <message>
            <source>The %3 of every beat comes %1 ms late (±%2)</source>
            <translation>Das %3 jeder Zählzeit kommt %1 ms spät (±%2)</translation>
        </message>
        <message>
            <source>The %3 of every beat comes %1 ms early (±%2)</source>
            <translation>Das %3 jeder Zählzeit kommt %1 ms früh (±%2)</translation>
        </message>
        <message>
            <source>After rests you come in %1 ms late (±%2)</source>
            <translation>Nach Pausen kommst du %1 ms spät (±%2)</translation>
        </message>
        <message>
            <source>After rests you come in %1 ms early (±%2)</source>
            <translation>Nach Pausen kommst du %1 ms früh (±%2)</translation>
        </message>
        <message>
            <source>The pulse is %1 ms late (±%2)</source>
            <translation>Der Puls ist %1 ms spät (±%2)</translation>
        </message>
        <message>
            <source>The pulse is %1 ms early (±%2)</source>
            <translation>Der Puls ist %1 ms früh (±%2)</translation>
        </message>
        <message>
            <source>The strokes are %1 dB louder (±%2)</source>
            <translation>Die Schläge sind %1 dB lauter (±%2)</translation>
        </message>
        <message>
            <source>The strokes are %1 dB softer (±%2)</source>
            <translation>Die Schläge sind %1 dB leiser (±%2)</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB louder than your other ghosts (±%2), out of its level on %5 of %6 passes</source>
            <translation>Dein %3 auf %4 ist %1 dB lauter als deine anderen Ghosts (±%2), in %5 von %6 Durchgängen außerhalb der Stärke</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB louder than your other taps (±%2), out of its level on %5 of %6 passes</source>
            <translation>Dein %3 auf %4 ist %1 dB lauter als deine anderen Taps (±%2), in %5 von %6 Durchgängen außerhalb der Stärke</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB louder than your other accents (±%2), out of its level on %5 of %6 passes</source>
            <translation>Dein %3 auf %4 ist %1 dB lauter als deine anderen Akzente (±%2), in %5 von %6 Durchgängen außerhalb der Stärke</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB softer than your other ghosts (±%2), out of its level on %5 of %6 passes</source>
            <translation>Dein %3 auf %4 ist %1 dB leiser als deine anderen Ghosts (±%2), in %5 von %6 Durchgängen außerhalb der Stärke</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB softer than your other taps (±%2), out of its level on %5 of %6 passes</source>
            <translation>Dein %3 auf %4 ist %1 dB leiser als deine anderen Taps (±%2), in %5 von %6 Durchgängen außerhalb der Stärke</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB softer than your other accents (±%2), out of its level on %5 of %6 passes</source>
            <translation>Dein %3 auf %4 ist %1 dB leiser als deine anderen Akzente (±%2), in %5 von %6 Durchgängen außerhalb der Stärke</translation>
        </message>
        <message>
            <source>The %1 on %2 is missing on %3 of %4 passes</source>
            <translation>Dein %1 auf %2 fehlt in %3 von %4 Durchgängen</translation>
        </message>
        <message>
            <source>The %1 on %2 is struck on another drum on %3 of %4 passes</source>
            <translation>Dein %1 auf %2 wird in %3 von %4 Durchgängen auf einer anderen Trommel geschlagen</translation>
        </message>
        <message>
            <source>The %1 on %2 sounds unlike your others of its kind on %3 of %4 passes</source>
            <translation>Dein %1 auf %2 klingt in %3 von %4 Durchgängen anders als deine übrigen</translation>
        </message>
        <message>
            <source>Your hits scatter by %1 ms (±%2); %3 is the limit here</source>
            <translation>Deine Schläge streuen um %1 ms (±%2); %3 ist hier die Grenze</translation>
        </message>
        <message>
            <source>1 stroke that is not written</source>
            <translation>1 Schlag, der nicht geschrieben ist</translation>
        </message>
        <message numerus="yes">
            <source>%n strokes that are not written</source>
            <translation>
                <numerusform>1 Schlag, der nicht geschrieben ist</numerusform>
                <numerusform>%n Schläge, die nicht geschrieben sind</numerusform>
            </translation>
        </message>
        <message>
            <source>Accents stand %1 dB above taps (±%2); %3 are needed</source>
            <translation>Akzente stehen %1 dB über Taps (±%2); %3 sind nötig</translation>
        </message>
        <message>
            <source>Ghosts lie %1 dB below taps (±%2); %3 are needed</source>
            <translation>Ghosts liegen %1 dB unter Taps (±%2); %3 sind nötig</translation>
        </message>
        <message>
            <source>You swing %1 : 1 (±%2), straighter than the %3 : 1 asked for</source>
            <translation>Du swingst %1 : 1 (±%2), gerader als die verlangten %3 : 1</translation>
        </message>
        <message>
            <source>You swing %1 : 1 (±%2), wider than the %3 : 1 asked for</source>
            <translation>Du swingst %1 : 1 (±%2), weiter als die verlangten %3 : 1</translation>
        </message>
        <message>
            <source>The pulse falls behind the click by %1 ms a bar (±%2)</source>
            <translation>Der Puls fällt je Takt %1 ms hinter den Klick zurück (±%2)</translation>
        </message>
        <message>
            <source>The pulse runs ahead of the click by %1 ms a bar (±%2)</source>
            <translation>Der Puls läuft dem Klick je Takt %1 ms davon (±%2)</translation>
        </message>
        <message>
            <source>While the click is silent you fall behind by %1 ms a bar (±%2)</source>
            <translation>Während der Klick schweigt, fällst du je Takt %1 ms zurück (±%2)</translation>
        </message>
        <message>
            <source>While the click is silent you run ahead by %1 ms a bar (±%2)</source>
            <translation>Während der Klick schweigt, läufst du je Takt %1 ms voraus (±%2)</translation>
        </message>
        <message>
            <source>On the first beat after what is free you are %1 ms off (±%2)</source>
            <translation>Auf der ersten Zählzeit nach dem Freien liegst du %1 ms daneben (±%2)</translation>
        </message>
        <message>
            <source>When the click comes back you are %1 ms off (±%2)</source>
            <translation>Wenn der Klick wiederkommt, liegst du %1 ms daneben (±%2)</translation>
        </message>
        <message>
            <source>When the click comes back you are %1 ms off (±%2), %3 of %4 times by a jump</source>
            <translation>Wenn der Klick wiederkommt, liegst du %1 ms daneben (±%2), %3 von %4 Mal durch einen Sprung</translation>
        </message>
        <message>
            <source>In %1 of %2 free spans there are more or fewer notes than asked for</source>
            <translation>In %1 von %2 freien Stellen sind mehr oder weniger Noten, als verlangt</translation>
        </message>
        <message>
            <source>The notes of the free spans are uneven by %1 ms (±%2)</source>
            <translation>Die Noten der freien Stellen sind um %1 ms ungleichmäßig (±%2)</translation>
        </message>
        <message>
            <source>The notes of the free spans take %1 % too long (±%2)</source>
            <translation>Die Noten der freien Stellen dauern %1 % zu lang (±%2)</translation>
        </message>
        <message>
            <source>The notes of the free spans rush by %1 % (±%2)</source>
            <translation>Die Noten der freien Stellen eilen um %1 % (±%2)</translation>
        </message>
        <message>
            <source>Grace notes are uneven: their distance varies by %1 ms (±%2)</source>
            <translation>Vorschläge sind ungleichmäßig: ihr Abstand schwankt um %1 ms (±%2)</translation>
        </message>
        <message>
            <source>Grace notes stand %1 ms before the stroke (±%2): too wide to be one flam</source>
            <translation>Vorschläge stehen %1 ms vor dem Schlag (±%2): zu weit für einen Flam</translation>
        </message>
        <message>
            <source>Grace notes stand %1 ms before the stroke (±%2): they run into it</source>
            <translation>Vorschläge stehen %1 ms vor dem Schlag (±%2): sie laufen in ihn hinein</translation>
        </message>
        <message>
            <source>You left out bars %1 to %2: %3 strokes are not there</source>
            <translation>Du hast die Takte %1 bis %2 ausgelassen: %3 Schläge fehlen</translation>
        </message>
        <message>
            <source>You played bars %1 to %2 once more than is written</source>
            <translation>Du hast die Takte %1 bis %2 einmal mehr gespielt, als geschrieben steht</translation>
        </message>
        <message>
            <source>You stopped at beat %1 of bar %2: %3 strokes are not there</source>
            <translation>Du hast bei Zählzeit %1 in Takt %2 aufgehört: %3 Schläge fehlen</translation>
        </message>
        <message>
            <source>You lost the place at beat %1 of bar %2 and went on 1 beat late</source>
            <translation>Du hast bei Zählzeit %1 in Takt %2 die Stelle verloren und gingst 1 Zählzeit zu spät weiter</translation>
        </message>
        <message numerus="yes">
            <source>You lost the place at beat %1 of bar %2 and went on %n beats late</source>
            <translation>
                <numerusform>Du hast bei Zählzeit %1 in Takt %2 die Stelle verloren und gingst 1 Zählzeit zu spät weiter</numerusform>
                <numerusform>Du hast bei Zählzeit %1 in Takt %2 die Stelle verloren und gingst %n Zählzeiten zu spät weiter</numerusform>
            </translation>
        </message>
        <message>
            <source>You lost the place at beat %1 of bar %2 and went on 1 beat early</source>
            <translation>Du hast bei Zählzeit %1 in Takt %2 die Stelle verloren und gingst 1 Zählzeit zu früh weiter</translation>
        </message>
        <message numerus="yes">
            <source>You lost the place at beat %1 of bar %2 and went on %n beats early</source>
            <translation>
                <numerusform>Du hast bei Zählzeit %1 in Takt %2 die Stelle verloren und gingst 1 Zählzeit zu früh weiter</numerusform>
                <numerusform>Du hast bei Zählzeit %1 in Takt %2 die Stelle verloren und gingst %n Zählzeiten zu früh weiter</numerusform>
            </translation>
        </message>
        <message>
            <source>Where %3 strokes a beat become %4, at %5, the beat is %1 ms too long (±%2)</source>
            <translation>Wo aus %3 Schlägen je Zählzeit %4 werden, bei %5, ist die Zählzeit %1 ms zu lang (±%2)</translation>
        </message>
        <message>
            <source>Where %3 strokes a beat become %4, at %5, the beat is %1 ms too short (±%2)</source>
            <translation>Wo aus %3 Schlägen je Zählzeit %4 werden, bei %5, ist die Zählzeit %1 ms zu kurz (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles are %1 dB louder than the first (±%2)</source>
            <translation>Die zweiten Schläge deiner Doppelschläge sind %1 dB lauter als die ersten (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles are %1 dB softer than the first (±%2)</source>
            <translation>Die zweiten Schläge deiner Doppelschläge sind %1 dB leiser als die ersten (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles come %1 ms too late after the first (±%2)</source>
            <translation>Die zweiten Schläge deiner Doppelschläge kommen %1 ms zu spät nach den ersten (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles come %1 ms too early after the first (±%2)</source>
            <translation>Die zweiten Schläge deiner Doppelschläge kommen %1 ms zu früh nach den ersten (±%2)</translation>
        </message>
        <message>
            <source>The %3 accents from %4 on grow by %1 dB a stroke (±%2)</source>
            <translation>Die %3 Akzente ab %4 werden je Schlag %1 dB lauter (±%2)</translation>
        </message>
        <message>
            <source>The %3 accents from %4 on fade by %1 dB a stroke (±%2)</source>
            <translation>Die %3 Akzente ab %4 werden je Schlag %1 dB leiser (±%2)</translation>
        </message>
        <message>
            <source>Your crescendo covers %1 dB of the %2 written (±%3)</source>
            <translation>Dein Crescendo umfasst %1 dB der geschriebenen %2 (±%3)</translation>
        </message>
        <message>
            <source>Your diminuendo covers %1 dB of the %2 written (±%3)</source>
            <translation>Dein Diminuendo umfasst %1 dB der geschriebenen %2 (±%3)</translation>
        </message>
        <message>
            <source>Your %3 from %4 is %1 dB too loud (±%2)</source>
            <translation>Dein %3 ab %4 ist %1 dB zu laut (±%2)</translation>
        </message>
        <message>
            <source>Your %3 from %4 is %1 dB too soft (±%2)</source>
            <translation>Dein %3 ab %4 ist %1 dB zu leise (±%2)</translation>
        </message>
        <message>
            <source>Where they fall together the %3 and the %4 are %1 ms apart (±%2)</source>
            <translation>Wo sie zusammenfallen, liegen %3 und %4 %1 ms auseinander (±%2)</translation>
        </message>
        <message>
            <source>Where they fall together the %3 comes %1 ms after the %4 (±%2)</source>
            <translation>Wo sie zusammenfallen, kommt %3 %1 ms nach %4 (±%2)</translation>
        </message>
        <message>
            <source>Where they fall together the %3 comes %1 ms before the %4 (±%2)</source>
            <translation>Wo sie zusammenfallen, kommt %3 %1 ms vor %4 (±%2)</translation>
        </message>
        <message>
            <source>Your roll from %3 opens: its longest gap is %1 ms (±%2)</source>
            <translation>Dein Wirbel ab %3 öffnet sich: seine längste Lücke ist %1 ms (±%2)</translation>
        </message>
        <message>
            <source>Your roll from %3 stops %1 ms before the stroke it leads to (±%2)</source>
            <translation>Dein Wirbel ab %3 endet %1 ms vor dem Schlag, zu dem er führt (±%2)</translation>
        </message>
        <message>
            <source>Your %3 is on the click (%1 ms, ±%2)</source>
            <translation>%3 liegt bei dir auf dem Klick (%1 ms, ±%2)</translation>
        </message>
        <message>
            <source>Your %3 is %1 ms behind the click (±%2)</source>
            <translation>%3 liegt bei dir %1 ms hinter dem Klick (±%2)</translation>
        </message>
        <message>
            <source>Your %3 is %1 ms ahead of the click (±%2)</source>
            <translation>%3 liegt bei dir %1 ms vor dem Klick (±%2)</translation>
        </message>
        <message>
            <source>You are on the click (%1 ms, ±%2)</source>
            <translation>Du liegst auf dem Klick (%1 ms, ±%2)</translation>
        </message>
        <message>
            <source>You are %1 ms behind the click (±%2)</source>
            <translation>Du liegst %1 ms hinter dem Klick (±%2)</translation>
        </message>
        <message>
            <source>You are %1 ms ahead of the click (±%2)</source>
            <translation>Du liegst %1 ms vor dem Klick (±%2)</translation>
        </message>
        <message>
            <source>%1; %2 ms behind is asked</source>
            <translation>%1; %2 ms dahinter sind verlangt</translation>
        </message>
        <message>
            <source>%1; %2 ms ahead is asked</source>
            <translation>%1; %2 ms davor sind verlangt</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right in ghosts (±%2)</source>
            <translation>Deine linke Hand ist bei Ghosts %1 dB lauter als die rechte (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right in taps (±%2)</source>
            <translation>Deine linke Hand ist bei Taps %1 dB lauter als die rechte (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right in accents (±%2)</source>
            <translation>Deine linke Hand ist bei Akzenten %1 dB lauter als die rechte (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right in ghosts (±%2)</source>
            <translation>Deine linke Hand ist bei Ghosts %1 dB leiser als die rechte (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right in taps (±%2)</source>
            <translation>Deine linke Hand ist bei Taps %1 dB leiser als die rechte (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right in accents (±%2)</source>
            <translation>Deine linke Hand ist bei Akzenten %1 dB leiser als die rechte (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right (±%2)</source>
            <translation>Deine linke Hand ist %1 dB lauter als die rechte (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right (±%2)</source>
            <translation>Deine linke Hand ist %1 dB leiser als die rechte (±%2)</translation>
        </message>
        <message>
            <source>In %1: %2</source>
            <translation>In %1: %2</translation>
        </message>
        <message>
            <source>In bars %1 to %2: %3</source>
            <translation>In Takt %1 bis %2: %3</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <source>How far the hits scatter about your own placement.</source>
            <translation>Wie weit die Schläge um deine eigene Lage streuen.</translation>
        </message>
        <message>
            <source>spread %1 ms, limit %2</source>
            <translation>Streuung %1 ms, Grenze %2</translation>
        </message>
        <message>
            <source>Placement</source>
            <translation>Lage</translation>
        </message>
        <message>
            <source>Where the whole take sits against the click.</source>
            <translation>Wo der ganze Take gegen den Klick liegt.</translation>
        </message>
        <message>
            <source>placement %1 ms, limit %2</source>
            <translation>Lage %1 ms, Grenze %2</translation>
        </message>
        <message>
            <source>Hands and voices apart</source>
            <translation>Hände, Stimmen</translation>
        </message>
        <message>
            <source>How far one hand or voice sits from the others.</source>
            <translation>Wie weit eine Hand oder Stimme von den anderen liegt.</translation>
        </message>
        <message>
            <source>hands and voices apart %1 ms, limit %2</source>
            <translation>Hände und Stimmen %1 ms auseinander, Grenze %2</translation>
        </message>
        <message>
            <source>hands and voices apart (%3) %1 ms, limit %2</source>
            <translation>Hände und Stimmen (%3) %1 ms auseinander, Grenze %2</translation>
        </message>
        <message>
            <source>Habit of one count</source>
            <translation>Gewohnheit</translation>
        </message>
        <message>
            <source>The count that leans most, pass after pass.</source>
            <translation>Die Stelle, die sich am meisten neigt, Durchgang um Durchgang.</translation>
        </message>
        <message>
            <source>habit of one count %1 ms, limit %2</source>
            <translation>Gewohnheit einer Stelle %1 ms, Grenze %2</translation>
        </message>
        <message>
            <source>habit of one count (%3, %4) %1 ms, limit %2</source>
            <translation>Gewohnheit einer Stelle (%3, %4) %1 ms, Grenze %2</translation>
        </message>
        <message>
            <source>Missed and extra</source>
            <translation>Ausgelassen, zu viel</translation>
        </message>
        <message>
            <source>Strokes left out or added, against one in four bars.</source>
            <translation>Schläge, die fehlen oder dazukommen, gegen einen in vier Takten.</translation>
        </message>
        <message>
            <source>%1 missed or extra, limit %2</source>
            <translation>%1 ausgelassen oder zu viel, Grenze %2</translation>
        </message>
        <message>
            <source>Accents above taps</source>
            <translation>Akzente über Taps</translation>
        </message>
        <message>
            <source>How far accents stand out of the taps.</source>
            <translation>Wie weit Akzente aus den Taps herausragen.</translation>
        </message>
        <message>
            <source>accents above taps %1 dB, needs %2</source>
            <translation>Akzente %1 dB über Taps, nötig %2</translation>
        </message>
        <message>
            <source>Ghosts below taps</source>
            <translation>Ghosts unter Taps</translation>
        </message>
        <message>
            <source>How far ghost notes stay under the taps.</source>
            <translation>Wie weit Ghostnotes unter den Taps bleiben.</translation>
        </message>
        <message>
            <source>ghosts below taps %1 dB, needs %2</source>
            <translation>Ghosts %1 dB unter Taps, nötig %2</translation>
        </message>
        <message>
            <source>Levels mixed up</source>
            <translation>Stärken vermischt</translation>
        </message>
        <message>
            <source>How often a softer stroke comes out louder than a louder one.</source>
            <translation>Wie oft ein leiserer Schlag lauter herauskommt als ein lauterer.</translation>
        </message>
        <message>
            <source>levels mixed up %1 %, limit %2</source>
            <translation>Stärken zu %1 % vermischt, Grenze %2</translation>
        </message>
        <message>
            <source>Off-beat from its place</source>
            <translation>Offbeat von seinem Platz</translation>
        </message>
        <message>
            <source>Distance of the off-beat from its target, in percent of the beat.</source>
            <translation>Abstand des Offbeats von seinem Ziel, in Prozent der Zählzeit.</translation>
        </message>
        <message>
            <source>off-beat from its place %1 %, limit %2</source>
            <translation>Offbeat %1 % von seinem Platz, Grenze %2</translation>
        </message>
        <message>
            <source>Grace notes uneven</source>
            <translation>Vorschläge uneben</translation>
        </message>
        <message>
            <source>How much the distance of grace notes varies.</source>
            <translation>Wie sehr der Abstand der Vorschläge schwankt.</translation>
        </message>
        <message>
            <source>grace notes uneven %1 ms, limit %2</source>
            <translation>Vorschläge %1 ms ungleichmäßig, Grenze %2</translation>
        </message>
        <message>
            <source>Drift</source>
            <translation>Drift</translation>
        </message>
        <message>
            <source>How fast the take moves against the click.</source>
            <translation>Wie schnell sich der Take gegen den Klick bewegt.</translation>
        </message>
        <message>
            <source>drift %1 ms a bar, limit %2</source>
            <translation>Drift %1 ms je Takt, Grenze %2</translation>
        </message>
        <message>
            <source>Feel as asked</source>
            <translation>Feel wie verlangt</translation>
        </message>
        <message>
            <source>How far a voice stands from where beside the click it is asked for.</source>
            <translation>Wie weit eine Stimme von dort entfernt ist, wo sie neben dem Klick verlangt wird.</translation>
        </message>
        <message>
            <source>%1 ms from the feel that is asked, limit %2</source>
            <translation>%1 ms vom verlangten Feel, Grenze %2</translation>
        </message>
        <message>
            <source>the %3 %1 ms from the feel that is asked, limit %2</source>
            <translation>%3: %1 ms vom verlangten Feel, Grenze %2</translation>
        </message>
        <message>
            <source>Back with the click</source>
            <translation>Zurück beim Klick</translation>
        </message>
        <message>
            <source>How far off you are when the click comes back, or the page.</source>
            <translation>Wie weit daneben du liegst, wenn der Klick oder das Blatt wiederkommt.</translation>
        </message>
        <message>
            <source>%1 ms off when the click comes back, limit %2</source>
            <translation>%1 ms daneben, wenn der Klick wiederkommt, Grenze %2</translation>
        </message>
        <message>
            <source>met</source>
            <translation>erfüllt</translation>
        </message>
        <message>
            <source>missed</source>
            <translation>verfehlt</translation>
        </message>
        <message>
            <source>unsure</source>
            <translation>offen</translation>
        </message>
        <message>
            <source>ms a bar</source>
            <translation>ms je Takt</translation>
        </message>
        <message>
            <source>rung after rung by %1 %</source>
            <translation>Sprosse um Sprosse um %1 %</translation>
        </message>
        <message>
            <source>two up, one back, by %1</source>
            <translation>zwei hinauf, eine zurück, um %1</translation>
        </message>
        <message>
            <source>half way to what was missed</source>
            <translation>den halben Weg zu dem, was verfehlt wurde</translation>
        </message>
        <message>
            <source>the hardest spot first, by %1</source>
            <translation>die schwerste Stelle zuerst, um %1</translation>
        </message>
        <message>
            <source>with less and less click, then up by %1</source>
            <translation>mit immer weniger Klick, dann um %1 hinauf</translation>
        </message>
        <message>
            <source>rung after rung by %1</source>
            <translation>Sprosse um Sprosse um %1</translation>
        </message>
        <message>
            <source>Full speed.</source>
            <translation>Volles Tempo.</translation>
        </message>
        <message>
            <source>Less click.</source>
            <translation>Weniger Klick.</translation>
        </message>
        <message>
            <source>More click.</source>
            <translation>Mehr Klick.</translation>
        </message>
        <message>
            <source>Next part.</source>
            <translation>Nächster Teil.</translation>
        </message>
        <message>
            <source>Up, %1.</source>
            <translation>Hinauf, %1.</translation>
        </message>
        <message>
            <source>One part back.</source>
            <translation>Einen Teil zurück.</translation>
        </message>
        <message>
            <source>Back, %1.</source>
            <translation>Zurück, %1.</translation>
        </message>
        <message>
            <source>Isolate beat %1.</source>
            <translation>Zählzeit %1 allein.</translation>
        </message>
        <message>
            <source>Easier first.</source>
            <translation>Erst leichter.</translation>
        </message>
        <message>
            <source>Again.</source>
            <translation>Noch einmal.</translation>
        </message>
        <message>
            <source>Slow, the whole</source>
            <translation>Langsam, das Ganze</translation>
        </message>
        <message>
            <source>All of it from 60 percent up: nothing is left out, there is only more time.</source>
            <translation>Alles davon ab 60 Prozent: nichts wird weggelassen, es ist nur mehr Zeit.</translation>
        </message>
        <message>
            <source>Limbs apart</source>
            <translation>Gliedmaßen einzeln</translation>
        </message>
        <message>
            <source>Every hand and foot alone, then in pairs, then all of them.</source>
            <translation>Jede Hand und jeder Fuß allein, dann zu zweit, dann alle.</translation>
        </message>
        <message>
            <source>Pieces and joins</source>
            <translation>Stücke und Nähte</translation>
        </message>
        <message>
            <source>One beat at a time with a rest behind it, then neighbours joined, then the whole.</source>
            <translation>Eine Zählzeit nach der anderen mit einer Pause dahinter, dann Nachbarn verbunden, dann das Ganze.</translation>
        </message>
        <message>
            <source>Grow from the start</source>
            <translation>Vom Anfang wachsen</translation>
        </message>
        <message>
            <source>The first notes, the rest counted; when it is easy a little more.</source>
            <translation>Die ersten Noten, der Rest gezählt; wenn es leicht ist, ein wenig mehr.</translation>
        </message>
        <message>
            <source>Singles and doubles</source>
            <translation>Einzel- und Doppelschläge</translation>
        </message>
        <message>
            <source>The same grid in singles and in doubles, changing over without a bump.</source>
            <translation>Dasselbe Raster in Einzel- und in Doppelschlägen, im Wechsel ohne Stoß.</translation>
        </message>
        <message>
            <source>Half speed, full speed</source>
            <translation>Halbes Tempo, volles Tempo</translation>
        </message>
        <message>
            <source>Each bar at half speed, then at full speed, then all bars joined.</source>
            <translation>Jeder Takt in halbem, dann in vollem Tempo, dann alle Takte verbunden.</translation>
        </message>
        <message>
            <source>One spot</source>
            <translation>Eine Stelle</translation>
        </message>
        <message>
            <source>The spot with a bar of rest, then round and round, then inside its bar.</source>
            <translation>Die Stelle mit einem Takt Pause, dann rundherum, dann in ihrem Takt.</translation>
        </message>
        <message>
            <source>In context</source>
            <translation>Im Zusammenhang</translation>
        </message>
        <message>
            <source>The groove, the phrase, and the groove again, as it will be played.</source>
            <translation>Der Groove, die Phrase und wieder der Groove, so wie es gespielt wird.</translation>
        </message>
        <message>
            <source>Keep and grow</source>
            <translation>Halten und wachsen</translation>
        </message>
        <message>
            <source>The limbs that repeat keep on; the others are added a few notes at a time.</source>
            <translation>Die Gliedmaßen, die sich wiederholen, laufen durch; die anderen kommen in wenigen Noten dazu.</translation>
        </message>
        <message>
            <source>Easier versions</source>
            <translation>Leichtere Fassungen</translation>
        </message>
        <message>
            <source>Less of everything first: no ornaments, no ghosts, beats on the cymbal; then back to the full page.</source>
            <translation>Erst weniger von allem: keine Verzierungen, keine Ghosts, Zählzeiten auf dem Becken; dann zurück zum ganzen Blatt.</translation>
        </message>
        <message>
            <source>Section by section</source>
            <translation>Abschnitt um Abschnitt</translation>
        </message>
        <message>
            <source>Each section alone, then two that follow one another, then the whole piece.</source>
            <translation>Jeder Abschnitt allein, dann zwei aufeinanderfolgende, dann das ganze Stück.</translation>
        </message>
        <message>
            <source>From the end backwards</source>
            <translation>Vom Ende rückwärts</translation>
        </message>
        <message>
            <source>The last section, then the one before with it, until the piece is whole: one always plays into what is known.</source>
            <translation>Der letzte Abschnitt, dann der davor mit ihm, bis das Stück ganz ist: man spielt immer in Bekanntes hinein.</translation>
        </message>
        <message>
            <source>Only the joins</source>
            <translation>Nur die Nähte</translation>
        </message>
        <message>
            <source>The last bar of every section into the first bar of the next, where pieces break.</source>
            <translation>Der letzte Takt jedes Abschnitts in den ersten des nächsten, wo Stücke brechen.</translation>
        </message>
        <message>
            <source>Trade bars</source>
            <translation>Takte tauschen</translation>
        </message>
        <message>
            <source>Bars as written and as many of your own in turn: there only where you come out again is judged.</source>
            <translation>Takte wie geschrieben und ebenso viele eigene im Wechsel: beurteilt wird nur, wo du wieder herauskommst.</translation>
        </message>
        <message>
            <source>%1st of %2</source>
            <translation>%1. von %2</translation>
        </message>
        <message>
            <source>%1nd of %2</source>
            <translation>%1. von %2</translation>
        </message>
        <message>
            <source>%1rd of %2</source>
            <translation>%1. von %2</translation>
        </message>
        <message>
            <source>%1th of %2</source>
            <translation>%1. von %2</translation>
        </message>
        <message>
            <source>other voices</source>
            <translation>andere Stimmen</translation>
        </message>
        <message>
            <source>%1 ms behind</source>
            <translation>%1 ms dahinter</translation>
        </message>
        <message>
            <source>%1 ms ahead</source>
            <translation>%1 ms davor</translation>
        </message>
        <message>
            <source>%1 % behind</source>
            <translation>%1 % dahinter</translation>
        </message>
        <message>
            <source>%1 % ahead</source>
            <translation>%1 % davor</translation>
        </message>
        <message>
            <source>%2 %1 ms behind</source>
            <translation>%2 %1 ms dahinter</translation>
        </message>
        <message>
            <source>%2 %1 ms ahead</source>
            <translation>%2 %1 ms davor</translation>
        </message>
        <message>
            <source>%2 %1 % behind</source>
            <translation>%2 %1 % dahinter</translation>
        </message>
        <message>
            <source>%2 %1 % ahead</source>
            <translation>%2 %1 % davor</translation>
        </message>
        <message>
            <source>%1: beat %2</source>
            <translation>%1: Zählzeit %2</translation>
        </message>
        <message>
            <source>%1: beat %2 of bar %3</source>
            <translation>%1: Zählzeit %2 in Takt %3</translation>
        </message>
        <message>
            <source>%1: bar %2</source>
            <translation>%1: Takt %2</translation>
        </message>
        <message>
            <source>%1: bars %2 to %3</source>
            <translation>%1: Takte %2 bis %3</translation>
        </message>
        <message>
            <source>%1: teach the kit</source>
            <translation>%1: das Kit lehren</translation>
        </message>
        <message>
            <source>One spot of a longer phrase, with a rest before it comes round.</source>
            <translation>Eine Stelle einer längeren Phrase, mit einer Pause, bevor sie wiederkommt.</translation>
        </message>
        <message>
            <source>Lets the microphone learn each drum: strike it alone, softly first, then loudly.</source>
            <translation>Lässt das Mikrofon jede Trommel lernen: schlage sie allein, erst leise, dann laut.</translation>
        </message>
        <message>
            <source>beat %1 in bar %2</source>
            <translation>Zählzeit %1 in Takt %2</translation>
        </message>
        <message>
            <source>the %3 of %1</source>
            <translation>das %3 von %1</translation>
        </message>
        <message>
            <source>the %3 of %1 in bar %2</source>
            <translation>das %3 von %1 in Takt %2</translation>
        </message>
        <message>
            <source>the first %3 of %1</source>
            <translation>das erste %3 von %1</translation>
        </message>
        <message>
            <source>the first %3 of %1 in bar %2</source>
            <translation>das erste %3 von %1 in Takt %2</translation>
        </message>
        <message>
            <source>the second %3 of %1</source>
            <translation>das zweite %3 von %1</translation>
        </message>
        <message>
            <source>the second %3 of %1 in bar %2</source>
            <translation>das zweite %3 von %1 in Takt %2</translation>
        </message>
        <message>
            <source>left ghost</source>
            <translation>linker Ghost</translation>
        </message>
        <message>
            <source>left tap</source>
            <translation>linker Tap</translation>
        </message>
        <message>
            <source>left accent</source>
            <translation>linker Akzent</translation>
        </message>
        <message>
            <source>right ghost</source>
            <translation>rechter Ghost</translation>
        </message>
        <message>
            <source>right tap</source>
            <translation>rechter Tap</translation>
        </message>
        <message>
            <source>right accent</source>
            <translation>rechter Akzent</translation>
        </message>
        <message>
            <source>%1 ghost</source>
            <translation>Ghost (%1)</translation>
        </message>
        <message>
            <source>%1 stroke</source>
            <translation>Schlag (%1)</translation>
        </message>
        <message>
            <source>%1 accent</source>
            <translation>Akzent (%1)</translation>
        </message>
        <message>
            <source>Warm-up</source>
            <translation>Aufwärmen</translation>
        </message>
        <message>
            <source>Weakest</source>
            <translation>Schwächstes</translation>
        </message>
        <message>
            <source>Due</source>
            <translation>Fällig</translation>
        </message>
        <message>
            <source>For its date</source>
            <translation>Für seinen Tag</translation>
        </message>
        <message>
            <source>As it is used</source>
            <translation>Im Einsatz</translation>
        </message>
        <message>
            <source>In turn</source>
            <translation>Der Reihe nach</translation>
        </message>
        <message>
            <source>Cool-down</source>
            <translation>Ausklang</translation>
        </message>
        <message>
            <source>Balanced</source>
            <translation>Ausgewogen</translation>
        </message>
        <message>
            <source>Something easy, what is farthest from its goal, what is fading, something as it is used, something easy.</source>
            <translation>Etwas Leichtes, was am weitesten vom Ziel ist, was verblasst, etwas im Einsatz, etwas Leichtes.</translation>
        </message>
        <message>
            <source>So many minutes a line</source>
            <translation>So viele Minuten je Zeile</translation>
        </message>
        <message>
            <source>Four minutes each, what was left lying longest first.</source>
            <translation>Vier Minuten für jedes, was am längsten lag, zuerst.</translation>
        </message>
        <message>
            <source>Slow and climb</source>
            <translation>Langsam und hinauf</translation>
        </message>
        <message>
            <source>One thing: slowly first, then up its ladder.</source>
            <translation>Eine Sache: erst langsam, dann ihre Leiter hinauf.</translation>
        </message>
        <message>
            <source>Grow at tempo</source>
            <translation>Im Tempo wachsen</translation>
        </message>
        <message>
            <source>One thing: loosely first, then at its tempo from the first notes on, a little more each time.</source>
            <translation>Eine Sache: erst locker, dann in ihrem Tempo von den ersten Noten an, jedes Mal ein wenig mehr.</translation>
        </message>
        <message>
            <source>Singles and doubles in turn</source>
            <translation>Einzel- und Doppelschläge im Wechsel</translation>
        </message>
        <message>
            <source>A page of singles, a page of doubles, and so on.</source>
            <translation>Ein Blatt Einzelschläge, ein Blatt Doppelschläge, und so weiter.</translation>
        </message>
        <message>
            <source>Hands in the week, feet on Saturday</source>
            <translation>Unter der Woche Hände, am Samstag Füße</translation>
        </message>
        <message>
            <source>Balanced, with pages for the hands; on Saturday those with feet.</source>
            <translation>Ausgewogen, mit Blättern für die Hände; am Samstag die mit Füßen.</translation>
        </message>
        <message>
            <source>easy at %1: loose, even, no hurry</source>
            <translation>leicht bei %1: locker, gleichmäßig, ohne Eile</translation>
        </message>
        <message>
            <source>now at %1 of %2</source>
            <translation>jetzt bei %1 von %2</translation>
        </message>
        <message>
            <source>now at %1 of %2; missed last: %3</source>
            <translation>jetzt bei %1 von %2; zuletzt verfehlt: %3</translation>
        </message>
        <message>
            <source>clean at %1 yesterday</source>
            <translation>gestern sauber bei %1</translation>
        </message>
        <message numerus="yes">
            <source>clean at %1 %n days ago</source>
            <translation>
                <numerusform>gestern sauber bei %1</numerusform>
                <numerusform>vor %n Tagen sauber bei %1</numerusform>
            </translation>
        </message>
        <message>
            <source>nothing clean yet: begin at %1</source>
            <translation>noch nichts sauber: beginne bei %1</translation>
        </message>
        <message>
            <source>wanted tomorrow: now at %1 of %2</source>
            <translation>morgen gewünscht: jetzt bei %1 von %2</translation>
        </message>
        <message numerus="yes">
            <source>wanted in %n days: now at %1 of %2</source>
            <translation>
                <numerusform>morgen gewünscht: jetzt bei %1 von %2</numerusform>
                <numerusform>in %n Tagen gewünscht: jetzt bei %1 von %2</numerusform>
            </translation>
        </message>
        <message>
            <source>what the others are for</source>
            <translation>wofür die anderen da sind</translation>
        </message>
        <message>
            <source>it is its turn</source>
            <translation>es ist an der Reihe</translation>
        </message>
        <message>
            <source>%1 is within reach today.</source>
            <translation>%1 ist heute in Reichweite.</translation>
        </message>
        <message>
            <source>%1 in %2 to %3 days, if you go on like this.</source>
            <translation>%1 in %2 bis %3 Tagen, wenn du so weitermachst.</translation>
        </message>
        <message>
            <source>%1 in about %2 days, not before %3; nobody can promise it within a year.</source>
            <translation>%1 in etwa %2 Tagen, nicht vor %3; innerhalb eines Jahres kann es niemand versprechen.</translation>
        </message>
        <message>
            <source>%1 is out of reach within a year at this pace.</source>
            <translation>%1 ist in diesem Schritt innerhalb eines Jahres nicht zu erreichen.</translation>
        </message>
        <message>
            <source>Your hits scatter more from %1 on (%2 to %3)</source>
            <translation>Deine Schläge streuen mehr ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Your ghosts come up from %1 on (%2 to %3)</source>
            <translation>Deine Ghosts kommen hoch ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Your accents sink to the taps from %1 on (%2 to %3)</source>
            <translation>Deine Akzente sinken zu den Taps ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Your swing straightens from %1 on (%2 to %3)</source>
            <translation>Dein Swing wird gerade ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Left hand against right</source>
            <translation>Linke Hand gegen rechte</translation>
        </message>
        <message>
            <source>Your left hand falls behind from %1 on (%2 to %3)</source>
            <translation>Deine linke Hand fällt zurück ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Your left hand runs ahead from %1 on (%2 to %3)</source>
            <translation>Deine linke Hand läuft voraus ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>You fall behind the click from %1 on (%2 to %3)</source>
            <translation>Du fällst hinter den Klick zurück ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>You run ahead of the click from %1 on (%2 to %3)</source>
            <translation>Du läufst dem Klick davon ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Grace notes before the stroke</source>
            <translation>Vorschläge vor dem Schlag</translation>
        </message>
        <message>
            <source>Your grace notes open from %1 on (%2 to %3)</source>
            <translation>Deine Vorschläge öffnen sich ab %1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Not enough takes on both sides to say where your ceiling is.</source>
            <translation>Zu wenige Takes auf beiden Seiten, um zu sagen, wo deine Obergrenze liegt.</translation>
        </message>
        <message>
            <source>A clean take is an even chance at %1 (%2 to %3).</source>
            <translation>Ein sauberer Take steht bei %1 auf der Kippe (%2 bis %3).</translation>
        </message>
        <message>
            <source>Clean nine times in ten up to %1; half the time at %2 (%3 to %4).</source>
            <translation>Neunmal von zehn sauber bis %1; jedes zweite Mal bei %2 (%3 bis %4).</translation>
        </message>
        <message>
            <source>Over %1 takes at this tempo your strokes grew %2 % (%3 to %4) more uneven and %5 dB (%6 to %7) softer.</source>
            <translation>Über %1 Takes in diesem Tempo wurden deine Schläge %2 % (%3 bis %4) ungleichmäßiger und %5 dB (%6 bis %7) leiser.</translation>
        </message>
        <message>
            <source>Over %1 takes at this tempo your strokes grew %2 % (%3 to %4) more uneven and came %5 ms (%6 to %7) later.</source>
            <translation>Über %1 Takes in diesem Tempo wurden deine Schläge %2 % (%3 bis %4) ungleichmäßiger und kamen %5 ms (%6 bis %7) später.</translation>
        </message>
        <message>
            <source>Holds the rung: %1, missed in %2 of %3 takes; it is getting better.</source>
            <translation>Hält auf der Sprosse: %1, in %2 von %3 Takes verfehlt; es wird besser.</translation>
        </message>
        <message>
            <source>Holds the rung: %1, missed in %2 of %3 takes; it is getting worse.</source>
            <translation>Hält auf der Sprosse: %1, in %2 von %3 Takes verfehlt; es wird schlechter.</translation>
        </message>
        <message>
            <source>Holds the rung: %1, missed in %2 of %3 takes.</source>
            <translation>Hält auf der Sprosse: %1, in %2 von %3 Takes verfehlt.</translation>
        </message>
        <message>
            <source>Instead of %1, hardly reached in three months as it goes, %2 can be had in one: N takes that goal.</source>
            <translation>Statt %1, so kaum in drei Monaten zu erreichen, ist %2 in einem zu haben: N nimmt dieses Ziel.</translation>
        </message>
        <message>
            <source>%1: two weeks at the same tempos, on six days and more, can be compared.</source>
            <translation>%1: Zwei Wochen in denselben Tempos, an sechs Tagen und mehr, lassen sich vergleichen.</translation>
        </message>
        <message>
            <source>%1: no difference from the week before that can be told: %2 %6 after %3 (%4 to %5).</source>
            <translation>%1: Kein Unterschied zur Woche davor, der sich sagen lässt: %2 %6 nach %3 (%4 bis %5).</translation>
        </message>
        <message>
            <source>%1: %2 %6, %3 more than the week before (%4 to %5).</source>
            <translation>%1: %2 %6, %3 mehr als in der Woche davor (%4 bis %5).</translation>
        </message>
        <message>
            <source>%1: %2 %6, %3 less than the week before (%4 to %5).</source>
            <translation>%1: %2 %6, %3 weniger als in der Woche davor (%4 bis %5).</translation>
        </message>
        <message>
            <source>All sections are clean at %1.</source>
            <translation>Alle Abschnitte sind sauber bei %1.</translation>
        </message>
        <message>
            <source>%1 holds the piece at %2; %3 would go at %4.</source>
            <translation>%1 hält das Stück bei %2; %3 ginge bei %4.</translation>
        </message>
        <message>
            <source>Today the whole goes at %1: Shift B.</source>
            <translation>Heute geht das Ganze bei %1: Umschalt B.</translation>
        </message>
        <message>
            <source>%1: the pulse is %2 ms early (±%3)</source>
            <translation>%1: der Puls ist %2 ms früh (±%3)</translation>
        </message>
        <message>
            <source>%1: the pulse is %2 ms late (±%3)</source>
            <translation>%1: der Puls ist %2 ms spät (±%3)</translation>
        </message>
        <message>
            <source>%1; behind it you are still %2 ms off</source>
            <translation>%1; dahinter liegst du noch %2 ms daneben</translation>
        </message>
        <message>
            <source>%1; behind it you are back</source>
            <translation>%1; dahinter bist du wieder da</translation>
        </message>
        <message>
            <source>%1: the same strokes are %2 dB louder than before it</source>
            <translation>%1: dieselben Schläge sind %2 dB lauter als davor</translation>
        </message>
        <message>
            <source>%1: the same strokes are %2 dB softer than before it</source>
            <translation>%1: dieselben Schläge sind %2 dB leiser als davor</translation>
        </message>
        <message>
            <source>%1; the same strokes are %2 dB louder than before it</source>
            <translation>%1; dieselben Schläge sind %2 dB lauter als davor</translation>
        </message>
        <message>
            <source>%1; the same strokes are %2 dB softer than before it</source>
            <translation>%1; dieselben Schläge sind %2 dB leiser als davor</translation>
        </message>
        <message>
            <source>No takes</source>
            <translation>Keine Takes</translation>
        </message>
        <message>
            <source>One take</source>
            <translation>Ein Take</translation>
        </message>
        <message>
            <source>Two takes</source>
            <translation>Zwei Takes</translation>
        </message>
        <message>
            <source>Three takes</source>
            <translation>Drei Takes</translation>
        </message>
        <message>
            <source>Four takes</source>
            <translation>Vier Takes</translation>
        </message>
        <message>
            <source>Five takes</source>
            <translation>Fünf Takes</translation>
        </message>
        <message>
            <source>One more take like this will do.</source>
            <translation>Noch ein Take wie dieser genügt.</translation>
        </message>
        <message numerus="yes">
            <source>%n more takes like this will do.</source>
            <translation>
                <numerusform>Noch ein Take wie dieser genügt.</numerusform>
                <numerusform>Noch %n Takes wie dieser genügen.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 at your goal, and all that is asked is met. Keep it, or set a new goal.</source>
            <translation>%1 an deinem Ziel, und alles Verlangte ist erfüllt. Halte es, oder setze ein neues Ziel.</translation>
        </message>
        <message>
            <source>%1 at %2, and all that is asked is met: two up, one back.</source>
            <translation>%1 bei %2, und alles Verlangte ist erfüllt: zwei hinauf, eine zurück.</translation>
        </message>
        <message>
            <source>All that is asked is met; %1 are the least.</source>
            <translation>Alles Verlangte ist erfüllt; %1 sind das Mindeste.</translation>
        </message>
        <message>
            <source>%1, and all that is asked is met: it is easy now.</source>
            <translation>%1, und alles Verlangte ist erfüllt: es ist jetzt leicht.</translation>
        </message>
        <message>
            <source>%1 at %2, and all that is asked is met.</source>
            <translation>%1 bei %2, und alles Verlangte ist erfüllt.</translation>
        </message>
        <message>
            <source>One place holds it back again and again: %1.</source>
            <translation>Eine Stelle hält es immer wieder auf: %1.</translation>
        </message>
        <message>
            <source>Missed over the takes on this rung: %1.</source>
            <translation>Über die Takes auf dieser Sprosse verfehlt: %1.</translation>
        </message>
        <message>
            <source>Missed over the takes on this rung: %1. This is the lowest one: start slower or take fewer notes.</source>
            <translation>Über die Takes auf dieser Sprosse verfehlt: %1. Das ist die unterste: beginne langsamer oder nimm weniger Noten.</translation>
        </message>
        <message>
            <source>What holds it back: %1.</source>
            <translation>Was es aufhält: %1.</translation>
        </message>
        <message>
            <source>%1 strokes missed and %2 not written. This is the lowest rung: start slower or take fewer notes.</source>
            <translation>%1 Schläge ausgelassen und %2 nicht geschrieben. Das ist die unterste Sprosse: beginne langsamer oder nimm weniger Noten.</translation>
        </message>
        <message>
            <source>%1 strokes missed and %2 not written.</source>
            <translation>%1 Schläge ausgelassen und %2 nicht geschrieben.</translation>
        </message>
        <message>
            <source>Too near the limit to be sure: %1.</source>
            <translation>Zu nah an der Grenze, um sicher zu sein: %1.</translation>
        </message>
        <message>
            <source>Not sure yet: %1.</source>
            <translation>Noch nicht sicher: %1.</translation>
        </message>
        <message>
            <source>Too little was played to judge.</source>
            <translation>Zum Beurteilen wurde zu wenig gespielt.</translation>
        </message>
        <message>
            <source>%1 s of this take could not be measured: it does not count.</source>
            <translation>%1 s dieses Takes ließen sich nicht messen: er zählt nicht.</translation>
        </message>
        <message>
            <source>The simulated player played this: it moves no ladder.</source>
            <translation>Das hat der simulierte Spieler gespielt: es bewegt keine Leiter.</translation>
        </message>
        <message>
            <source>The click is louder in this recording than your strokes on it: turn it down, or wear headphones.</source>
            <translation>Der Klick ist in dieser Aufnahme lauter als deine Schläge auf ihm: drehe ihn leiser oder trage Kopfhörer.</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>Isolate one spot.</source>
            <translation>Eine Stelle allein.</translation>
        </message>
        <message>
            <source>Isolate beat %1 of bar %2.</source>
            <translation>Zählzeit %1 in Takt %2 allein.</translation>
        </message>
        <message>
            <source>Full speed: %1.</source>
            <translation>Volles Tempo: %1.</translation>
        </message>
        <message>
            <source>Less click at %1.</source>
            <translation>Weniger Klick bei %1.</translation>
        </message>
        <message>
            <source>More click at %1.</source>
            <translation>Mehr Klick bei %1.</translation>
        </message>
        <message>
            <source>On to the next part.</source>
            <translation>Weiter zum nächsten Teil.</translation>
        </message>
        <message>
            <source>Up to %1.</source>
            <translation>Hinauf auf %1.</translation>
        </message>
        <message>
            <source>Back to %1.</source>
            <translation>Zurück auf %1.</translation>
        </message>
        <message>
            <source>Make it easier first.</source>
            <translation>Mach es erst leichter.</translation>
        </message>
        <message>
            <source>Again at %1.</source>
            <translation>Noch einmal bei %1.</translation>
        </message>
        <message>
            <source>%1: %2 then %3, no difference that can be told</source>
            <translation>%1: %2, dann %3, kein Unterschied, der sich sagen lässt</translation>
        </message>
        <message>
            <source>%1: %2 then %3, better by %4 (%5 to %6)</source>
            <translation>%1: %2, dann %3, besser um %4 (%5 bis %6)</translation>
        </message>
        <message>
            <source>%1: %2 then %3, worse by %4 (%5 to %6)</source>
            <translation>%1: %2, dann %3, schlechter um %4 (%5 bis %6)</translation>
        </message>
        <message>
            <source>the figures of the take of %1 are not those that were measured</source>
            <translation>die Werte der Aufnahme vom %1 sind nicht die gemessenen</translation>
        </message>
        <message>
            <source>restore the take from a backup</source>
            <translation>hole die Aufnahme aus einer Sicherung zurück</translation>
        </message>
    </context>
    <context>
        <name>countWords</name>
        <message>
            <source>one</source>
            <translation>eins</translation>
        </message>
        <message>
            <source>two</source>
            <translation>zwei</translation>
        </message>
        <message>
            <source>three</source>
            <translation>drei</translation>
        </message>
        <message>
            <source>four</source>
            <translation>vier</translation>
        </message>
        <message>
            <source>five</source>
            <translation>fünf</translation>
        </message>
        <message>
            <source>six</source>
            <translation>sechs</translation>
        </message>
        <message>
            <source>seven</source>
            <translation>sieben</translation>
        </message>
        <message>
            <source>eight</source>
            <translation>acht</translation>
        </message>
        <message>
            <source>nine</source>
            <translation>neun</translation>
        </message>
        <message>
            <source>ten</source>
            <translation>zehn</translation>
        </message>
        <message>
            <source>eleven</source>
            <translation>elf</translation>
        </message>
        <message>
            <source>twelve</source>
            <translation>zwölf</translation>
        </message>
    </context>
    <context>
        <name>upbeat::AudioInput</name>
        <message>
            <source>the input is being opened</source>
            <translation>der Eingang wird geöffnet</translation>
        </message>
        <message>
            <source>no input: it has left</source>
            <translation>kein Eingang: er ist weg</translation>
        </message>
        <message>
            <source>Simulated player</source>
            <translation>Simulierter Spieler</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Backups</name>
        <message>
            <source>The backup is being written.</source>
            <translation>Die Sicherung wird geschrieben.</translation>
        </message>
        <message>
            <source>%1 with their recordings are in %2.</source>
            <translation>%1 mit ihren Aufnahmen sind in %2.</translation>
        </message>
        <message>
            <source>Nothing can be kept in this folder.</source>
            <translation>In diesem Ordner lässt sich nichts aufbewahren.</translation>
        </message>
        <message>
            <source>%1 came from the backup, %2 were here already.</source>
            <translation>%1 kamen aus der Sicherung, %2 waren schon da.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ClimbPlace</name>
        <message>
            <source>The ladder of this page from its start to its goal: filled rungs were clean, the open one is yours now. Beside them stands how likely a clean take is.</source>
            <translation>Die Leiter dieses Blattes von seinem Anfang bis zum Ziel: volle Sprossen waren sauber, die offene ist jetzt deine. Daneben steht, wie wahrscheinlich ein sauberer Take ist.</translation>
        </message>
        <message>
            <source>Every section of a piece has a ladder of its own; the slowest holds the piece.</source>
            <translation>Jeder Abschnitt eines Stücks hat seine eigene Leiter; der langsamste hält das Stück.</translation>
        </message>
        <message>
            <source>What a take must show to be clean at this tempo.</source>
            <translation>Was ein Take zeigen muss, um in diesem Tempo sauber zu sein.</translation>
        </message>
        <message>
            <source>What holds you on this rung, take by take.</source>
            <translation>Was dich auf dieser Sprosse hält, Take für Take.</translation>
        </message>
        <message>
            <source>The next step after the last take.</source>
            <translation>Der nächste Schritt nach dem letzten Take.</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>next step</source>
            <translation>nächster Schritt</translation>
        </message>
        <message>
            <source>Up Down</source>
            <translation>Auf Ab</translation>
        </message>
        <message>
            <source>rung</source>
            <translation>Sprosse</translation>
        </message>
        <message>
            <source>hands-free climb</source>
            <translation>freihändig klettern</translation>
        </message>
        <message>
            <source>as it gets faster</source>
            <translation>wenn es schneller wird</translation>
        </message>
        <message>
            <source>limits</source>
            <translation>Grenzen</translation>
        </message>
        <message>
            <source>goal up a step</source>
            <translation>Ziel einen Schritt höher</translation>
        </message>
        <message>
            <source>takes asked</source>
            <translation>verlangte Takes</translation>
        </message>
        <message>
            <source>next measure</source>
            <translation>nächste Größe</translation>
        </message>
        <message>
            <source>the ladder again</source>
            <translation>wieder die Leiter</translation>
        </message>
        <message>
            <source>another way up</source>
            <translation>ein anderer Weg hinauf</translation>
        </message>
        <message>
            <source>up by minutes</source>
            <translation>nach Minuten hinauf</translation>
        </message>
        <message>
            <source>a nearer goal</source>
            <translation>ein näheres Ziel</translation>
        </message>
        <message>
            <source>Tab</source>
            <translation>Tab</translation>
        </message>
        <message>
            <source>next</source>
            <translation>weiter</translation>
        </message>
        <message>
            <source>change</source>
            <translation>ändern</translation>
        </message>
        <message>
            <source>this one or all</source>
            <translation>diese oder alle</translation>
        </message>
        <message>
            <source>built in</source>
            <translation>eingebaute</translation>
        </message>
        <message>
            <source>done</source>
            <translation>fertig</translation>
        </message>
        <message>
            <source>open</source>
            <translation>öffnen</translation>
        </message>
        <message>
            <source>save</source>
            <translation>sichern</translation>
        </message>
        <message>
            <source>Ctrl Z</source>
            <translation>Strg Z</translation>
        </message>
        <message>
            <source>undo</source>
            <translation>zurücknehmen</translation>
        </message>
        <message>
            <source>Shift R</source>
            <translation>Umschalt R</translation>
        </message>
        <message>
            <source>all built in</source>
            <translation>alle eingebauten</translation>
        </message>
        <message>
            <source>As it gets faster</source>
            <translation>Wenn es schneller wird</translation>
        </message>
        <message>
            <source>Limits of your own</source>
            <translation>Eigene Grenzen</translation>
        </message>
        <message>
            <source>The way up: %1.</source>
            <translation>Der Weg hinauf: %1.</translation>
        </message>
        <message>
            <source>A rung lasts %1, whatever was played; what falls apart still leads back.</source>
            <translation>Eine Sprosse dauert %1, was auch gespielt wurde; was auseinanderfällt, führt trotzdem zurück.</translation>
        </message>
        <message>
            <source>Clean takes lead up.</source>
            <translation>Saubere Takes führen hinauf.</translation>
        </message>
        <message>
            <source>The goal is near enough, or there are too few days to say what is.</source>
            <translation>Das Ziel ist nah genug, oder es sind zu wenige Tage, um das zu sagen.</translation>
        </message>
        <message>
            <source>at %1</source>
            <translation>bei %1</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>noch nicht</translation>
        </message>
    </context>
    <context>
        <name>upbeat::CloseUp</name>
        <message>
            <source>The sound of the chosen hit</source>
            <translation>Der Klang des gewählten Schlages</translation>
        </message>
    </context>
    <context>
        <name>upbeat::CountLine</name>
        <message>
            <source>Count line of %1</source>
            <translation>Zählzeile von %1</translation>
        </message>
        <message>
            <source>bar %1 of %2</source>
            <translation>Takt %1 von %2</translation>
        </message>
        <message>
            <source>as bar %1</source>
            <translation>wie Takt %1</translation>
        </message>
        <message>
            <source>any %1</source>
            <translation>beliebige %1</translation>
        </message>
        <message>
            <source>bar %1</source>
            <translation>Takt %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::DiskDialog</name>
        <message>
            <source>Month</source>
            <translation>Monat</translation>
        </message>
        <message>
            <source>Recordings</source>
            <translation>Aufnahmen</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <source>Recordings by month</source>
            <translation>Aufnahmen nach Monaten</translation>
        </message>
        <message>
            <source>Recordings on the disk</source>
            <translation>Aufnahmen auf dem Datenträger</translation>
        </message>
        <message>
            <source>No recordings yet.</source>
            <translation>Noch keine Aufnahmen.</translation>
        </message>
        <message>
            <source>%1 in all. Hits, figures and verdicts stay, whatever is let go.</source>
            <translation>%1 insgesamt. Schläge, Zahlen und Urteile bleiben, was auch losgelassen wird.</translation>
        </message>
        <message>
            <source>How long recordings are kept</source>
            <translation>Wie lange Aufnahmen bleiben</translation>
        </message>
        <message>
            <source>Keep all recordings</source>
            <translation>Alle Aufnahmen behalten</translation>
        </message>
        <message>
            <source>Nothing is let go now.</source>
            <translation>Jetzt wird nichts losgelassen.</translation>
        </message>
        <message>
            <source>Lets go %1 now, for good.</source>
            <translation>Lässt jetzt %1 los, für immer.</translation>
        </message>
        <message>
            <source>Adding up ...</source>
            <translation>Wird zusammengezählt ...</translation>
        </message>
    </context>
    <context>
        <name>upbeat::EditPanel</name>
        <message>
            <source>A rule in your words</source>
            <translation>Eine Regel in deinen Worten</translation>
        </message>
        <message>
            <source>Groups of steps, as 5+3+5+3; a roll at the pen by its strokes, as 7; how loud the selection or the bar is, pp to ff; any 6 for six free notes in it; what the tempo does from the bar on, as 80 %, 70 % over 2 bars or held 2; a section from the bar on, as section verse 2, or section verse 2 as verse 1; counting words, as hip-po-pot-a-mus:</source>
            <translation>Gruppen von Schritten, wie 5+3+5+3; ein Wirbel am Stift nach seinen Schlägen, wie 7; wie laut die Auswahl oder der Takt ist, pp bis ff; any 6 für sechs freie Noten darin; was das Tempo ab dem Takt tut, wie 80 %, 70 % over 2 bars oder held 2; ein Abschnitt ab dem Takt, wie section verse 2 oder section verse 2 as verse 1; Zählwörter, wie hip-po-pot-a-mus:</translation>
        </message>
        <message>
            <source>It stands there in the feel of the page: a phrase has one.</source>
            <translation>Es steht dort im Feel des Blattes: ein Blatt hat nur eines.</translation>
        </message>
        <message>
            <source>An empty page: type R and L.</source>
            <translation>Ein leeres Blatt: tippe R und L.</translation>
        </message>
        <message>
            <source>%1 here</source>
            <translation>%1 hier</translation>
        </message>
        <message>
            <source>straight</source>
            <translation>gerade</translation>
        </message>
        <message>
            <source>swung eighths</source>
            <translation>geswingte Achtel</translation>
        </message>
        <message>
            <source>swung sixteenths</source>
            <translation>geswingte Sechzehntel</translation>
        </message>
        <message>
            <source>swung by tempo</source>
            <translation>Swing nach Tempo</translation>
        </message>
        <message>
            <source>Title</source>
            <translation>Titel</translation>
        </message>
        <message>
            <source>Meter</source>
            <translation>Taktart</translation>
        </message>
        <message>
            <source>Bars</source>
            <translation>Takte</translation>
        </message>
        <message>
            <source>Feel</source>
            <translation>Feel</translation>
        </message>
        <message>
            <source>Ratio</source>
            <translation>Verhältnis</translation>
        </message>
        <message>
            <source>Row for</source>
            <translation>Zeile für</translation>
        </message>
        <message>
            <source>Rule</source>
            <translation>Regel</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ExerciseFilter</name>
        <message>
            <source>all exercises</source>
            <translation>alle Übungen</translation>
        </message>
        <message>
            <source>my own</source>
            <translation>meine eigenen</translation>
        </message>
        <message>
            <source>rudiments</source>
            <translation>Rudiments</translation>
        </message>
        <message>
            <source>accents and levels</source>
            <translation>Akzente und Stärken</translation>
        </message>
        <message>
            <source>timing and grids</source>
            <translation>Timing und Raster</translation>
        </message>
        <message>
            <source>rolls</source>
            <translation>Wirbel</translation>
        </message>
        <message>
            <source>grooves</source>
            <translation>Grooves</translation>
        </message>
        <message>
            <source>fills</source>
            <translation>Fills</translation>
        </message>
        <message>
            <source>linear</source>
            <translation>linear</translation>
        </message>
        <message>
            <source>independence</source>
            <translation>Unabhängigkeit</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ExerciseModel</name>
        <message>
            <source>clean at %1</source>
            <translation>sauber bei %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::FasterView</name>
        <message>
            <source>What happens as it gets faster</source>
            <translation>Was geschieht, wenn es schneller wird</translation>
        </message>
        <message>
            <source>Nothing was measured yet.
Space plays the first take.</source>
            <translation>Noch wurde nichts gemessen.
Die Leertaste spielt den ersten Take.</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>before</source>
            <translation>vorher</translation>
        </message>
    </context>
    <context>
        <name>upbeat::FieldView</name>
        <message>
            <source>Field of hits: counts across, passes down</source>
            <translation>Feld der Schläge: Zählung quer, Durchgänge abwärts</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>%1 missed</source>
            <translation>%1 ausgelassen</translation>
        </message>
        <message>
            <source>one too many near %1</source>
            <translation>einer zu viel bei %1</translation>
        </message>
        <message>
            <source>something sounded near %1</source>
            <translation>etwas klang bei %1</translation>
        </message>
        <message>
            <source>%1 %L2 ms early</source>
            <translation>%L1 %L2 ms früh</translation>
        </message>
        <message>
            <source>%1 %L2 ms late</source>
            <translation>%L1 %L2 ms spät</translation>
        </message>
        <message>
            <source>pass %1: %2 in place</source>
            <translation>Durchgang %1: %2 am Platz</translation>
        </message>
    </context>
    <context>
        <name>upbeat::FindingCard</name>
        <message>
            <source>Heard on %1 and %2 more.</source>
            <translation>Zu hören auf %1 und %2 weiteren.</translation>
        </message>
        <message>
            <source>Heard on %1.</source>
            <translation>Zu hören auf %1.</translation>
        </message>
        <message>
            <source>H hear     D make a drill</source>
            <translation>H hören     D Einzelübung</translation>
        </message>
        <message>
            <source>H hear</source>
            <translation>H hören</translation>
        </message>
    </context>
    <context>
        <name>upbeat::GateList</name>
        <message>
            <source>%1: not there yet</source>
            <translation>%1: noch nicht da</translation>
        </message>
        <message>
            <source>%1: too near the limit</source>
            <translation>%1: zu nah an der Grenze</translation>
        </message>
        <message>
            <source>%1: near</source>
            <translation>%1: nah</translation>
        </message>
        <message>
            <source>What this rung asks</source>
            <translation>Was diese Sprosse verlangt</translation>
        </message>
        <message>
            <source>Play a take: then each thing asked stands here with what was measured.</source>
            <translation>Spiele einen Take: dann steht hier alles Verlangte mit dem, was gemessen wurde.</translation>
        </message>
        <message>
            <source>yours: at least %1</source>
            <translation>deine: mindestens %1</translation>
        </message>
        <message>
            <source>yours: at most %1</source>
            <translation>deine: höchstens %1</translation>
        </message>
        <message>
            <source>at least %1</source>
            <translation>mindestens %1</translation>
        </message>
        <message>
            <source>at most %1</source>
            <translation>höchstens %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Glossary</name>
        <message>
            <source>Take</source>
            <translation>Take</translation>
        </message>
        <message>
            <source>One recording of the page, from the count-in to the last bar.</source>
            <translation>Eine Aufnahme des Blattes, vom Einzählen bis zum letzten Takt.</translation>
        </message>
        <message>
            <source>Page</source>
            <translation>Blatt</translation>
        </message>
        <message>
            <source>What is written: an exercise of a bar or two, or a piece.</source>
            <translation>Was geschrieben ist: eine Übung von ein, zwei Takten oder ein Stück.</translation>
        </message>
        <message>
            <source>Offset</source>
            <translation>Abweichung</translation>
        </message>
        <message>
            <source>How far a stroke is from where it is asked for, in thousandths of a second (ms). Plus is late.</source>
            <translation>Wie weit ein Schlag von dort entfernt ist, wo er verlangt wird, in Tausendstelsekunden (ms). Plus ist spät.</translation>
        </message>
        <message>
            <source>Placement</source>
            <translation>Lage</translation>
        </message>
        <message>
            <source>The middle of all offsets: where you lie against the click on the whole. It is known only where the click was heard or the way round was measured.</source>
            <translation>Die Mitte aller Abweichungen: wo du im Ganzen gegen den Klick liegst. Bekannt ist sie nur, wo der Klick zu hören war oder die Laufzeit gemessen ist.</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <source>How far the strokes scatter about their middle: two of three lie within it.</source>
            <translation>Wie weit die Schläge um ihre Mitte streuen: zwei von dreien liegen darin.</translation>
        </message>
        <message>
            <source>Habit</source>
            <translation>Gewohnheit</translation>
        </message>
        <message>
            <source>A count that leans the same way time after time.</source>
            <translation>Eine Stelle, die sich Mal um Mal gleich neigt.</translation>
        </message>
        <message>
            <source>Wander</source>
            <translation>Schwanken</translation>
        </message>
        <message>
            <source>Strokes that follow one another lean together: the pulse breathes.</source>
            <translation>Aufeinanderfolgende Schläge neigen sich gemeinsam: der Puls atmet.</translation>
        </message>
        <message>
            <source>Drift</source>
            <translation>Drift</translation>
        </message>
        <message>
            <source>The pulse moves away from the click little by little, in ms a bar.</source>
            <translation>Der Puls entfernt sich nach und nach vom Klick, in ms je Takt.</translation>
        </message>
        <message>
            <source>Accent, tap, ghost</source>
            <translation>Akzent, Tap, Ghost</translation>
        </message>
        <message>
            <source>The three levels of a stroke: loud, plain, hardly heard.</source>
            <translation>Die drei Stärken eines Schlages: laut, einfach, kaum zu hören.</translation>
        </message>
        <message>
            <source>Gap</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <source>By how many decibels (dB) one level lies below the next. Ten sound about half as loud.</source>
            <translation>Um wie viele Dezibel (dB) eine Stärke unter der nächsten liegt. Zehn klingen etwa halb so laut.</translation>
        </message>
        <message>
            <source>Overlap</source>
            <translation>Überschneidung</translation>
        </message>
        <message>
            <source>How often a softer stroke comes out louder than a louder one.</source>
            <translation>Wie oft ein leiserer Schlag lauter herauskommt als ein lauterer.</translation>
        </message>
        <message>
            <source>Swing</source>
            <translation>Swing</translation>
        </message>
        <message>
            <source>How long the first of two notes lasts against the second; 2 : 1 is a triplet.</source>
            <translation>Wie lange die erste von zwei Noten gegen die zweite dauert; 2 : 1 ist eine Triole.</translation>
        </message>
        <message>
            <source>Interval</source>
            <translation>Intervall</translation>
        </message>
        <message>
            <source>Between these two figures lies the true one, nineteen times in twenty. What it leaves open is not said.</source>
            <translation>Zwischen diesen beiden Zahlen liegt die wahre, neunzehn von zwanzig Mal. Was es offen lässt, wird nicht gesagt.</translation>
        </message>
        <message>
            <source>Rung, ladder</source>
            <translation>Sprosse, Leiter</translation>
        </message>
        <message>
            <source>A tempo, and all tempos of a page from its start to its goal.</source>
            <translation>Ein Tempo, und alle Tempos eines Blattes vom Anfang bis zum Ziel.</translation>
        </message>
        <message>
            <source>Gate</source>
            <translation>Hürde</translation>
        </message>
        <message>
            <source>One thing a rung asks for. Met, missed, or still open: then more takes decide.</source>
            <translation>Eines von dem, was eine Sprosse verlangt. Erfüllt, verfehlt oder noch offen: dann entscheiden weitere Takes.</translation>
        </message>
        <message>
            <source>Clean</source>
            <translation>Sauber</translation>
        </message>
        <message>
            <source>No gate is missed.</source>
            <translation>Keine Hürde ist verfehlt.</translation>
        </message>
        <message>
            <source>Ceiling</source>
            <translation>Obergrenze</translation>
        </message>
        <message>
            <source>The tempo at which a clean take is an even chance.</source>
            <translation>Das Tempo, in dem ein sauberer Take auf der Kippe steht.</translation>
        </message>
        <message>
            <source>Drill</source>
            <translation>Einzelübung</translation>
        </message>
        <message>
            <source>The one spot that goes wrong, practised alone and put back.</source>
            <translation>Die eine Stelle, die misslingt, allein geübt und zurückgesetzt.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::GroupCompare</name>
        <message>
            <source>Voices</source>
            <translation>Stimmen</translation>
        </message>
        <message>
            <source>Hands and feet</source>
            <translation>Hände und Füße</translation>
        </message>
        <message>
            <source>Levels</source>
            <translation>Stärken</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Zählstellen</translation>
        </message>
        <message>
            <source>Places in the beat</source>
            <translation>Plätze in der Zählzeit</translation>
        </message>
        <message>
            <source>%1 ms early</source>
            <translation>%L1 ms früh</translation>
        </message>
        <message>
            <source>%1 ms late</source>
            <translation>%L1 ms spät</translation>
        </message>
        <message>
            <source>, by a jump</source>
            <translation>, durch einen Sprung</translation>
        </message>
        <message>
            <source>, by drifting</source>
            <translation>, durch Driften</translation>
        </message>
        <message>
            <source>after the free notes</source>
            <translation>nach den freien Noten</translation>
        </message>
        <message>
            <source>Back with the click</source>
            <translation>Zurück beim Klick</translation>
        </message>
        <message>
            <source>bar %1, %2</source>
            <translation>Takt %1, %2</translation>
        </message>
        <message>
            <source>Struck together</source>
            <translation>Zusammen geschlagen</translation>
        </message>
        <message>
            <source>%1 after %2</source>
            <translation>%1 nach %2</translation>
        </message>
        <message>
            <source>%1 and %2 apart</source>
            <translation>%1 und %2, Abstand</translation>
        </message>
        <message>
            <source>%1 ms ±%2, %3 times</source>
            <translation>%L1 ms ±%2, %3 Mal</translation>
        </message>
        <message>
            <source>Rolls</source>
            <translation>Wirbel</translation>
        </message>
        <message>
            <source>from %1</source>
            <translation>ab %1</translation>
        </message>
        <message>
            <source>longest gap %1 ms, ripple %2 dB</source>
            <translation>längste Lücke %L1 ms, Welligkeit %L2 dB</translation>
        </message>
        <message>
            <source>Alike in sound</source>
            <translation>Gleich im Klang</translation>
        </message>
        <message>
            <source>within %1 dB, %2 odd</source>
            <translation>innerhalb von %L1 dB, %2 abweichend</translation>
        </message>
        <message>
            <source>%1 hits, %2 dB</source>
            <translation>%1 Schläge, %L2 dB</translation>
        </message>
        <message>
            <source>%1 hits</source>
            <translation>%1 Schläge</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Guide</name>
        <message>
            <source>This is a page: sixteen strokes, hand to hand. The simulated player will play it for you, a little unevenly. Press F3: the place where one plays.</source>
            <translation>Das ist ein Blatt: sechzehn Schläge, Hand um Hand. Der simulierte Spieler wird es für dich spielen, ein wenig ungleichmäßig. Drücke F3: dort wird gespielt.</translation>
        </message>
        <message>
            <source>Press Space: a bar is counted in, then the take begins.</source>
            <translation>Drücke die Leertaste: ein Takt wird eingezählt, dann beginnt der Take.</translation>
        </message>
        <message>
            <source>The player is playing. Watch the strokes: leaning left is early, leaning right is late, tall is loud. It stops by itself.</source>
            <translation>Der Spieler spielt. Sieh den Schlägen zu: nach links geneigt ist früh, nach rechts spät, hoch ist laut. Er hört von selbst auf.</translation>
        </message>
        <message>
            <source>Every column is a count, every row a time round. What can be told is written at the right, with how sure it is; N goes through it, H lets you hear it. Then press F5.</source>
            <translation>Jede Spalte ist eine Zählstelle, jede Zeile ein Durchgang. Was sich sagen lässt, steht rechts, mit seiner Sicherheit; N geht es durch, H lässt dich hören. Dann drücke F5.</translation>
        </message>
        <message>
            <source>The ladder: a rung is a tempo, and the take said whether to go up. Press F6 for the log.</source>
            <translation>Die Leiter: eine Sprosse ist ein Tempo, und der Take hat gesagt, ob es hinaufgeht. Drücke F6 für das Log.</translation>
        </message>
        <message>
            <source>Here all takes stand by day. F1 explains every place. Now it is your turn: choose what you play on in Prepare.</source>
            <translation>Hier stehen alle Takes nach Tagen. F1 erklärt jeden Ort. Nun bist du dran: wähle unter Vorbereiten, worauf du spielst.</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Weiter</translation>
        </message>
        <message>
            <source>Leave</source>
            <translation>Verlassen</translation>
        </message>
        <message>
            <source>Done</source>
            <translation>Fertig</translation>
        </message>
    </context>
    <context>
        <name>upbeat::HandsFree</name>
        <message>
            <source>Learned. In a rest, three taps go on at once, four take the step back and play it again, five stop. Three taps in Play begin it too.</source>
            <translation>Gelernt. In einer Pause gehen drei Schläge sofort weiter, vier gehen einen Schritt zurück und spielen ihn noch einmal, fünf hören auf. Drei Schläge beginnen es auch unter Spielen.</translation>
        </message>
        <message>
            <source>Stopped by your taps.</source>
            <translation>Durch deine Schläge angehalten.</translation>
        </message>
        <message>
            <source>The goal is reached: %1, clean. G in Climb sets a higher one.</source>
            <translation>Das Ziel ist erreicht: %1, sauber. G unter Klettern setzt ein höheres.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::HearBar</name>
        <message>
            <source>half speed</source>
            <translation>halbes Tempo</translation>
        </message>
        <message>
            <source>At half the tempo</source>
            <translation>In halbem Tempo</translation>
        </message>
        <message>
            <source>click</source>
            <translation>Klick</translation>
        </message>
        <message>
            <source>With the click</source>
            <translation>Mit dem Klick</translation>
        </message>
        <message>
            <source>with feel</source>
            <translation>mit Feel</translation>
        </message>
        <message>
            <source>As a good player plays it, not as a machine</source>
            <translation>So, wie ein guter Spieler es spielt, nicht wie eine Maschine</translation>
        </message>
        <message>
            <source>loop</source>
            <translation>Schleife</translation>
        </message>
        <message>
            <source>Round and round</source>
            <translation>Rundherum</translation>
        </message>
        <message>
            <source>bars</source>
            <translation>Takte</translation>
        </message>
        <message>
            <source>Hear the exercise</source>
            <translation>Die Übung hören</translation>
        </message>
        <message>
            <source>From bar</source>
            <translation>Ab Takt</translation>
        </message>
        <message>
            <source>To bar</source>
            <translation>Bis Takt</translation>
        </message>
        <message>
            <source>P  stop</source>
            <translation>P  halt</translation>
        </message>
        <message>
            <source>P  hear it</source>
            <translation>P  hören</translation>
        </message>
        <message>
            <source>R  the whole</source>
            <translation>R  das Ganze</translation>
        </message>
        <message>
            <source>R  only these</source>
            <translation>R  nur diese</translation>
        </message>
        <message>
            <source>Back to the whole</source>
            <translation>Zurück zum Ganzen</translation>
        </message>
        <message>
            <source>Practise only these bars</source>
            <translation>Nur diese Takte üben</translation>
        </message>
    </context>
    <context>
        <name>upbeat::HelpSheet</name>
        <message>
            <source>Picture of this place with numbers</source>
            <translation>Bild dieses Ortes mit Nummern</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Hilfe</translation>
        </message>
        <message>
            <source>Keys</source>
            <translation>Tasten</translation>
        </message>
        <message>
            <source>Words</source>
            <translation>Wörter</translation>
        </message>
        <message>
            <source>Protect your hearing, keep the click low in headphones, take breaks, and stop when something hurts. What does not pass belongs to a doctor or a qualified teacher; this program gives no medical advice.</source>
            <translation>Schütze dein Gehör, halte den Klick im Kopfhörer leise, mach Pausen und höre auf, wenn etwas weh tut. Was nicht vergeht, gehört zum Arzt oder zu einer ausgebildeten Lehrkraft; dieses Programm gibt keinen medizinischen Rat.</translation>
        </message>
        <message>
            <source>A first take, step by step</source>
            <translation>Ein erster Take, Schritt für Schritt</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
        <message>
            <source>Language</source>
            <translation>Sprache</translation>
        </message>
        <message>
            <source>As the desktop</source>
            <translation>Wie der Desktop</translation>
        </message>
        <message>
            <source>Change keys</source>
            <translation>Tasten ändern</translation>
        </message>
    </context>
    <context>
        <name>upbeat::InputWatch</name>
        <message>
            <source>The input is being opened: a moment.</source>
            <translation>Der Eingang wird geöffnet: einen Moment.</translation>
        </message>
        <message>
            <source>There is no sound output here: the click and all you listen to are silent.</source>
            <translation>Hier gibt es keinen Tonausgang: der Klick und alles, was du anhörst, bleiben stumm.</translation>
        </message>
        <message>
            <source>%1 is there again.</source>
            <translation>%1 ist wieder da.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::KeysDialog</name>
        <message>
            <source>Keys of your own</source>
            <translation>Eigene Tasten</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Ort</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Was sie tut</translation>
        </message>
        <message>
            <source>Key</source>
            <translation>Taste</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Alle Tasten</translation>
        </message>
        <message>
            <source>The new key</source>
            <translation>Die neue Taste</translation>
        </message>
        <message>
            <source>As it was</source>
            <translation>Wie es war</translation>
        </message>
        <message>
            <source>Choose a line, then press its new key here:</source>
            <translation>Wähle eine Zeile, dann drücke hier ihre neue Taste:</translation>
        </message>
        <message>
            <source>%1 does two things in %2: %3, and %4. One of them will not work.</source>
            <translation>%1 tut zweierlei in %2: %3, und %4. Eines davon wird nicht gehen.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LadderView</name>
        <message>
            <source>Ladder of tempos</source>
            <translation>Leiter der Tempos</translation>
        </message>
        <message>
            <source>At %1, goal %2, takes: %3</source>
            <translation>Bei %1, Ziel %2, Takes: %3</translation>
        </message>
        <message>
            <source>%1, by minutes</source>
            <translation>%1, nach Minuten</translation>
        </message>
        <message>
            <source>No take stands here yet.
Space plays the first one.</source>
            <translation>Hier steht noch kein Take.
Die Leertaste spielt den ersten.</translation>
        </message>
        <message>
            <source>full speed</source>
            <translation>volles Tempo</translation>
        </message>
        <message>
            <source>your ceiling</source>
            <translation>deine Obergrenze</translation>
        </message>
        <message>
            <source>%1: %2 of %3 takes clean</source>
            <translation>%1: %2 von %3 Takes sauber</translation>
        </message>
        <message>
            <source>, you are here</source>
            <translation>, hier bist du</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Lessons</name>
        <message>
            <source>This exercise has one instrument: there is nothing to tell apart.</source>
            <translation>Diese Übung hat ein Instrument: da ist nichts zu unterscheiden.</translation>
        </message>
        <message>
            <source>The kit is learned: from now on its drums are told apart.</source>
            <translation>Das Kit ist gelernt: von jetzt an werden seine Trommeln unterschieden.</translation>
        </message>
        <message>
            <source>The %1 was not heard clearly enough; teach the kit once more.</source>
            <translation>%1 war nicht deutlich genug zu hören; lehre das Kit noch einmal.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Letters</name>
        <message>
            <source>The report is in %1. Nothing was sent.</source>
            <translation>Der Bericht ist in %1. Nichts wurde verschickt.</translation>
        </message>
        <message>
            <source>Nothing can be kept in this folder.</source>
            <translation>In diesem Ordner lässt sich nichts aufbewahren.</translation>
        </message>
        <message>
            <source>The answer is about a take that is not in this log.</source>
            <translation>Die Antwort gilt einem Take, der nicht in diesem Log steht.</translation>
        </message>
        <message>
            <source>Somebody</source>
            <translation>Jemand</translation>
        </message>
        <message>
            <source>%1 answers: %2.</source>
            <translation>%1 antwortet: %2.</translation>
        </message>
        <message>
            <source> Next at %1.</source>
            <translation> Weiter bei %1.</translation>
        </message>
        <message>
            <source>The report cannot be written to %1.</source>
            <translation>Der Bericht lässt sich nicht nach %1 schreiben.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LimitBook</name>
        <message>
            <source>No limit was changed.</source>
            <translation>Keine Grenze wurde geändert.</translation>
        </message>
        <message>
            <source>These limits are asked from now on.</source>
            <translation>Diese Grenzen gelten von jetzt an.</translation>
        </message>
        <message>
            <source>%1: these limits are asked from now on.</source>
            <translation>%1: diese Grenzen gelten von jetzt an.</translation>
        </message>
        <message>
            <source>Your limits are in %1.</source>
            <translation>Deine Grenzen sind in %1.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LimitEditor</name>
        <message>
            <source> in 4 bars</source>
            <translation> in 4 Takten</translation>
        </message>
        <message>
            <source>Your limits for all exercises</source>
            <translation>Deine Grenzen für alle Übungen</translation>
        </message>
        <message>
            <source>Your limits for this exercise</source>
            <translation>Deine Grenzen für diese Übung</translation>
        </message>
        <message>
            <source>at least</source>
            <translation>mindestens</translation>
        </message>
        <message>
            <source>at most</source>
            <translation>höchstens</translation>
        </message>
        <message>
            <source>%1; built in %2</source>
            <translation>%1; eingebaut %2</translation>
        </message>
        <message>
            <source>Limits to ask from now on</source>
            <translation>Grenzen, die von jetzt an gelten</translation>
        </message>
        <message>
            <source>Limits (*.json)</source>
            <translation>Grenzen (*.json)</translation>
        </message>
        <message>
            <source>Pass your limits on</source>
            <translation>Deine Grenzen weitergeben</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LogCare</name>
        <message>
            <source>This folder is only open for reading: nothing can be kept in it.</source>
            <translation>Dieser Ordner ist nur zum Lesen offen: nichts lässt sich darin aufbewahren.</translation>
        </message>
        <message>
            <source>%1 in the trash for thirty days; Ctrl+Z brings back what was removed.</source>
            <translation>%1 für dreißig Tage im Papierkorb; Strg+Z holt zurück, was entfernt wurde.</translation>
        </message>
        <message>
            <source>There is nothing to take back.</source>
            <translation>Es gibt nichts zurückzunehmen.</translation>
        </message>
        <message>
            <source>Taken back.</source>
            <translation>Zurückgenommen.</translation>
        </message>
        <message>
            <source>%1 thrown away.</source>
            <translation>%1 weggeworfen.</translation>
        </message>
        <message>
            <source>%1 in %2: sound, hits, MIDI, page and figures.</source>
            <translation>%1 in %2: Ton, Schläge, MIDI, Blatt und Zahlen.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LogModel</name>
        <message>
            <source>, %1 min played</source>
            <translation>, %L1 min gespielt</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>at %1   simulated player</source>
            <translation>bei %1   simulierter Spieler</translation>
        </message>
        <message>
            <source>at %1   %2</source>
            <translation>bei %1   %2</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LogPlace</name>
        <message>
            <source>Tempos and measures by day, with their intervals; Enter opens the take of a point.</source>
            <translation>Tempos und Größen nach Tagen, mit ihren Intervallen; Eingabe öffnet den Take eines Punktes.</translation>
        </message>
        <message>
            <source>Two takes on one scale. Beside them: what got better or worse, and what cannot be told.</source>
            <translation>Zwei Takes in einem Maßstab. Daneben: was besser oder schlechter wurde und was sich nicht sagen lässt.</translation>
        </message>
        <message>
            <source>How much you have played.</source>
            <translation>Wie viel du gespielt hast.</translation>
        </message>
        <message>
            <source>F finds takes: by words, #tags, tempos, days, or what was found in them.</source>
            <translation>F findet Takes: nach Wörtern, #Schlagworten, Tempos, Tagen oder dem, was sich in ihnen zeigte.</translation>
        </message>
        <message>
            <source>Every take by day. An upright stroke was clean, a leaning one not. Enter opens it, V shows them over time, C compares two.</source>
            <translation>Jeder Take nach Tagen. Ein aufrechter Schlag war sauber, ein geneigter nicht. Eingabe öffnet ihn, V zeigt sie über die Zeit, C vergleicht zwei.</translation>
        </message>
        <message>
            <source>A note of your own on the chosen take.</source>
            <translation>Eine eigene Notiz zum gewählten Take.</translation>
        </message>
        <message>
            <source>early</source>
            <translation>früh</translation>
        </message>
        <message>
            <source>late</source>
            <translation>spät</translation>
        </message>
        <message>
            <source>loud</source>
            <translation>laut</translation>
        </message>
        <message>
            <source>soft</source>
            <translation>leise</translation>
        </message>
        <message>
            <source>uneven</source>
            <translation>ungleichmäßig</translation>
        </message>
        <message>
            <source>missed</source>
            <translation>verfehlt</translation>
        </message>
        <message>
            <source>drift</source>
            <translation>drift</translation>
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
            <source>Tags</source>
            <translation>Schlagworte</translation>
        </message>
        <message>
            <source>Words between blanks; the chosen takes have these from now on:</source>
            <translation>Wörter mit Leerzeichen dazwischen; die gewählten Takes haben von jetzt an diese:</translation>
        </message>
        <message>
            <source>Write the chosen takes into a folder</source>
            <translation>Die gewählten Takes in einen Ordner schreiben</translation>
        </message>
        <message>
            <source>Choose two takes first: Ctrl and a click, or Shift and an arrow.</source>
            <translation>Wähle zuerst zwei Takes: Strg und ein Klick, oder Umschalt und ein Pfeil.</translation>
        </message>
        <message>
            <source>compare two chosen takes</source>
            <translation>zwei gewählte Takes vergleichen</translation>
        </message>
        <message>
            <source>hear</source>
            <translation>hören</translation>
        </message>
        <message>
            <source>the other from the same bar</source>
            <translation>der andere ab demselben Takt</translation>
        </message>
        <message>
            <source>bar</source>
            <translation>Takt</translation>
        </message>
        <message>
            <source>back to the list</source>
            <translation>zurück zur Liste</translation>
        </message>
        <message>
            <source>find</source>
            <translation>suchen</translation>
        </message>
        <message>
            <source>Shift+arrows</source>
            <translation>Umschalt+Pfeile</translation>
        </message>
        <message>
            <source>choose several takes</source>
            <translation>mehrere Takes wählen</translation>
        </message>
        <message>
            <source>tags of the chosen takes</source>
            <translation>Schlagworte der gewählten Takes</translation>
        </message>
        <message>
            <source>Del</source>
            <translation>Entf</translation>
        </message>
        <message>
            <source>to the trash</source>
            <translation>in den Papierkorb</translation>
        </message>
        <message>
            <source>Ctrl+Z</source>
            <translation>Strg+Z</translation>
        </message>
        <message>
            <source>take back</source>
            <translation>zurücknehmen</translation>
        </message>
        <message>
            <source>the trash</source>
            <translation>der Papierkorb</translation>
        </message>
        <message>
            <source>Ctrl+Del</source>
            <translation>Strg+Entf</translation>
        </message>
        <message>
            <source>empty the trash</source>
            <translation>den Papierkorb leeren</translation>
        </message>
        <message>
            <source>Throw away everything in the trash, recordings and all? This cannot be taken back.</source>
            <translation>Alles im Papierkorb wegwerfen, mit den Aufnahmen? Das lässt sich nicht zurücknehmen.</translation>
        </message>
        <message>
            <source>Empty the trash</source>
            <translation>Den Papierkorb leeren</translation>
        </message>
        <message>
            <source>chosen takes as files</source>
            <translation>gewählte Takes als Dateien</translation>
        </message>
        <message>
            <source>what the recordings take of the disk</source>
            <translation>was die Aufnahmen an Platz brauchen</translation>
        </message>
        <message>
            <source>No take is like that.</source>
            <translation>Kein Take ist so.</translation>
        </message>
        <message>
            <source>%1 found</source>
            <translation>%1 gefunden</translation>
        </message>
        <message>
            <source>The trash is empty: D leads back.</source>
            <translation>Der Papierkorb ist leer: D führt zurück.</translation>
        </message>
        <message>
            <source>%1 in the trash: Enter puts back what is chosen, Ctrl+Del empties it, D leads back.</source>
            <translation>%1 im Papierkorb: Eingabe legt das Gewählte zurück, Strg+Entf leert ihn, D führt zurück.</translation>
        </message>
        <message>
            <source>Takes by day</source>
            <translation>Takes nach Tagen</translation>
        </message>
        <message>
            <source>Find: words, #tag, 96 or 90-110, 2026-11, since 2026-11-20, clean, left ghost early</source>
            <translation>Suchen: Wörter, #schlagwort, 96 oder 90-110, 2026-11, since 2026-11-20, clean, links ghost früh</translation>
        </message>
        <message>
            <source>Find takes</source>
            <translation>Takes suchen</translation>
        </message>
        <message>
            <source>Note on the chosen take</source>
            <translation>Notiz zum gewählten Take</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>look at the take</source>
            <translation>den Take ansehen</translation>
        </message>
        <message>
            <source>measure a recording</source>
            <translation>eine Aufnahme messen</translation>
        </message>
        <message>
            <source>save a backup</source>
            <translation>eine Sicherung speichern</translation>
        </message>
        <message>
            <source>bring in a backup</source>
            <translation>eine Sicherung hereinholen</translation>
        </message>
        <message>
            <source>Save a backup of everything</source>
            <translation>Eine Sicherung von allem speichern</translation>
        </message>
        <message>
            <source>Backups (*.zip)</source>
            <translation>Sicherungen (*.zip)</translation>
        </message>
        <message>
            <source>Bring in the takes of a backup</source>
            <translation>Die Takes einer Sicherung hereinholen</translation>
        </message>
        <message>
            <source>Your takes will stand here, day by day.</source>
            <translation>Deine Takes werden hier stehen, Tag für Tag.</translation>
        </message>
        <message>
            <source>%1 min played in the last seven days, %2 min in all, %3</source>
            <translation>%L1 min in den letzten sieben Tagen gespielt, %L2 min insgesamt, %3</translation>
        </message>
        <message>
            <source>over time</source>
            <translation>über die Zeit</translation>
        </message>
        <message>
            <source>takes by day</source>
            <translation>Takes nach Tagen</translation>
        </message>
        <message>
            <source>Arrows</source>
            <translation>Pfeile</translation>
        </message>
        <message>
            <source>take</source>
            <translation>Take</translation>
        </message>
        <message>
            <source>next measure</source>
            <translation>nächste Größe</translation>
        </message>
        <message>
            <source>all exercises</source>
            <translation>alle Übungen</translation>
        </message>
        <message>
            <source>Order in the log</source>
            <translation>Ordnung im Log</translation>
        </message>
        <message>
            <source>Two takes</source>
            <translation>Zwei Takes</translation>
        </message>
        <message>
            <source>Over time</source>
            <translation>Über die Zeit</translation>
        </message>
        <message>
            <source>A note on the chosen take, in Markdown</source>
            <translation>Eine Notiz zur gewählten Aufnahme, in Markdown</translation>
        </message>
        <message>
            <source>report of the chosen takes</source>
            <translation>Bericht über die gewählten Aufnahmen</translation>
        </message>
        <message>
            <source>Shift+W</source>
            <translation>Umschalt+W</translation>
        </message>
        <message>
            <source>report of the week</source>
            <translation>Bericht über die Woche</translation>
        </message>
        <message>
            <source>all takes from %1 to %2</source>
            <translation>alle Aufnahmen vom %1 bis %2</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LookPlace</name>
        <message>
            <source>No fault stands out of this take.</source>
            <translation>Kein Fehler sticht aus diesem Take heraus.</translation>
        </message>
        <message>
            <source>Somebody</source>
            <translation>Jemand</translation>
        </message>
        <message>
            <source>, %1, pass %2</source>
            <translation>, %1, Durchgang %2</translation>
        </message>
        <message>
            <source>All your strokes: a column for every count, a row for every time round, averages on top. Leaning left is early, leaning right late; height is loudness; an empty ring was not played.</source>
            <translation>Alle deine Schläge: eine Spalte je Zählstelle, eine Zeile je Durchgang, oben der Durchschnitt. Nach links geneigt ist früh, nach rechts spät; die Höhe ist die Lautstärke; ein leerer Ring wurde nicht gespielt.</translation>
        </message>
        <message>
            <source>What the take shows beyond doubt, worst first, with how sure it is. N goes from one to the next and lights its strokes.</source>
            <translation>Was der Take zweifelsfrei zeigt, das Schlimmste zuerst, mit seiner Sicherheit. N geht von einem zum nächsten und erhellt seine Schläge.</translation>
        </message>
        <message>
            <source>What this rung asks, and what you played: a bar beyond its mark is missed.</source>
            <translation>Was diese Sprosse verlangt und was du gespielt hast: ein Balken über seine Marke hinaus ist verfehlt.</translation>
        </message>
        <message>
            <source>The whole take from left to right: a slope is a drift.</source>
            <translation>Der ganze Take von links nach rechts: eine Schräge ist eine Drift.</translation>
        </message>
        <message>
            <source>Hear it: H plays around the chosen stroke, S at half speed, C with the click, I as the page asks.</source>
            <translation>Hören: H spielt um den gewählten Schlag, S in halbem Tempo, C mit dem Klick, I wie das Blatt es verlangt.</translation>
        </message>
        <message>
            <source>What to do next. Enter does it.</source>
            <translation>Was als Nächstes zu tun ist. Eingabe tut es.</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>next step</source>
            <translation>nächster Schritt</translation>
        </message>
        <message>
            <source>Arrows</source>
            <translation>Pfeile</translation>
        </message>
        <message>
            <source>hit</source>
            <translation>Schlag</translation>
        </message>
        <message>
            <source>next finding</source>
            <translation>nächster Befund</translation>
        </message>
        <message>
            <source>lens</source>
            <translation>Linse</translation>
        </message>
        <message>
            <source>groups</source>
            <translation>Gruppen</translation>
        </message>
        <message>
            <source>drill</source>
            <translation>Einzelübung</translation>
        </message>
        <message>
            <source>report for a teacher</source>
            <translation>Bericht für eine Lehrkraft</translation>
        </message>
        <message>
            <source>zoom</source>
            <translation>Zoom</translation>
        </message>
        <message>
            <source>judge by today's limits</source>
            <translation>nach heutigen Grenzen urteilen</translation>
        </message>
        <message>
            <source>Page up, down</source>
            <translation>Bild auf, ab</translation>
        </message>
        <message>
            <source>the side</source>
            <translation>die Seite</translation>
        </message>
        <message>
            <source>hear</source>
            <translation>hören</translation>
        </message>
        <message>
            <source>half speed</source>
            <translation>halbes Tempo</translation>
        </message>
        <message>
            <source>hear all</source>
            <translation>alles hören</translation>
        </message>
        <message>
            <source>C  click</source>
            <translation>C  Klick</translation>
        </message>
        <message>
            <source>Hear it with the click (C)</source>
            <translation>Mit dem Klick hören (C)</translation>
        </message>
        <message>
            <source>I  ideal</source>
            <translation>I  Ideal</translation>
        </message>
        <message>
            <source>Hear it as the page asks for it (I)</source>
            <translation>So hören, wie es das Blatt verlangt (I)</translation>
        </message>
        <message>
            <source>O  loop</source>
            <translation>O  Schleife</translation>
        </message>
        <message>
            <source>Round and round (O)</source>
            <translation>Rundherum (O)</translation>
        </message>
        <message>
            <source>What to hear</source>
            <translation>Was zu hören ist</translation>
        </message>
        <message>
            <source>Nothing to look at yet: press Space and play a take, or open one in the log.</source>
            <translation>Noch nichts anzusehen: drücke die Leertaste und spiele einen Take, oder öffne einen im Log.</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Seite an Seite</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>not written</source>
            <translation>nicht geschrieben</translation>
        </message>
        <message>
            <source>%1: missed</source>
            <translation>%1: ausgelassen</translation>
        </message>
        <message>
            <source>Something sounded at %1 s that is unlike your strokes: a voice, a chair. It counts for nothing.</source>
            <translation>Bei %L1 s klang etwas, das deinen Schlägen nicht gleicht: eine Stimme, ein Stuhl. Es zählt nicht.</translation>
        </message>
        <message>
            <source>A stroke that is not written, at %1 s</source>
            <translation>Ein Schlag, der nicht geschrieben ist, bei %L1 s</translation>
        </message>
        <message>
            <source>%1
%2 ms %3, %4 dB against your accents</source>
            <translation>%1
%L2 ms %3, %L4 dB gegen deine Akzente</translation>
        </message>
        <message>
            <source>early</source>
            <translation>früh</translation>
        </message>
        <message>
            <source>late</source>
            <translation>spät</translation>
        </message>
        <message>
            <source>section</source>
            <translation>Abschnitt</translation>
        </message>
        <message>
            <source>next trouble</source>
            <translation>nächste Schwierigkeit</translation>
        </message>
        <message>
            <source>Bar %1</source>
            <translation>Takt %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::MainWindow</name>
        <message>
            <source>Upbeat Check</source>
            <translation>Upbeat Check</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Leertaste</translation>
        </message>
        <message>
            <source>start or stop a take</source>
            <translation>einen Take beginnen oder beenden</translation>
        </message>
        <message>
            <source>help</source>
            <translation>Hilfe</translation>
        </message>
        <message>
            <source>whole screen</source>
            <translation>ganzer Bildschirm</translation>
        </message>
        <message>
            <source>from a drill back to the whole</source>
            <translation>von einer Einzelübung zurück zum Ganzen</translation>
        </message>
        <message>
            <source>Ctrl Q</source>
            <translation>Strg Q</translation>
        </message>
        <message>
            <source>leave</source>
            <translation>verlassen</translation>
        </message>
        <message>
            <source>Everywhere</source>
            <translation>Überall</translation>
        </message>
        <message>
            <source>Sound servers that cannot be used</source>
            <translation>Tonserver, die sich nicht nutzen lassen</translation>
        </message>
        <message>
            <source>Save</source>
            <translation>Sichern</translation>
        </message>
        <message>
            <source>Delete</source>
            <translation>Löschen</translation>
        </message>
        <message>
            <source>Protect your hearing, keep a click in headphones low, take breaks, and stop when something hurts; what does not pass belongs to a doctor or a qualified teacher. Without a microphone the simulated player plays for you: press Space.</source>
            <translation>Schütze dein Gehör, halte einen Klick im Kopfhörer leise, mach Pausen und höre auf, wenn etwas weh tut; was nicht vergeht, gehört zum Arzt oder zu einer ausgebildeten Lehrkraft. Ohne Mikrofon spielt der simulierte Spieler für dich: drücke die Leertaste.</translation>
        </message>
        <message>
            <source>Understood</source>
            <translation>Verstanden</translation>
        </message>
        <message>
            <source>Which microphone or kit do you play? The sound check finds out in two minutes. Without one the simulated player plays for you.</source>
            <translation>Welches Mikrofon oder Kit spielst du? Die Tonprobe findet es in zwei Minuten heraus. Ohne eines spielt der simulierte Spieler für dich.</translation>
        </message>
        <message>
            <source>Sound check</source>
            <translation>Tonprobe</translation>
        </message>
        <message>
            <source>Simulated player</source>
            <translation>Simulierter Spieler</translation>
        </message>
        <message>
            <source>ladder %1 to %2 by %3</source>
            <translation>Leiter %1 bis %2 um %3</translation>
        </message>
        <message>
            <source>block %1 of %2, %3 min</source>
            <translation>Block %1 von %2, %L3 min</translation>
        </message>
        <message>
            <source>goal %1</source>
            <translation>Ziel %1</translation>
        </message>
        <message>
            <source>stop</source>
            <translation>halt</translation>
        </message>
        <message>
            <source>play a take</source>
            <translation>einen Take spielen</translation>
        </message>
        <message>
            <source>back to the whole</source>
            <translation>zurück zum Ganzen</translation>
        </message>
        <message>
            <source>light, dark, high contrast</source>
            <translation>hell, dunkel, hoher Kontrast</translation>
        </message>
        <message>
            <source>still: what moves goes from beat to beat</source>
            <translation>still: was sich bewegt, geht von Zählzeit zu Zählzeit</translation>
        </message>
        <message>
            <source>What moves goes from beat to beat.</source>
            <translation>Was sich bewegt, geht von Zählzeit zu Zählzeit.</translation>
        </message>
        <message>
            <source>What moves may move.</source>
            <translation>Was sich bewegt, darf sich bewegen.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Manuscript</name>
        <message>
            <source>The page is kept as it last made sense: %1</source>
            <translation>Das Blatt wird so aufbewahrt, wie es zuletzt stimmte: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::NextSteps</name>
        <message>
            <source>There is no step to take from here: it has been taken, or belongs to another exercise or an older take.</source>
            <translation>Von hier gibt es keinen Schritt: er ist getan, oder er gehört zu einer anderen Übung oder einem älteren Take.</translation>
        </message>
        <message>
            <source>There is no step to take back.</source>
            <translation>Es gibt keinen Schritt zurückzunehmen.</translation>
        </message>
        <message>
            <source>The step cannot be taken back: another page is on the stand.</source>
            <translation>Der Schritt lässt sich nicht zurücknehmen: ein anderes Blatt steht auf dem Pult.</translation>
        </message>
        <message>
            <source>Taken back: again at %1.</source>
            <translation>Zurückgenommen: noch einmal bei %1.</translation>
        </message>
        <message>
            <source>Up to %1: first the hardest spot alone, then the whole.</source>
            <translation>Hinauf auf %1: erst die schwerste Stelle allein, dann das Ganze.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::NoticeBar</name>
        <message>
            <source>Understood</source>
            <translation>Verstanden</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Notices</name>
        <message>
            <source>Another Upbeat Check has this folder open. Everything can be looked at here; to record, close the other one and start again.</source>
            <translation>Ein anderes Upbeat Check hat diesen Ordner offen. Hier lässt sich alles ansehen; zum Aufnehmen schließe das andere und beginne noch einmal.</translation>
        </message>
        <message>
            <source>The folder %1 cannot be written. Everything can be looked at here, but nothing is kept.</source>
            <translation>In den Ordner %1 lässt sich nicht schreiben. Hier lässt sich alles ansehen, aber nichts wird aufbewahrt.</translation>
        </message>
        <message>
            <source>Twenty minutes without a break: put the sticks down for a moment, move, drink. It goes on by itself.</source>
            <translation>Zwanzig Minuten ohne Pause: lege die Stöcke einen Moment weg, bewege dich, trinke. Es geht von selbst weiter.</translation>
        </message>
        <message>
            <source>%1 It says nothing of why; a break does no harm. It goes on by itself.</source>
            <translation>%1 Warum, sagt das nicht; eine Pause schadet nicht. Es geht von selbst weiter.</translation>
        </message>
        <message>
            <source>This folder is only open for reading: nothing can be kept in it.</source>
            <translation>Dieser Ordner ist nur zum Lesen offen: nichts lässt sich darin aufbewahren.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OffsetStrip</name>
        <message>
            <source>All strokes of the take in order: high is late, low is early</source>
            <translation>Alle Schläge des Takes der Reihe nach: oben ist spät, unten ist früh</translation>
        </message>
        <message>
            <source>late</source>
            <translation>spät</translation>
        </message>
        <message>
            <source>early</source>
            <translation>früh</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OpenRecordingDialog</name>
        <message>
            <source>Measure a recording</source>
            <translation>Eine Aufnahme messen</translation>
        </message>
        <message>
            <source>Played against: %1. For another page choose it in Prepare first.</source>
            <translation>Gespielt gegen: %1. Ein anderes Blatt wähle zuerst unter Vorbereiten.</translation>
        </message>
        <message>
            <source>Drag the blue mark to beat 1, or move it with the arrow keys: a millisecond, with Shift ten, with Ctrl a beat. The ends of the strip leave out what is not of the take.</source>
            <translation>Ziehe die blaue Marke auf die Eins oder bewege sie mit den Pfeiltasten: eine Millisekunde, mit Umschalt zehn, mit Strg eine Zählzeit. Die Enden des Streifens lassen weg, was nicht zum Take gehört.</translation>
        </message>
        <message>
            <source>Choose a file</source>
            <translation>Eine Datei wählen</translation>
        </message>
        <message>
            <source> s</source>
            <translation> s</translation>
        </message>
        <message>
            <source>Readings</source>
            <translation>Lesarten</translation>
        </message>
        <message>
            <source>Tempo</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <source>Beat 1 of bar 1 is at</source>
            <translation>Die Eins von Takt 1 liegt bei</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Abbrechen</translation>
        </message>
        <message>
            <source>Measure</source>
            <translation>Messen</translation>
        </message>
        <message>
            <source>Recording</source>
            <translation>Aufnahme</translation>
        </message>
        <message>
            <source>Recordings (*.wav *.flac *.ogg *.opus *.mp3 *.m4a *.aac *.mp4 *.mov *.mkv *.webm *.3gp *.aif *.aiff *.mid *.midi);;All files (*)</source>
            <translation>Aufnahmen (*.wav *.flac *.ogg *.opus *.mp3 *.m4a *.aac *.mp4 *.mov *.mkv *.webm *.3gp *.aif *.aiff *.mid *.midi);;Alle Dateien (*)</translation>
        </message>
        <message>
            <source>No recording yet</source>
            <translation>Noch keine Aufnahme</translation>
        </message>
        <message>
            <source>Next file, %1 wait</source>
            <translation>Nächste Datei, %1 warten</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Halt</translation>
        </message>
        <message>
            <source>Hear it with the click</source>
            <translation>Mit dem Klick hören</translation>
        </message>
        <message>
            <source>%1 from %2 s</source>
            <translation>%1 ab %L2 s</translation>
        </message>
        <message>
            <source>Choose a recording, or drop one on the window.</source>
            <translation>Wähle eine Aufnahme oder ziehe eine auf das Fenster.</translation>
        </message>
        <message>
            <source>Listening to file %1 of %2: %3 %</source>
            <translation>Datei %1 von %2 wird gehört: %L3 %</translation>
        </message>
        <message>
            <source>The page does not fit what is heard. Choose the stretch or another page, or set the beat.</source>
            <translation>Das Blatt passt nicht zu dem, was zu hören ist. Wähle den Ausschnitt oder ein anderes Blatt, oder setze die Eins.</translation>
        </message>
        <message>
            <source>A click counts in: %1 beats a minute. The placement can be measured.</source>
            <translation>Ein Klick zählt ein: %1 in der Minute. Die Lage lässt sich messen.</translation>
        </message>
        <message>
            <source>The strokes say %1 beats a minute. Without a click there is no placement.</source>
            <translation>Die Schläge sagen %1 in der Minute. Ohne Klick gibt es keine Lage.</translation>
        </message>
        <message>
            <source>The strokes say %1 beats a minute, but another reading comes near: look where beat 1 is.</source>
            <translation>Die Schläge sagen %1 in der Minute, aber eine andere Lesart kommt nahe: sieh nach, wo die Eins liegt.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OutsideRecording</name>
        <message>
            <source>%1 more wait: O in the Log goes on with them.</source>
            <translation>%1 weitere warten: O im Log geht mit ihnen weiter.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OverTimeView</name>
        <message>
            <source>% of the goal</source>
            <translation>% des Ziels</translation>
        </message>
        <message>
            <source>Tempo of every take</source>
            <translation>Tempo jedes Takes</translation>
        </message>
        <message>
            <source>The measure over time</source>
            <translation>Die Größe über die Zeit</translation>
        </message>
        <message>
            <source>Minutes by day</source>
            <translation>Minuten nach Tagen</translation>
        </message>
        <message>
            <source>All exercises, as shares of their goals</source>
            <translation>Alle Übungen, als Anteile ihrer Ziele</translation>
        </message>
        <message>
            <source>%1: discs are clean takes, the dashed line is the goal, the band your ceiling</source>
            <translation>%1: Scheiben sind saubere Takes, die gestrichelte Linie ist das Ziel, das Band deine Obergrenze</translation>
        </message>
        <message>
            <source>clean</source>
            <translation>sauber</translation>
        </message>
        <message>
            <source>not clean</source>
            <translation>nicht sauber</translation>
        </message>
        <message>
            <source>tempo</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <source>%1: nothing measured yet.</source>
            <translation>%1: noch nichts gemessen.</translation>
        </message>
        <message>
            <source>min</source>
            <translation>min</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PadMapView</name>
        <message>
            <source>no note yet</source>
            <translation>noch keine Notiz</translation>
        </message>
        <message>
            <source>note %1</source>
            <translation>Note %1</translation>
        </message>
        <message>
            <source>, </source>
            <comment>between numbers</comment>
            <translation>, </translation>
        </message>
        <message>
            <source>What the pads are</source>
            <translation>Was die Pads sind</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PlanStrip</name>
        <message>
            <source>Today's plan</source>
            <translation>Plan für heute</translation>
        </message>
        <message>
            <source>Today, block %1 of %2</source>
            <translation>Heute, Block %1 von %2</translation>
        </message>
        <message>
            <source>Today, %1 minutes</source>
            <translation>Heute, %1 Minuten</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PlayPlace</name>
        <message>
            <source>The tempo of this rung, large enough to read from the stool.</source>
            <translation>Das Tempo dieser Sprosse, groß genug, um es vom Hocker zu lesen.</translation>
        </message>
        <message>
            <source>The count. First comes a count-in, then the take begins by itself.</source>
            <translation>Die Zählung. Erst wird eingezählt, dann beginnt der Take von selbst.</translation>
        </message>
        <message>
            <source>How often the page has gone round, or which section comes next.</source>
            <translation>Wie oft das Blatt herum ist, oder welcher Abschnitt als Nächstes kommt.</translation>
        </message>
        <message>
            <source>The page as you play it: a stroke that leans left is early, one that leans right is late, a tall one is loud. The pale bars are what is written.</source>
            <translation>Das Blatt, während du es spielst: ein nach links geneigter Schlag ist früh, ein nach rechts geneigter spät, ein hoher laut. Die blassen Balken sind, was geschrieben ist.</translation>
        </message>
        <message>
            <source>How loud you are heard: it must move when you strike, and never reach the end.</source>
            <translation>Wie laut du zu hören bist: es muss sich bewegen, wenn du schlägst, und darf das Ende nie erreichen.</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>throw the take away</source>
            <translation>den Take wegwerfen</translation>
        </message>
        <message>
            <source>hands-free</source>
            <translation>freihändig</translation>
        </message>
        <message>
            <source>take the step back</source>
            <translation>den Schritt zurücknehmen</translation>
        </message>
        <message>
            <source>teach your taps</source>
            <translation>deine Klopfzeichen lehren</translation>
        </message>
        <message>
            <source>teach a foot switch</source>
            <translation>einen Fußschalter lehren</translation>
        </message>
        <message>
            <source>next block of the plan</source>
            <translation>nächster Block des Plans</translation>
        </message>
        <message>
            <source>something hurts</source>
            <translation>etwas tut weh</translation>
        </message>
        <message>
            <source>slower</source>
            <translation>langsamer</translation>
        </message>
        <message>
            <source>faster</source>
            <translation>schneller</translation>
        </message>
        <message>
            <source>Not learned. K tries again.</source>
            <translation>Nicht gelernt. K versucht es noch einmal.</translation>
        </message>
        <message>
            <source>Tap three times, evenly, as you would to say: go on. Wait a second. Three groups teach it.</source>
            <translation>Klopfe dreimal, gleichmäßig, so wie du sagen würdest: weiter. Warte eine Sekunde. Drei Gruppen lehren es.</translation>
        </message>
        <message>
            <source>Press the switch: the key it sends, or its note or controller on the MIDI instrument, is kept. Esc leaves it as it was.</source>
            <translation>Drücke den Schalter: die Taste, die er sendet, oder seine Note oder sein Controller am MIDI-Instrument wird gemerkt. Esc lässt es, wie es war.</translation>
        </message>
        <message>
            <source>Taken back: this exercise can be played again.</source>
            <translation>Zurückgenommen: diese Übung lässt sich wieder spielen.</translation>
        </message>
        <message>
            <source>Stop here for today: this exercise rests until tomorrow. Pain is no part of practice; what does not pass belongs to a doctor, and how you hold and move to a qualified teacher. (X takes it back.)</source>
            <translation>Für heute ist hier Schluss: diese Übung ruht bis morgen. Schmerz gehört nicht zum Üben; was nicht vergeht, gehört zum Arzt, und wie du hältst und dich bewegst, zu einer ausgebildeten Lehrkraft. (X nimmt es zurück.)</translation>
        </message>
        <message>
            <source>input</source>
            <translation>Eingang</translation>
        </message>
        <message>
            <source>quiet</source>
            <translation>still</translation>
        </message>
        <message>
            <source>room to spare</source>
            <translation>noch Platz</translation>
        </message>
        <message>
            <source>good</source>
            <translation>gut</translation>
        </message>
        <message>
            <source>too loud: turn the input down</source>
            <translation>zu laut: drehe den Eingang zu</translation>
        </message>
        <message>
            <source>listening</source>
            <translation>es wird gehört</translation>
        </message>
        <message>
            <source>listening starts with the take</source>
            <translation>gehört wird ab dem Take</translation>
        </message>
        <message>
            <source>Kept. The switch begins hands-free practice, goes on in a rest, and stops while a take runs.</source>
            <translation>Gemerkt. Der Schalter beginnt freihändiges Üben, geht in einer Pause weiter und hält an, während ein Take läuft.</translation>
        </message>
        <message>
            <source>beats a minute, goal %1</source>
            <translation>in der Minute, Ziel %1</translation>
        </message>
        <message>
            <source>stop</source>
            <translation>halt</translation>
        </message>
        <message>
            <source>play:
your first stroke is beat 1</source>
            <translation>spiele:
dein erster Schlag ist die Eins</translation>
        </message>
        <message>
            <source>next take in %1</source>
            <translation>nächster Take in %1</translation>
        </message>
        <message>
            <source>Space or three taps
start</source>
            <translation>Leertaste oder drei Schläge
beginnen</translation>
        </message>
        <message>
            <source>Space
starts a take</source>
            <translation>Die Leertaste
beginnt einen Take</translation>
        </message>
        <message>
            <source>count-in</source>
            <translation>Einzählen</translation>
        </message>
        <message>
            <source>pass %1</source>
            <translation>Durchgang %1</translation>
        </message>
        <message>
            <source>until you stop</source>
            <translation>bis du aufhörst</translation>
        </message>
        <message>
            <source>pass %1 of %2</source>
            <translation>Durchgang %1 von %2</translation>
        </message>
        <message>
            <source>hands-free: keep your sticks</source>
            <translation>freihändig: behalte die Stöcke</translation>
        </message>
        <message>
            <source>bar %1</source>
            <translation>Takt %1</translation>
        </message>
        <message>
            <source>next: %1</source>
            <translation>gleich: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Playback</name>
        <message>
            <source>This take has no recording to hear.</source>
            <translation>Dieser Take hat keine Aufnahme zum Anhören.</translation>
        </message>
        <message>
            <source>There is no sound device to hear it on: it has left.</source>
            <translation>Es gibt kein Tongerät, auf dem es zu hören wäre: es ist weg.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PracticeClock</name>
        <message>
            <source>%1 on this part: on to the next.</source>
            <translation>%1 an diesem Teil: weiter zum nächsten.</translation>
        </message>
        <message>
            <source>%1 on this rung: up to %2.</source>
            <translation>%1 auf dieser Sprosse: hinauf auf %2.</translation>
        </message>
        <message>
            <source>%1 on this exercise: enough for now, take a break or go on to another.</source>
            <translation>%1 an dieser Übung: genug für jetzt, mach eine Pause oder nimm eine andere.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PracticeControls</name>
        <message>
            <source>until I stop</source>
            <translation>bis ich aufhöre</translation>
        </message>
        <message>
            <source>first stroke</source>
            <translation>erster Schlag</translation>
        </message>
        <message>
            <source>no timer</source>
            <translation>keine Uhr</translation>
        </message>
        <message>
            <source>no voice</source>
            <translation>keine Stimme</translation>
        </message>
        <message>
            <source>says what is next</source>
            <translation>sagt, was kommt</translation>
        </message>
        <message>
            <source>counts in too</source>
            <translation>zählt auch ein</translation>
        </message>
        <message>
            <source>counts throughout</source>
            <translation>zählt durchgehend</translation>
        </message>
        <message>
            <source>practice contrast</source>
            <translation>Kontrast fürs Üben</translation>
        </message>
        <message>
            <source>performance</source>
            <translation>Auftritt</translation>
        </message>
        <message>
            <source>practice, two levels</source>
            <translation>Üben, zwei Stärken</translation>
        </message>
        <message>
            <source>performance, two levels</source>
            <translation>Auftritt, zwei Stärken</translation>
        </message>
        <message>
            <source>Teach the kit</source>
            <translation>Das Kit lehren</translation>
        </message>
        <message>
            <source>Tempo</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <source>Goal</source>
            <translation>Ziel</translation>
        </message>
        <message>
            <source>Bars a take</source>
            <translation>Takte je Take</translation>
        </message>
        <message>
            <source>Count-in bars</source>
            <translation>Takte einzählen</translation>
        </message>
        <message>
            <source>Minutes</source>
            <translation>Minuten</translation>
        </message>
        <message>
            <source>Click</source>
            <translation>Klick</translation>
        </message>
        <message>
            <source>Click sound</source>
            <translation>Klang des Klicks</translation>
        </message>
        <message>
            <source>Click level</source>
            <translation>Lautstärke des Klicks</translation>
        </message>
        <message>
            <source>Rest</source>
            <translation>Pause</translation>
        </message>
        <message>
            <source>Voice</source>
            <translation>Stimme</translation>
        </message>
        <message>
            <source>Asked for</source>
            <translation>Verlangt</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Eingang</translation>
        </message>
        <message>
            <source>Simulated player</source>
            <translation>Simulierter Spieler</translation>
        </message>
        <message>
            <source>%1 (not there)</source>
            <translation>%1 (nicht da)</translation>
        </message>
        <message>
            <source>No microphone is offered: %1.</source>
            <translation>Kein Mikrofon wird angeboten: %1.</translation>
        </message>
        <message>
            <source>Install espeak-ng, and a voice says what is next.</source>
            <translation>Installiere espeak-ng, und eine Stimme sagt, was kommt.</translation>
        </message>
        <message>
            <source>The drums are told apart. Teach the kit anew …</source>
            <translation>Die Trommeln werden unterschieden. Das Kit neu lehren …</translation>
        </message>
        <message>
            <source>Several drums on one microphone: teach the kit, each drum alone …</source>
            <translation>Mehrere Trommeln auf einem Mikrofon: lehre das Kit, jede Trommel allein …</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PreparePlace</name>
        <message>
            <source>The pages: built-in exercises, your own and pieces. Type to find one; Enter puts it on the stand.</source>
            <translation>Die Blätter: eingebaute Übungen, deine eigenen und Stücke. Tippe, um eines zu finden; Eingabe stellt es aufs Pult.</translation>
        </message>
        <message>
            <source>The page on the stand, count by count. E writes in it, Ctrl+N begins an empty one.</source>
            <translation>Das Blatt auf dem Pult, Zählstelle um Zählstelle. E schreibt darin, Strg+N beginnt ein leeres.</translation>
        </message>
        <message>
            <source>The sections of a piece: a click chooses one, dragging chooses bars.</source>
            <translation>Die Abschnitte eines Stücks: ein Klick wählt einen, Ziehen wählt Takte.</translation>
        </message>
        <message>
            <source>How it goes: P plays the page, the arrows set the tempo.</source>
            <translation>Wie es geht: P spielt das Blatt, die Pfeile stellen das Tempo.</translation>
        </message>
        <message>
            <source>Tempo, click, how long a take is, and what you play on: microphone, kit or the simulated player.</source>
            <translation>Tempo, Klick, wie lang ein Take ist und worauf du spielst: Mikrofon, Kit oder der simulierte Spieler.</translation>
        </message>
        <message>
            <source>What the page trains; in its place: today's plan, the sound check, ways to take the page apart.</source>
            <translation>Was das Blatt übt; an seiner Stelle: der Plan für heute, die Tonprobe, Wege, das Blatt zu zerlegen.</translation>
        </message>
        <message>
            <source>Exercises (*.json *.txt *.mid *.midi *.musicxml *.xml *.mxl)</source>
            <translation>Übungen (*.json *.txt *.mid *.midi *.musicxml *.xml *.mxl)</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>work on this part</source>
            <translation>an diesem Teil arbeiten</translation>
        </message>
        <message>
            <source>another way</source>
            <translation>ein anderer Weg</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the controls</source>
            <translation>zurück zu den Reglern</translation>
        </message>
        <message>
            <source>do this step</source>
            <translation>diesen Schritt tun</translation>
        </message>
        <message>
            <source>Right</source>
            <translation>Rechts</translation>
        </message>
        <message>
            <source>skip it</source>
            <translation>überspringen</translation>
        </message>
        <message>
            <source>Up Down</source>
            <translation>Auf Ab</translation>
        </message>
        <message>
            <source>another one</source>
            <translation>ein anderer</translation>
        </message>
        <message>
            <source>%1, taking apart</source>
            <translation>%1, Zerlegen</translation>
        </message>
        <message>
            <source>%1, sound check</source>
            <translation>%1, Tonprobe</translation>
        </message>
        <message>
            <source>%1, today's plan</source>
            <translation>%1, Plan für heute</translation>
        </message>
        <message>
            <source>%1, sets</source>
            <translation>%1, Mappen</translation>
        </message>
        <message>
            <source>%1, writing</source>
            <translation>%1, Schreiben</translation>
        </message>
        <message>
            <source>to the stand</source>
            <translation>aufs Pult</translation>
        </message>
        <message>
            <source>today's plan</source>
            <translation>Plan für heute</translation>
        </message>
        <message>
            <source>tempo</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <source>Ctrl I</source>
            <translation>Strg I</translation>
        </message>
        <message>
            <source>sound check</source>
            <translation>Tonprobe</translation>
        </message>
        <message>
            <source>edit</source>
            <translation>bearbeiten</translation>
        </message>
        <message>
            <source>take apart</source>
            <translation>zerlegen</translation>
        </message>
        <message>
            <source>hear it</source>
            <translation>hören</translation>
        </message>
        <message>
            <source>only these bars</source>
            <translation>nur diese Takte</translation>
        </message>
        <message>
            <source>tap the tempo</source>
            <translation>das Tempo klopfen</translation>
        </message>
        <message>
            <source>Ctrl N</source>
            <translation>Strg N</translation>
        </message>
        <message>
            <source>new exercise</source>
            <translation>neue Übung</translation>
        </message>
        <message>
            <source>fold the voices</source>
            <translation>die Stimmen einklappen</translation>
        </message>
        <message>
            <source>Ctrl T</source>
            <translation>Strg T</translation>
        </message>
        <message>
            <source>teach the kit</source>
            <translation>das Kit lehren</translation>
        </message>
        <message>
            <source>PgUp PgDn</source>
            <translation>Bild auf ab</translation>
        </message>
        <message>
            <source>bars</source>
            <translation>Takte</translation>
        </message>
        <message>
            <source>Ctrl D</source>
            <translation>Strg D</translation>
        </message>
        <message>
            <source>into the plan, or out of it</source>
            <translation>in den Plan oder heraus</translation>
        </message>
        <message>
            <source>%1 is in the plan now.</source>
            <translation>%1 ist jetzt im Plan.</translation>
        </message>
        <message>
            <source>%1 is out of the plan now.</source>
            <translation>%1 ist jetzt nicht mehr im Plan.</translation>
        </message>
        <message>
            <source>Ctrl PgDn</source>
            <translation>Strg Bild ab</translation>
        </message>
        <message>
            <source>section</source>
            <translation>Abschnitt</translation>
        </message>
        <message>
            <source>sets with a day</source>
            <translation>Mappen mit einem Tag</translation>
        </message>
        <message>
            <source>Ctrl O</source>
            <translation>Strg O</translation>
        </message>
        <message>
            <source>open a file</source>
            <translation>eine Datei öffnen</translation>
        </message>
        <message>
            <source>Open an exercise</source>
            <translation>Eine Übung öffnen</translation>
        </message>
        <message>
            <source>Ctrl S</source>
            <translation>Strg S</translation>
        </message>
        <message>
            <source>save as a file</source>
            <translation>als Datei sichern</translation>
        </message>
        <message>
            <source>Save the exercise</source>
            <translation>Die Übung sichern</translation>
        </message>
        <message>
            <source>Ctrl Del</source>
            <translation>Strg Entf</translation>
        </message>
        <message>
            <source>remove my exercise</source>
            <translation>meine Übung entfernen</translation>
        </message>
        <message>
            <source>%1 Right hand %2, left hand %3.</source>
            <translation>%1 Rechte Hand %2, linke Hand %3.</translation>
        </message>
        <message>
            <source>Search exercises</source>
            <translation>Übungen suchen</translation>
        </message>
        <message>
            <source>Exercises</source>
            <translation>Übungen</translation>
        </message>
        <message>
            <source>Kind of exercise</source>
            <translation>Art der Übung</translation>
        </message>
        <message>
            <source>This page has several drums: Ctrl+T teaches the microphone to tell them apart, in less than a minute.</source>
            <translation>Dieses Blatt hat mehrere Trommeln: Strg+T lehrt das Mikrofon, sie zu unterscheiden, in weniger als einer Minute.</translation>
        </message>
        <message>
            <source>%1, own</source>
            <translation>%1, eig.</translation>
        </message>
        <message>
            <source>Another exercise behind it</source>
            <translation>Eine andere Übung dahinter</translation>
        </message>
        <message>
            <source>Which one is played next (Ctrl R repeats it):</source>
            <translation>Welche als Nächstes gespielt wird (Strg R wiederholt sie):</translation>
        </message>
        <message>
            <source>New exercise</source>
            <translation>Neue Übung</translation>
        </message>
        <message>
            <source>Written by you.</source>
            <translation>Von dir geschrieben.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Recorder</name>
        <message>
            <source>The page is empty: there is nothing to play yet.</source>
            <translation>Das Blatt ist leer: noch gibt es nichts zu spielen.</translation>
        </message>
        <message>
            <source>Something hurt here today: this exercise rests until tomorrow. Play something else, gently, or nothing.</source>
            <translation>Hier tat heute etwas weh: diese Übung ruht bis morgen. Spiele etwas anderes, sanft, oder nichts.</translation>
        </message>
        <message>
            <source>The input has left in the middle of the take. What was played up to then is kept; when it is back, it goes on.</source>
            <translation>Der Eingang ging mitten im Take verloren. Was bis dahin gespielt wurde, bleibt; wenn er wieder da ist, geht es weiter.</translation>
        </message>
        <message>
            <source>The take was thrown away.</source>
            <translation>Der Take wurde weggeworfen.</translation>
        </message>
        <message>
            <source>Less than a bar was played: nothing was kept.</source>
            <translation>Weniger als ein Takt wurde gespielt: nichts wurde aufbewahrt.</translation>
        </message>
        <message>
            <source>The input was unplugged in the middle of the take: what came after it is not measured. When it is plugged in again, it goes on.</source>
            <translation>Der Eingang wurde mitten im Take abgezogen: was danach kam, ist nicht gemessen. Wenn er wieder steckt, geht es weiter.</translation>
        </message>
        <message>
            <source>The sound device lost its time in the middle of the take: what came after it is not measured. It happens when the machine sleeps, or another program changes how the device runs.</source>
            <translation>Das Tongerät verlor mitten im Take seine Zeit: was danach kam, ist nicht gemessen. Das geschieht, wenn der Rechner schläft oder ein anderes Programm ändert, wie das Gerät läuft.</translation>
        </message>
        <message>
            <source>No note came from %1: nothing was kept. Is it switched on, and its cable in?</source>
            <translation>Keine Note kam von %1: nichts wurde aufbewahrt. Ist es eingeschaltet, steckt sein Kabel?</translation>
        </message>
        <message>
            <source>Nothing was heard from %1: nothing was kept. Is the microphone plugged in, switched on and turned up?</source>
            <translation>Von %1 war nichts zu hören: nichts wurde aufbewahrt. Ist das Mikrofon eingesteckt, eingeschaltet und aufgedreht?</translation>
        </message>
        <message>
            <source>The round trip is another one than was measured: this take goes by the click that was heard in it. Measure the round trip again in Prepare.</source>
            <translation>Die Laufzeit ist eine andere als gemessen: dieser Take geht nach dem Klick, der darin zu hören war. Miss die Laufzeit unter Vorbereiten noch einmal.</translation>
        </message>
        <message>
            <source>The sound device slipped in the middle of the take: what came after it is not measured. Close other sound programs if it happens again.</source>
            <translation>Das Tongerät rutschte mitten im Take: was danach kam, ist nicht gemessen. Schließe andere Tonprogramme, wenn es wieder geschieht.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::RecordingStrip</name>
        <message>
            <source>The recording with its beats</source>
            <translation>Die Aufnahme mit ihren Zählzeiten</translation>
        </message>
        <message>
            <source>The first bar</source>
            <translation>Der erste Takt</translation>
        </message>
        <message>
            <source>Listening to it</source>
            <translation>Sie wird gehört</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ReportDialog</name>
        <message>
            <source>the sound of the take</source>
            <translation>der Ton des Takes</translation>
        </message>
        <message>
            <source>when it was played</source>
            <translation>wann er gespielt wurde</translation>
        </message>
        <message>
            <source>your note on it</source>
            <translation>deine Notiz dazu</translation>
        </message>
        <message>
            <source>Report for a teacher</source>
            <translation>Bericht für eine Lehrkraft</translation>
        </message>
        <message>
            <source>Your name, if it should stand there</source>
            <translation>Dein Name, wenn er dort stehen soll</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Abbrechen</translation>
        </message>
        <message>
            <source>Save the report</source>
            <translation>Den Bericht sichern</translation>
        </message>
        <message>
            <source>page and strokes</source>
            <translation>Blatt und Schläge</translation>
        </message>
        <message>
            <source>what was found and decided</source>
            <translation>was sich zeigte und entschieden wurde</translation>
        </message>
        <message>
            <source>your name</source>
            <translation>dein Name</translation>
        </message>
        <message>
            <source>the sound, and what else the microphone heard</source>
            <translation>der Ton, und was das Mikrofon sonst hörte</translation>
        </message>
        <message>
            <source>day and hour</source>
            <translation>Tag und Stunde</translation>
        </message>
        <message>
            <source>your note</source>
            <translation>deine Notiz</translation>
        </message>
        <message>
            <source>In the file: %1.</source>
            <translation>In der Datei: %1.</translation>
        </message>
        <message>
            <source>One file that opens in any browser: your strokes, what was found, the sound; or, as a PDF, the same on paper. It is saved on this machine; you send it or you do not.</source>
            <translation>Eine Datei, die sich in jedem Browser öffnet: deine Schläge, was sich zeigte, der Ton; oder als PDF dasselbe auf Papier. Sie wird auf diesem Rechner gesichert; verschickt wird sie nur von dir.</translation>
        </message>
        <message>
            <source>Web pages (*.html);;Sheets of paper (*.pdf)</source>
            <translation>Webseiten (*.html);;Papierblätter (*.pdf)</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Review</name>
        <message>
            <source>Only a take of the log can be judged again.</source>
            <translation>Nur ein Take des Logs lässt sich noch einmal beurteilen.</translation>
        </message>
        <message>
            <source>Judged by what is asked today; the log keeps the verdict of its day.</source>
            <translation>Beurteilt nach dem, was heute verlangt wird; das Log behält das Urteil seines Tages.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Routine</name>
        <message>
            <source>There is nothing to plan today: everything rests.</source>
            <translation>Für heute gibt es nichts zu planen: alles ruht.</translation>
        </message>
        <message>
            <source>%1, %2 min: %3 (%4)</source>
            <translation>%1, %L2 min: %3 (%4)</translation>
        </message>
        <message>
            <source>%1 %2 to %3</source>
            <translation>%L1 %2 bis %3</translation>
        </message>
        <message>
            <source>Done for today: %1.</source>
            <translation>Für heute fertig: %1.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SectionCompare</name>
        <message>
            <source>spread %1 ms</source>
            <translation>Streuung %L1 ms</translation>
        </message>
        <message>
            <source>too few strokes</source>
            <translation>zu wenige Schläge</translation>
        </message>
        <message>
            <source>%1, tempo %2</source>
            <translation>%1, Tempo %2</translation>
        </message>
        <message>
            <source>Sections</source>
            <translation>Abschnitte</translation>
        </message>
        <message>
            <source>start</source>
            <translation>Anfang</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SectionStrip</name>
        <message>
            <source>%1, bars %2 to %3</source>
            <translation>%1, Takte %2 bis %3</translation>
        </message>
        <message>
            <source>Sections: %1</source>
            <translation>Abschnitte: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SetsPanel</name>
        <message>
            <source>will be there</source>
            <translation>wird da sein</translation>
        </message>
        <message>
            <source>will hardly be there: a lower goal, or more minutes</source>
            <translation>wird kaum da sein: ein niedrigeres Ziel oder mehr Minuten</translation>
        </message>
        <message>
            <source>not sure yet</source>
            <translation>noch nicht sicher</translation>
        </message>
        <message>
            <source>Sets</source>
            <translation>Mappen</translation>
        </message>
        <message>
            <source>Name of the set</source>
            <translation>Name der Mappe</translation>
        </message>
        <message>
            <source>Wanted on</source>
            <translation>Gewünscht am</translation>
        </message>
        <message>
            <source>Exercises of the set</source>
            <translation>Übungen der Mappe</translation>
        </message>
        <message>
            <source>new set</source>
            <translation>neue Mappe</translation>
        </message>
        <message>
            <source>the page on the stand in, or out</source>
            <translation>das Blatt auf dem Pult hinein oder heraus</translation>
        </message>
        <message>
            <source>Del</source>
            <translation>Entf</translation>
        </message>
        <message>
            <source>remove the set</source>
            <translation>die Mappe entfernen</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the controls</source>
            <translation>zurück zu den Reglern</translation>
        </message>
        <message>
            <source>New set</source>
            <translation>Neue Mappe</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>N makes a set: a lesson, a gig, a page of a book, and the day it is wanted on.</source>
            <translation>N legt eine Mappe an: eine Stunde, ein Auftritt, eine Seite aus einem Buch, und der Tag, für den sie gewünscht ist.</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>G puts the page on the stand in.</source>
            <translation>G legt das Blatt vom Pult hinein.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Shelf</name>
        <message>
            <source>"%1" is gone from the list; its takes stay in the log.</source>
            <translation>„%1“ ist aus der Liste; die Takes davon bleiben im Log.</translation>
        </message>
        <message>
            <source>"%1" is in the list now.</source>
            <translation>„%1“ ist jetzt in der Liste.</translation>
        </message>
        <message>
            <source>"%1" is in the list now. Not carried over: %2.</source>
            <translation>„%1“ ist jetzt in der Liste. Nicht übernommen: %2.</translation>
        </message>
        <message>
            <source>Written to %1.</source>
            <translation>Geschrieben nach %1.</translation>
        </message>
        <message>
            <source>Written to %1. It cannot hold: %2.</source>
            <translation>Geschrieben nach %1. Das kann es nicht fassen: %2.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SoundCheckPanel</name>
        <message>
            <source>%1 %2</source>
            <translation>%L1 %2</translation>
        </message>
        <message>
            <source>%1, done</source>
            <translation>%1, fertig</translation>
        </message>
        <message>
            <source>Enter  %1</source>
            <translation>Eingabe  %1</translation>
        </message>
        <message>
            <source>Esc  Done</source>
            <translation>Esc  Fertig</translation>
        </message>
        <message>
            <source>Right  Skip</source>
            <translation>Rechts  Überspringen</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SoundCheckView</name>
        <message>
            <source>What is heard</source>
            <translation>Was zu hören ist</translation>
        </message>
        <message>
            <source>Simulated player: nothing has to be plugged in</source>
            <translation>Simulierter Spieler: nichts muss eingesteckt werden</translation>
        </message>
        <message>
            <source>too faint</source>
            <translation>zu leise</translation>
        </message>
        <message>
            <source>good</source>
            <translation>gut</translation>
        </message>
        <message>
            <source>your loudest</source>
            <translation>dein lautester</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Spine</name>
        <message>
            <source>Prepare</source>
            <translation>Vorbereiten</translation>
        </message>
        <message>
            <source>Play</source>
            <translation>Spielen</translation>
        </message>
        <message>
            <source>Look</source>
            <translation>Ansehen</translation>
        </message>
        <message>
            <source>Climb</source>
            <translation>Klettern</translation>
        </message>
        <message>
            <source>Log</source>
            <translation>Log</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SpreadBar</name>
        <message>
            <source>Habit: single counts that always lean. Wander: neighbours that lean together. Rest: what differs from stroke to stroke.</source>
            <translation>Gewohnheit: einzelne Stellen, die sich immer neigen. Schwanken: Nachbarn, die sich gemeinsam neigen. Rest: was von Zählzeit zu Zählzeit verschieden ist.</translation>
        </message>
        <message>
            <source>Spread: habit %1 %, wander %2 %, rest %3 %</source>
            <translation>Streuung: Gewohnheit %L1 %, Schwanken %L2 %, Rest %L3 %</translation>
        </message>
        <message>
            <source>Where the spread comes from</source>
            <translation>Woher die Streuung kommt</translation>
        </message>
        <message>
            <source>habit</source>
            <translation>Gewohnheit</translation>
        </message>
        <message>
            <source>wander</source>
            <translation>Schwanken</translation>
        </message>
        <message>
            <source>rest</source>
            <translation>Rest</translation>
        </message>
    </context>
    <context>
        <name>upbeat::StagesPanel</name>
        <message>
            <source>Way of taking apart</source>
            <translation>Weg des Zerlegens</translation>
        </message>
        <message>
            <source>Stages</source>
            <translation>Stufen</translation>
        </message>
        <message>
            <source>Each part once more</source>
            <translation>Jeden Teil noch einmal</translation>
        </message>
        <message>
            <source>parts as they are</source>
            <translation>Teile, wie sie sind</translation>
        </message>
        <message>
            <source>each: %1</source>
            <translation>jeder: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Stand</name>
        <message>
            <source>There is nothing to play in these bars.</source>
            <translation>In diesen Takten gibt es nichts zu spielen.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::StartTrouble</name>
        <message>
            <source>Upbeat Check cannot start</source>
            <translation>Upbeat Check kann nicht beginnen</translation>
        </message>
        <message>
            <source>Your practice folder cannot be opened. Nothing was changed in it.</source>
            <translation>Dein Übungsordner lässt sich nicht öffnen. Nichts darin wurde geändert.</translation>
        </message>
        <message>
            <source>The damaged logbook can be set aside, under another name. The one of the newest backup takes its place; what was played since, or all of it where there is none, is read from the recordings. Notes are not in the recordings.</source>
            <translation>Das beschädigte Logbuch lässt sich unter anderem Namen beiseitelegen. Das der neuesten Sicherung tritt an seine Stelle; was seitdem gespielt wurde, oder alles, wo es keine gibt, wird aus den Aufnahmen gelesen. Notizen stehen nicht in den Aufnahmen.</translation>
        </message>
        <message>
            <source>Set it aside and rebuild</source>
            <translation>Beiseitelegen und neu aufbauen</translation>
        </message>
        <message>
            <source>Another folder</source>
            <translation>Ein anderer Ordner</translation>
        </message>
        <message>
            <source>Quit</source>
            <translation>Beenden</translation>
        </message>
    </context>
    <context>
        <name>upbeat::TakeKeeper</name>
        <message>
            <source>Looking for what was played …</source>
            <translation>Es wird nach Gespieltem gesucht …</translation>
        </message>
        <message>
            <source>No pass of the page was played: nothing was kept.</source>
            <translation>Kein Durchgang des Blattes wurde gespielt: nichts wurde aufbewahrt.</translation>
        </message>
        <message>
            <source>The interrupted take was saved.</source>
            <translation>Der unterbrochene Take ist gesichert.</translation>
        </message>
        <message>
            <source>Less than a bar was played in the interrupted take: nothing was kept.</source>
            <translation>Im unterbrochenen Take wurde weniger als ein Takt gespielt: nichts wurde aufbewahrt.</translation>
        </message>
        <message>
            <source>The lesson was interrupted: teach the kit once more.</source>
            <translation>Die Lehrstunde wurde unterbrochen: lehre das Kit noch einmal.</translation>
        </message>
        <message>
            <source>%1 from the recordings. The damaged logbook is kept as %2.</source>
            <translation>%1 aus den Aufnahmen. Das beschädigte Logbuch liegt als %2 bereit.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::TakingApart</name>
        <message>
            <source>This way has nothing to take apart here.</source>
            <translation>Dieser Weg hat hier nichts zu zerlegen.</translation>
        </message>
        <message>
            <source>It stalls at the first part: now another way, %1. B goes back to the whole.</source>
            <translation>Es stockt beim ersten Teil: nun ein anderer Weg, %1. B geht zurück zum Ganzen.</translation>
        </message>
        <message>
            <source>Every part is clean: back to the whole.</source>
            <translation>Jeder Teil ist sauber: zurück zum Ganzen.</translation>
        </message>
        <message>
            <source>The spot is clean: back into the whole.</source>
            <translation>Die Stelle ist sauber: zurück ins Ganze.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::TodayPanel</name>
        <message>
            <source>%1 min</source>
            <translation>%L1 min</translation>
        </message>
        <message>
            <source> minutes</source>
            <translation> Minuten</translation>
        </message>
        <message>
            <source>Minutes there are today</source>
            <translation>Minuten, die es heute gibt</translation>
        </message>
        <message>
            <source>Way of practising</source>
            <translation>Art des Übens</translation>
        </message>
        <message>
            <source>Loose at the beginning and at the end. A break comes after twenty minutes by itself; X in Play stops everything when something hurts.</source>
            <translation>Locker am Anfang und am Ende. Nach zwanzig Minuten kommt von selbst eine Pause; X unter Spielen hält alles an, wenn etwas weh tut.</translation>
        </message>
        <message>
            <source>Today's plan</source>
            <translation>Plan für heute</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>begin, hands-free</source>
            <translation>freihändig beginnen</translation>
        </message>
        <message>
            <source>skip this block</source>
            <translation>diesen Block überspringen</translation>
        </message>
        <message>
            <source>+ -</source>
            <translation>+ -</translation>
        </message>
        <message>
            <source>longer, shorter</source>
            <translation>länger, kürzer</translation>
        </message>
        <message>
            <source>another exercise</source>
            <translation>eine andere Übung</translation>
        </message>
        <message>
            <source>Del</source>
            <translation>Entf</translation>
        </message>
        <message>
            <source>leave it out</source>
            <translation>weglassen</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the controls</source>
            <translation>zurück zu den Reglern</translation>
        </message>
    </context>
    <context>
        <name>upbeat::TwoTakesView</name>
        <message>
            <source>%1   %2, %3 at %4: %5</source>
            <translation>%1   %2, %3 bei %4: %5</translation>
        </message>
        <message>
            <source>Take A</source>
            <translation>Take A</translation>
        </message>
        <message>
            <source>Take B</source>
            <translation>Take B</translation>
        </message>
        <message>
            <source>These are takes of two exercises: what they ask differs.</source>
            <translation>Das sind Takes zweier Übungen: was sie verlangen, ist verschieden.</translation>
        </message>
        <message>
            <source>They were played at two tempos: most things grow with it.</source>
            <translation>Sie wurden in zwei Tempos gespielt: das meiste wächst mit dem Tempo.</translation>
        </message>
        <message>
            <source>%1 is heard from bar %2: H plays, N the other one from the same bar, [ and ] choose the bar.</source>
            <translation>%1 ist ab Takt %2 zu hören: H spielt, N den anderen ab demselben Takt, [ und ] wählen den Takt.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::VerdictBar</name>
        <message>
            <source>No take yet.</source>
            <translation>Noch kein Take.</translation>
        </message>
        <message>
            <source>Press Space and play.</source>
            <translation>Drücke die Leertaste und spiele.</translation>
        </message>
        <message>
            <source>Enter  %1</source>
            <translation>Eingabe  %1</translation>
        </message>
    </context>
</TS>