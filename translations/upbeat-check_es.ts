<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="es">
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
            <translation>Mide las tomas de estudio de un baterista frente al clic.</translation>
        </message>
        <message>
            <source>start with the demo data, in a logbook of its own</source>
            <translation>empezar con los datos de muestra, en un cuaderno propio</translation>
        </message>
        <message>
            <source>start dark</source>
            <translation>empezar en oscuro</translation>
        </message>
        <message>
            <source>save pictures of all places to a folder and end</source>
            <translation>guardar imágenes de todos los lugares en una carpeta y terminar</translation>
        </message>
        <message>
            <source>keep logbook and settings in this folder</source>
            <translation>guardar cuaderno y ajustes en esta carpeta</translation>
        </message>
        <message>
            <source>A folder for your practice</source>
            <translation>Una carpeta para tu estudio</translation>
        </message>
        <message>
            <source>Two weeks of practice arrive: %1 of %2 takes are here.</source>
            <translation>Llegan dos semanas de estudio: %1 de %2 tomas están aquí.</translation>
        </message>
        <message>
            <source>speak this language, as de, instead of the one that is set</source>
            <translation>hablar este idioma, como de, en vez del elegido</translation>
        </message>
        <message>
            <source>at %1</source>
            <translation>a %1</translation>
        </message>
        <message>
            <source>start with high contrast</source>
            <translation>empezar con alto contraste</translation>
        </message>
        <message>
            <source>everything larger, 100 to 300 percent</source>
            <translation>todo más grande, de 100 a 300 por ciento</translation>
        </message>
    </context>
    <context>
        <name>SoundCheckWords</name>
        <message>
            <source>Measured on %1: %2 ms.</source>
            <translation>Medido el %1: %L2 ms.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Entrada</translation>
        </message>
        <message>
            <source>Level</source>
            <translation>Nivel</translation>
        </message>
        <message>
            <source>Pads</source>
            <translation>Pads</translation>
        </message>
        <message>
            <source>Timing</source>
            <translation>Tiempos</translation>
        </message>
        <message>
            <source>Round trip</source>
            <translation>Ida y vuelta</translation>
        </message>
        <message>
            <source>Three levels</source>
            <translation>Tres niveles</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Prueba</translation>
        </message>
        <message>
            <source>Play a few strokes. The input that moves is yours; with the arrow keys you choose another one.</source>
            <translation>Toca unos golpes. La entrada que se mueve es la tuya; con las flechas eliges otra.</translation>
        </message>
        <message>
            <source>Play your loudest stroke a few times, then your softest. The loudest should stay below the upper mark; turn the microphone up or down until it does.</source>
            <translation>Toca unas veces tu golpe más fuerte y luego el más suave. El más fuerte debe quedar bajo la marca de arriba; sube o baja el micrófono hasta que sea así.</translation>
        </message>
        <message>
            <source>Hit what stands in the frame three times, on every zone it has; then the next is asked for. With the arrow keys you go back and forth.</source>
            <translation>Golpea tres veces lo que está en el marco, en cada zona que tenga; luego se pide lo siguiente. Con las flechas vas adelante y atrás.</translation>
        </message>
        <message>
            <source>Let a microphone whose round trip was measured hear one pad, and strike it twelve times, a second apart: it tells how long the notes take.</source>
            <translation>Deja que un micrófono con su ida y vuelta medida oiga un pad, y golpéalo doce veces, a un segundo: eso dice cuánto tardan las notas.</translation>
        </message>
        <message>
            <source>Hold the microphone to the headphone, or let it hear the loudspeaker, and be quiet for eight seconds: twelve short sounds tell how long the way round is. Keep the volume low.</source>
            <translation>Acerca el micrófono al auricular, o deja que oiga el altavoz, y calla ocho segundos: doce sonidos cortos dicen lo largo que es el camino. Mantén el volumen bajo.</translation>
        </message>
        <message>
            <source>Eight strokes of each: ghost notes, taps, accents, as you play them.</source>
            <translation>Ocho golpes de cada: fantasmas, toques, acentos, como los tocas.</translation>
        </message>
        <message>
            <source>A bar is counted in, then play eight quarters to the click.</source>
            <translation>Se cuenta un compás, luego toca ocho negras con el clic.</translation>
        </message>
        <message>
            <source>No microphone is offered: %1</source>
            <translation>No se ofrece micrófono: %1</translation>
        </message>
        <message>
            <source>Nothing is heard yet.</source>
            <translation>Aún no se oye nada.</translation>
        </message>
        <message>
            <source>Too faint: turn it up.</source>
            <translation>Demasiado débil: súbelo.</translation>
        </message>
        <message>
            <source>Good.</source>
            <translation>Bien.</translation>
        </message>
        <message>
            <source>Too hot: turn it down and play again.</source>
            <translation>Demasiado fuerte: bájalo y toca otra vez.</translation>
        </message>
        <message>
            <source>They were hardly apart: play them once more, softest first.</source>
            <translation>Apenas se distinguían: tócalos otra vez, primero los más suaves.</translation>
        </message>
        <message>
            <source>Kept as your own three levels.</source>
            <translation>Guardados como tus tres niveles.</translation>
        </message>
        <message>
            <source>All are known. %1</source>
            <translation>Todos se conocen. %1</translation>
        </message>
        <message>
            <source>%1 ms, sure to %2 ms.</source>
            <translation>%L1 ms, seguro a %L2 ms.</translation>
        </message>
        <message>
            <source>Not calibrated: evenness only. Choose a microphone first, and measure its round trip.</source>
            <translation>Sin calibrar: solo regularidad. Elige primero un micrófono y mide su ida y vuelta.</translation>
        </message>
        <message>
            <source>Not calibrated: evenness only.</source>
            <translation>Sin calibrar: solo regularidad.</translation>
        </message>
        <message>
            <source>Listening …</source>
            <translation>Escuchando …</translation>
        </message>
        <message>
            <source>%1 ms, sure to %2 ms, heard %3 times of 12.</source>
            <translation>%L1 ms, seguro a %L2 ms, oído %3 veces de 12.</translation>
        </message>
        <message>
            <source>Not measured: what is late or early against the click cannot be told unless the click is heard.</source>
            <translation>Sin medir: si vas tarde o pronto frente al clic no se puede decir, salvo que el clic se oiga.</translation>
        </message>
        <message>
            <source>No stroke was heard.</source>
            <translation>No se oyó ningún golpe.</translation>
        </message>
        <message>
            <source>, %1 ms ahead of the click</source>
            <translation>, %L1 ms antes del clic</translation>
        </message>
        <message>
            <source>, %1 ms behind the click</source>
            <translation>, %L1 ms detrás del clic</translation>
        </message>
        <message>
            <source>, even to %1 ms</source>
            <translation>, regular a %L1 ms</translation>
        </message>
        <message>
            <source>Take this one</source>
            <translation>Tomar esta</translation>
        </message>
        <message>
            <source>Next</source>
            <translation>Siguiente</translation>
        </message>
        <message>
            <source>Measure it</source>
            <translation>Medirlo</translation>
        </message>
        <message>
            <source>Begin again</source>
            <translation>Empezar de nuevo</translation>
        </message>
        <message>
            <source>Once more</source>
            <translation>Otra vez</translation>
        </message>
        <message>
            <source>Start</source>
            <translation>Empezar</translation>
        </message>
    </context>
    <context>
        <name>Words</name>
        <message>
            <source>1 minute</source>
            <translation>1 minuto</translation>
        </message>
        <message numerus="yes">
            <source>%n minutes</source>
            <translation>
                <numerusform>1 minuto</numerusform>
                <numerusform>%n minutos</numerusform>
            </translation>
        </message>
        <message>
            <source>After a month only clean takes and the last of a day</source>
            <translation>Tras un mes solo tomas limpias y la última de un día</translation>
        </message>
        <message numerus="yes">
            <source>After %n months only clean takes and the last of a day</source>
            <translation>
                <numerusform>Tras un mes solo tomas limpias y la última de un día</numerusform>
                <numerusform>Tras %n meses solo tomas limpias y la última de un día</numerusform>
            </translation>
        </message>
        <message>
            <source>1 recording</source>
            <translation>1 grabación</translation>
        </message>
        <message numerus="yes">
            <source>%n recordings</source>
            <translation>
                <numerusform>1 grabación</numerusform>
                <numerusform>%n grabaciones</numerusform>
            </translation>
        </message>
        <message>
            <source>1 take</source>
            <translation>1 toma</translation>
        </message>
        <message numerus="yes">
            <source>%n takes</source>
            <translation>
                <numerusform>1 toma</numerusform>
                <numerusform>%n tomas</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, ghosts</source>
            <translation>%1, fantasmas</translation>
        </message>
        <message>
            <source>%1, taps</source>
            <translation>%1, toques</translation>
        </message>
        <message>
            <source>%1, accents</source>
            <translation>%1, acentos</translation>
        </message>
        <message>
            <source>after 1 bar</source>
            <translation>tras 1 compás</translation>
        </message>
        <message numerus="yes">
            <source>after %n bars</source>
            <translation>
                <numerusform>tras 1 compás</numerusform>
                <numerusform>tras %n compases</numerusform>
            </translation>
        </message>
        <message>
            <source>1 more take</source>
            <translation>1 toma más</translation>
        </message>
        <message numerus="yes">
            <source>%n more takes</source>
            <translation>
                <numerusform>1 toma más</numerusform>
                <numerusform>%n tomas más</numerusform>
            </translation>
        </message>
        <message>
            <source>1 more</source>
            <translation>1 más</translation>
        </message>
        <message numerus="yes">
            <source>%n more</source>
            <translation>
                <numerusform>1 más</numerusform>
                <numerusform>%n más</numerusform>
            </translation>
        </message>
        <message>
            <source>last take</source>
            <translation>última toma</translation>
        </message>
        <message numerus="yes">
            <source>%n takes together</source>
            <translation>
                <numerusform>última toma</numerusform>
                <numerusform>%n tomas juntas</numerusform>
            </translation>
        </message>
        <message>
            <source>less click</source>
            <translation>menos clic</translation>
        </message>
        <message>
            <source>more click</source>
            <translation>más clic</translation>
        </message>
        <message>
            <source>up to %1</source>
            <translation>sube a %1</translation>
        </message>
        <message>
            <source>back to %1</source>
            <translation>vuelve a %1</translation>
        </message>
        <message>
            <source>isolate beat %1</source>
            <translation>aísla el pulso %1</translation>
        </message>
        <message>
            <source>stay at %1</source>
            <translation>sigue en %1</translation>
        </message>
        <message>
            <source>a gap in the recording</source>
            <translation>un hueco en la grabación</translation>
        </message>
        <message numerus="yes">
            <source>%n gaps in the recording</source>
            <translation>
                <numerusform>un hueco en la grabación</numerusform>
                <numerusform>%n huecos en la grabación</numerusform>
            </translation>
        </message>
        <message>
            <source>1 pass</source>
            <translation>1 vuelta</translation>
        </message>
        <message numerus="yes">
            <source>%n passes</source>
            <translation>
                <numerusform>1 vuelta</numerusform>
                <numerusform>%n vueltas</numerusform>
            </translation>
        </message>
        <message>
            <source>right, left; with Shift an accent, with Alt a ghost</source>
            <translation>derecha, izquierda; con Mayús un acento, con Alt una fantasma</translation>
        </message>
        <message>
            <source>rest</source>
            <translation>silencio</translation>
        </message>
        <message>
            <source>parts of this beat</source>
            <translation>partes de este pulso</translation>
        </message>
        <message>
            <source>louder, softer</source>
            <translation>más fuerte, más suave</translation>
        </message>
        <message>
            <source>flam, drag, ruff, closed roll</source>
            <translation>flam, drag, ruff, redoble cerrado</translation>
        </message>
        <message>
            <source>other hand; anchor</source>
            <translation>otra mano; ancla</translation>
        </message>
        <message>
            <source>new row; other voice for this row</source>
            <translation>fila nueva; otra voz para esta fila</translation>
        </message>
        <message>
            <source>mirror the hands</source>
            <translation>reflejar las manos</translation>
        </message>
        <message>
            <source>swell, fade; leave it to the player</source>
            <translation>crecer, decrecer; dejarlo al intérprete</translation>
        </message>
        <message>
            <source>Ctrl R</source>
            <translation>Ctrl R</translation>
        </message>
        <message>
            <source>repeat the bar or the selection</source>
            <translation>repetir el compás o la selección</translation>
        </message>
        <message>
            <source>Ctrl C X V</source>
            <translation>Ctrl C X V</translation>
        </message>
        <message>
            <source>copy, cut, paste</source>
            <translation>copiar, cortar, pegar</translation>
        </message>
        <message>
            <source>Ctrl Z Y</source>
            <translation>Ctrl Z Y</translation>
        </message>
        <message>
            <source>undo, redo</source>
            <translation>deshacer, rehacer</translation>
        </message>
        <message>
            <source>Ctrl P</source>
            <translation>Ctrl P</translation>
        </message>
        <message>
            <source>hear the bar or the selection</source>
            <translation>oír el compás o la selección</translation>
        </message>
        <message>
            <source>Ctrl B</source>
            <translation>Ctrl B</translation>
        </message>
        <message>
            <source>one bar more, with Shift one less</source>
            <translation>un compás más, con Mayús uno menos</translation>
        </message>
        <message>
            <source>Shift ← →</source>
            <translation>Mayús ← →</translation>
        </message>
        <message>
            <source>select</source>
            <translation>seleccionar</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>done</source>
            <translation>listo</translation>
        </message>
        <message>
            <source>beat %1</source>
            <translation>pulso %1</translation>
        </message>
        <message>
            <source>beat %1, part %2</source>
            <translation>pulso %1, parte %2</translation>
        </message>
        <message>
            <source>the %1 of %2</source>
            <translation>la %1 de %2</translation>
        </message>
        <message>
            <source>bar %1, %2, %3</source>
            <translation>compás %1, %2, %3</translation>
        </message>
        <message>
            <source>%1: rest</source>
            <translation>%1: silencio</translation>
        </message>
        <message>
            <source>%1: %2 %3</source>
            <translation>%1: %2 %3</translation>
        </message>
        <message>
            <source>choose …</source>
            <translation>elige …</translation>
        </message>
        <message>
            <source>the other hand leads</source>
            <translation>guía la otra mano</translation>
        </message>
        <message>
            <source>accent the 1st of 4</source>
            <translation>acento en el 1.º de 4</translation>
        </message>
        <message>
            <source>accent the 2nd of 4</source>
            <translation>acento en el 2.º de 4</translation>
        </message>
        <message>
            <source>accent the 3rd of 4</source>
            <translation>acento en el 3.º de 4</translation>
        </message>
        <message>
            <source>accent the 4th of 4</source>
            <translation>acento en el 4.º de 4</translation>
        </message>
        <message>
            <source>accent the 1st of 3</source>
            <translation>acento en el 1.º de 3</translation>
        </message>
        <message>
            <source>accents one stroke on</source>
            <translation>acentos un golpe más allá</translation>
        </message>
        <message>
            <source>accents in runs of 4, 3, 2, 1</source>
            <translation>acentos en series de 4, 3, 2, 1</translation>
        </message>
        <message>
            <source>hands on ride and hi-hat</source>
            <translation>manos en ride y hi-hat</translation>
        </message>
        <message>
            <source>accents on the toms</source>
            <translation>acentos en los toms</translation>
        </message>
        <message>
            <source>right hand on the bass drum</source>
            <translation>mano derecha en el bombo</translation>
        </message>
        <message>
            <source>all on the pad</source>
            <translation>todo en el pad</translation>
        </message>
        <message>
            <source>4/4 and cut time</source>
            <translation>4/4 y compás partido</translation>
        </message>
        <message>
            <source>count in numbers</source>
            <translation>contar en números</translation>
        </message>
        <message>
            <source>two levels or three</source>
            <translation>dos niveles o tres</translation>
        </message>
        <message>
            <source>another exercise behind it …</source>
            <translation>otro ejercicio detrás …</translation>
        </message>
        <message>
            <source>groups, a roll, pp to ff, tempo, section, feel, words …</source>
            <translation>grupos, un redoble, pp a ff, tempo, sección, feel, palabras …</translation>
        </message>
        <message>
            <source>One stroke has come.</source>
            <translation>Ha llegado un golpe.</translation>
        </message>
        <message numerus="yes">
            <source>%n strokes have come.</source>
            <translation>
                <numerusform>Ha llegado un golpe.</numerusform>
                <numerusform>Han llegado %n golpes.</numerusform>
            </translation>
        </message>
        <message>
            <source>One stroke was heard</source>
            <translation>Se oyó un golpe</translation>
        </message>
        <message numerus="yes">
            <source>%n strokes were heard</source>
            <translation>
                <numerusform>Se oyó un golpe</numerusform>
                <numerusform>Se oyeron %n golpes</numerusform>
            </translation>
        </message>
        <message>
            <source>A take was interrupted before it was finished. What was recorded can be saved.</source>
            <translation>Una toma se interrumpió antes de acabar. Lo grabado se puede guardar.</translation>
        </message>
        <message numerus="yes">
            <source>%n takes were interrupted before they were finished. What was recorded can be saved.</source>
            <translation>
                <numerusform>Una toma se interrumpió antes de acabar. Lo grabado se puede guardar.</numerusform>
                <numerusform>%n tomas se interrumpieron antes de acabar. Lo grabado se puede guardar.</numerusform>
            </translation>
        </message>
        <message>
            <source>1 bar</source>
            <translation>1 compás</translation>
        </message>
        <message numerus="yes">
            <source>%n bars</source>
            <translation>
                <numerusform>1 compás</numerusform>
                <numerusform>%n compases</numerusform>
            </translation>
        </message>
        <message>
            <source>swung %1 : 1</source>
            <translation>con swing %1 : 1</translation>
        </message>
        <message>
            <source>two levels</source>
            <translation>dos niveles</translation>
        </message>
        <message>
            <source>Timing</source>
            <translation>Tiempos</translation>
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
            <translation>Adornos</translation>
        </message>
        <message>
            <source>left: early, right: late</source>
            <translation>izquierda: pronto, derecha: tarde</translation>
        </message>
        <message>
            <source>in front: strokes out of their own level</source>
            <translation>delante: golpes fuera de su nivel</translation>
        </message>
        <message>
            <source>off-beats against their place between the beats</source>
            <translation>contratiempos frente a su lugar entre los pulsos</translation>
        </message>
        <message>
            <source>grace notes at their distance before the stroke</source>
            <translation>mordentes a su distancia antes del golpe</translation>
        </message>
        <message>
            <source>count-in only</source>
            <translation>solo la cuenta</translation>
        </message>
        <message>
            <source>every beat</source>
            <translation>cada pulso</translation>
        </message>
        <message>
            <source>two a beat</source>
            <translation>dos por pulso</translation>
        </message>
        <message>
            <source>two a beat, swung</source>
            <translation>dos por pulso, con swing</translation>
        </message>
        <message>
            <source>three a beat</source>
            <translation>tres por pulso</translation>
        </message>
        <message>
            <source>four a beat</source>
            <translation>cuatro por pulso</translation>
        </message>
        <message>
            <source>four a beat, swung</source>
            <translation>cuatro por pulso, con swing</translation>
        </message>
        <message>
            <source>two and four</source>
            <translation>dos y cuatro</translation>
        </message>
        <message>
            <source>one only</source>
            <translation>solo el uno</translation>
        </message>
        <message>
            <source>off-beats</source>
            <translation>contratiempos</translation>
        </message>
        <message>
            <source>a silent bar after three</source>
            <translation>un compás callado tras tres</translation>
        </message>
        <message>
            <source>every other bar</source>
            <translation>un compás sí y otro no</translation>
        </message>
        <message>
            <source>two silent bars after two</source>
            <translation>dos compases callados tras dos</translation>
        </message>
        <message>
            <source>three silent bars after one</source>
            <translation>tres compases callados tras uno</translation>
        </message>
        <message>
            <source>1 remark</source>
            <translation>1 observación</translation>
        </message>
        <message numerus="yes">
            <source>%n remarks</source>
            <translation>
                <numerusform>1 observación</numerusform>
                <numerusform>%n observaciones</numerusform>
            </translation>
        </message>
        <message>
            <source>last pass: %1, %2 ms %3</source>
            <translation>última vuelta: %1, %2 ms %3</translation>
        </message>
        <message>
            <source>early</source>
            <translation>pronto</translation>
        </message>
        <message>
            <source>late</source>
            <translation>tarde</translation>
        </message>
        <message>
            <source>last pass: a stroke not heard</source>
            <translation>última vuelta: un golpe no oído</translation>
        </message>
        <message numerus="yes">
            <source>last pass: %n strokes not heard</source>
            <translation>
                <numerusform>última vuelta: un golpe no oído</numerusform>
                <numerusform>última vuelta: %n golpes no oídos</numerusform>
            </translation>
        </message>
        <message>
            <source>last pass: every stroke within 10 ms</source>
            <translation>última vuelta: cada golpe dentro de 10 ms</translation>
        </message>
        <message>
            <source>the microphone gives nothing</source>
            <translation>el micrófono no da nada</translation>
        </message>
        <message>
            <source>try it by itself first</source>
            <translation>pruébalo primero por sí solo</translation>
        </message>
        <message>
            <source>the sound device stuttered</source>
            <translation>el dispositivo de sonido se atascó</translation>
        </message>
        <message>
            <source>try it once more</source>
            <translation>inténtalo otra vez</translation>
        </message>
        <message>
            <source>the round trip of the microphone is not known as it runs now</source>
            <translation>no se conoce la ida y vuelta del micrófono tal como va ahora</translation>
        </message>
        <message>
            <source>choose the microphone as input, measure its round trip, and come back</source>
            <translation>elige el micrófono como entrada, mide su ida y vuelta y vuelve</translation>
        </message>
        <message>
            <source>the input gives nothing</source>
            <translation>la entrada no da nada</translation>
        </message>
        <message>
            <source>choose it once more</source>
            <translation>elígela otra vez</translation>
        </message>
        <message>
            <source>One take was found in it.</source>
            <translation>Se encontró una toma.</translation>
        </message>
        <message numerus="yes">
            <source>%n takes were found in it.</source>
            <translation>
                <numerusform>Se encontró una toma.</numerusform>
                <numerusform>Se encontraron %n tomas.</numerusform>
            </translation>
        </message>
        <message>
            <source>One take was read again</source>
            <translation>Se leyó de nuevo una toma</translation>
        </message>
        <message numerus="yes">
            <source>%n takes were read again</source>
            <translation>
                <numerusform>Se leyó de nuevo una toma</numerusform>
                <numerusform>Se leyeron de nuevo %n tomas</numerusform>
            </translation>
        </message>
        <message>
            <source>simulated player</source>
            <translation>intérprete simulado</translation>
        </message>
        <message>
            <source>timed by the click in it</source>
            <translation>situada por el clic que se oye</translation>
        </message>
        <message>
            <source>no placement: the kit's timing was not measured</source>
            <translation>sin posición: no se midieron los tiempos del kit</translation>
        </message>
        <message>
            <source>no placement: the click was not heard</source>
            <translation>sin posición: el clic no se oyó</translation>
        </message>
        <message>
            <source>1 double trigger left out</source>
            <translation>1 disparo doble omitido</translation>
        </message>
        <message numerus="yes">
            <source>%n double triggers left out</source>
            <translation>
                <numerusform>1 disparo doble omitido</numerusform>
                <numerusform>%n disparos dobles omitidos</numerusform>
            </translation>
        </message>
        <message>
            <source>1 shaken pad left out</source>
            <translation>1 pad sacudido omitido</translation>
        </message>
        <message numerus="yes">
            <source>%n shaken pads left out</source>
            <translation>
                <numerusform>1 pad sacudido omitido</numerusform>
                <numerusform>%n pads sacudidos omitidos</numerusform>
            </translation>
        </message>
        <message>
            <source>The recorder set its own level: loudness is not judged.</source>
            <translation>La grabadora ajustó su nivel: el volumen no se juzga.</translation>
        </message>
        <message>
            <source>1 sound that is unlike your strokes counts for nothing.</source>
            <translation>1 sonido distinto de tus golpes no cuenta.</translation>
        </message>
        <message numerus="yes">
            <source>%n sounds that are unlike your strokes count for nothing.</source>
            <translation>
                <numerusform>1 sonido distinto de tus golpes no cuenta.</numerusform>
                <numerusform>%n sonidos distintos de tus golpes no cuentan.</numerusform>
            </translation>
        </message>
        <message>
            <source>Not told, for on one microphone it sounds with others: the feel of the %1.</source>
            <translation>No se puede decir, pues en un micrófono suena con otros: el feel de %1.</translation>
        </message>
        <message>
            <source>no JACK server answers</source>
            <translation>no responde ningún servidor JACK</translation>
        </message>
        <message>
            <source>start it, or choose another input</source>
            <translation>inícialo, o elige otra entrada</translation>
        </message>
        <message>
            <source>the sound server gives no ports</source>
            <translation>el servidor de sonido no da puertos</translation>
        </message>
        <message>
            <source>close other sound programs</source>
            <translation>cierra otros programas de sonido</translation>
        </message>
        <message>
            <source>the input %1 is not there</source>
            <translation>la entrada %1 no está</translation>
        </message>
        <message>
            <source>plug it in, or choose another input</source>
            <translation>conéctala, o elige otra</translation>
        </message>
        <message>
            <source>the sound server does not start us</source>
            <translation>el servidor de sonido no nos inicia</translation>
        </message>
        <message>
            <source>restart the sound server</source>
            <translation>reinicia el servidor de sonido</translation>
        </message>
        <message>
            <source>PipeWire does not answer</source>
            <translation>PipeWire no responde</translation>
        </message>
        <message>
            <source>log in again if it should run</source>
            <translation>vuelve a iniciar la sesión si debería funcionar</translation>
        </message>
        <message>
            <source>PipeWire runs but plays nothing</source>
            <translation>PipeWire funciona pero no toca nada</translation>
        </message>
        <message>
            <source>connect a loudspeaker or headphones</source>
            <translation>conecta un altavoz o unos auriculares</translation>
        </message>
        <message>
            <source>PipeWire runs but hears no microphone</source>
            <translation>PipeWire funciona pero no oye ningún micrófono</translation>
        </message>
        <message>
            <source>connect a microphone or an electronic kit</source>
            <translation>conecta un micrófono o una batería electrónica</translation>
        </message>
        <message>
            <source>PipeWire does not start us</source>
            <translation>PipeWire no nos inicia</translation>
        </message>
        <message>
            <source>close other sound programs, or log in again</source>
            <translation>cierra otros programas de sonido, o vuelve a iniciar la sesión</translation>
        </message>
        <message>
            <source>no PulseAudio server answers</source>
            <translation>no responde ningún servidor PulseAudio</translation>
        </message>
        <message>
            <source>PulseAudio does not start us</source>
            <translation>PulseAudio no nos inicia</translation>
        </message>
        <message>
            <source>PulseAudio runs but hears no microphone</source>
            <translation>PulseAudio funciona pero no oye ningún micrófono</translation>
        </message>
        <message>
            <source>connect a microphone</source>
            <translation>conecta un micrófono</translation>
        </message>
        <message>
            <source>the kit was not taught the %1</source>
            <translation>al kit no se le enseñó %1</translation>
        </message>
        <message>
            <source>teach every drum of the pattern</source>
            <translation>enséñale cada tambor de la hoja</translation>
        </message>
        <message>
            <source>tempo and beat 1 cannot be told: what is heard does not fit the pattern</source>
            <translation>no se pueden saber tempo y pulso 1: lo que se oye no encaja con la hoja</translation>
        </message>
        <message>
            <source>check the pattern, or give --tempo and --first-beat</source>
            <translation>revisa la hoja, o da --tempo y --first-beat</translation>
        </message>
        <message>
            <source>check --first-beat and the recording level</source>
            <translation>revisa --first-beat y el nivel de grabación</translation>
        </message>
        <message>
            <source>%1 bars do not fit into it at this tempo</source>
            <translation>%1 compases no caben a este tempo</translation>
        </message>
        <message>
            <source>use --bars 1 to %1, or leave it out</source>
            <translation>usa --bars de 1 a %1, o no lo pongas</translation>
        </message>
        <message>
            <source>a range of tempos from %1 cannot be used</source>
            <translation>un intervalo de tempos desde %1 no sirve</translation>
        </message>
        <message>
            <source>use --tempo-range LO-HI with 30 to 300, as 80-120</source>
            <translation>usa --tempo-range MIN-MAX de 30 a 300, como 80-120</translation>
        </message>
        <message>
            <source>no tempo is given</source>
            <translation>no se da ningún tempo</translation>
        </message>
        <message>
            <source>use --tempo BPM or --tempo auto</source>
            <translation>usa --tempo BPM o --tempo auto</translation>
        </message>
        <message>
            <source>a tempo of %1 is out of range</source>
            <translation>un tempo de %1 está fuera de rango</translation>
        </message>
        <message>
            <source>use --tempo 30 to 300</source>
            <translation>usa --tempo de 30 a 300</translation>
        </message>
        <message>
            <source>a first beat at %1 cannot be used</source>
            <translation>un pulso 1 en %1 no sirve</translation>
        </message>
        <message>
            <source>use --first-beat SECONDS or --first-beat auto</source>
            <translation>usa --first-beat SEGUNDOS o --first-beat auto</translation>
        </message>
        <message>
            <source>the first beat lies before the take</source>
            <translation>el pulso 1 está antes de la toma</translation>
        </message>
        <message>
            <source>use --first-beat 0 or more</source>
            <translation>usa --first-beat 0 o más</translation>
        </message>
        <message>
            <source>writing it failed</source>
            <translation>falló la escritura</translation>
        </message>
        <message>
            <source>free some space or read it to the end</source>
            <translation>libera espacio o léelo hasta el final</translation>
        </message>
        <message>
            <source>the folder cannot be made</source>
            <translation>no se puede crear la carpeta</translation>
        </message>
        <message>
            <source>choose a folder you may write to</source>
            <translation>elige una carpeta en la que puedas escribir</translation>
        </message>
        <message>
            <source>no drum is struck alone and clearly often enough to be learned</source>
            <translation>ningún tambor suena solo y claro las veces que hacen falta para aprenderlo</translation>
        </message>
        <message>
            <source>strike each one alone at least three times</source>
            <translation>golpea cada uno solo, al menos tres veces</translation>
        </message>
        <message>
            <source>a number of the learner is out of range</source>
            <translation>un número del aprendiz está fuera de rango</translation>
        </message>
        <message>
            <source>see docs/formats/learner.md</source>
            <translation>mira docs/formats/learner.md</translation>
        </message>
        <message>
            <source>a limit of %1 for "%2" is out of range</source>
            <translation>un límite de %1 para «%2» está fuera de rango</translation>
        </message>
        <message>
            <source>use %1 to %2</source>
            <translation>usa de %1 a %2</translation>
        </message>
        <message>
            <source>bars %1 to %2</source>
            <translation>compases %1 a %2</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 y %2</translation>
        </message>
        <message>
            <source>from %1 on</source>
            <translation>desde %1</translation>
        </message>
        <message>
            <source>%1 into %2</source>
            <translation>%1 hacia %2</translation>
        </message>
        <message>
            <source>one beat from beat %1</source>
            <translation>un pulso desde el pulso %1</translation>
        </message>
        <message numerus="yes">
            <source>%n beats from beat %1</source>
            <translation>
                <numerusform>un pulso desde el pulso %1</numerusform>
                <numerusform>%n pulsos desde el pulso %1</numerusform>
            </translation>
        </message>
        <message>
            <source>one beat from beat %1 of bar %2</source>
            <translation>un pulso desde el pulso %1 del compás %2</translation>
        </message>
        <message numerus="yes">
            <source>%n beats from beat %1 of bar %2</source>
            <translation>
                <numerusform>un pulso desde el pulso %1 del compás %2</numerusform>
                <numerusform>%n pulsos desde el pulso %1 del compás %2</numerusform>
            </translation>
        </message>
        <message>
            <source>the bar alone</source>
            <translation>el compás solo</translation>
        </message>
        <message>
            <source>a bar of groove, then the bar</source>
            <translation>un compás de groove y luego el compás</translation>
        </message>
        <message numerus="yes">
            <source>%n bars of groove, then the bar</source>
            <translation>
                <numerusform>un compás de groove y luego el compás</numerusform>
                <numerusform>%n compases de groove y luego el compás</numerusform>
            </translation>
        </message>
        <message>
            <source>the first %1 notes</source>
            <translation>las primeras %1 notas</translation>
        </message>
        <message>
            <source>what keeps on</source>
            <translation>lo que sigue siempre</translation>
        </message>
        <message>
            <source>the bar at half speed</source>
            <translation>el compás a media velocidad</translation>
        </message>
        <message>
            <source>bar %1 at half speed</source>
            <translation>compás %1 a media velocidad</translation>
        </message>
        <message>
            <source>the bar at full speed</source>
            <translation>el compás a velocidad plena</translation>
        </message>
        <message>
            <source>bar %1 at full speed</source>
            <translation>compás %1 a velocidad plena</translation>
        </message>
        <message>
            <source>bars 1 to %1</source>
            <translation>compases 1 a %1</translation>
        </message>
        <message>
            <source>the spot and a bar of rest, half as fast</source>
            <translation>el punto y un compás de silencio, a la mitad</translation>
        </message>
        <message>
            <source>the spot and a bar of rest</source>
            <translation>el punto y un compás de silencio</translation>
        </message>
        <message>
            <source>the spot, round and round</source>
            <translation>el punto, una y otra vez</translation>
        </message>
        <message>
            <source>its bar</source>
            <translation>su compás</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>singles</source>
            <translation>simples</translation>
        </message>
        <message>
            <source>doubles</source>
            <translation>dobles</translation>
        </message>
        <message>
            <source>a bar of each</source>
            <translation>un compás de cada</translation>
        </message>
        <message>
            <source>half a bar of each</source>
            <translation>medio compás de cada</translation>
        </message>
        <message>
            <source>%1 percent of the tempo</source>
            <translation>%1 por ciento del tempo</translation>
        </message>
        <message>
            <source>as written</source>
            <translation>como está escrito</translation>
        </message>
        <message>
            <source>a bar written, a bar free</source>
            <translation>un compás escrito, un compás libre</translation>
        </message>
        <message numerus="yes">
            <source>%n bars written, as many free</source>
            <translation>
                <numerusform>un compás escrito, un compás libre</numerusform>
                <numerusform>%n compases escritos, otros tantos libres</numerusform>
            </translation>
        </message>
        <message>
            <source>use 30 to 300 beats per minute</source>
            <translation>usa de 30 a 300 pulsos por minuto</translation>
        </message>
        <message>
            <source>the meter is not supported</source>
            <translation>el compás no se admite</translation>
        </message>
        <message>
            <source>choose another meter</source>
            <translation>elige otro compás</translation>
        </message>
        <message>
            <source>a count-in of %1 bars is out of range</source>
            <translation>una cuenta de %1 compases está fuera de rango</translation>
        </message>
        <message>
            <source>use 0 to 4</source>
            <translation>usa de 0 a 4</translation>
        </message>
        <message>
            <source>%1 clicks per beat is out of range</source>
            <translation>%1 clics por pulso están fuera de rango</translation>
        </message>
        <message>
            <source>use 1 to 8</source>
            <translation>usa de 1 a 8</translation>
        </message>
        <message>
            <source>a swing of %1 is out of range</source>
            <translation>un swing de %1 está fuera de rango</translation>
        </message>
        <message>
            <source>use 0.5 to 4</source>
            <translation>usa de 0,5 a 4</translation>
        </message>
        <message>
            <source>the silent bars are out of range</source>
            <translation>los compases callados están fuera de rango</translation>
        </message>
        <message>
            <source>use 1 to 64 bars on and 0 to 64 off</source>
            <translation>usa de 1 a 64 compases con clic y de 0 a 64 sin él</translation>
        </message>
        <message>
            <source>pure tone</source>
            <translation>tono puro</translation>
        </message>
        <message>
            <source>low tone</source>
            <translation>tono grave</translation>
        </message>
        <message>
            <source>reed</source>
            <translation>lengüeta</translation>
        </message>
        <message>
            <source>chirp</source>
            <translation>gorjeo</translation>
        </message>
        <message>
            <source>a stroke does not fall on %1 parts</source>
            <translation>un golpe no cae en %1 partes</translation>
        </message>
        <message>
            <source>remove it or divide otherwise</source>
            <translation>quítalo o divide de otro modo</translation>
        </message>
        <message>
            <source>the meter changes at bar %1</source>
            <translation>el compás cambia en el compás %1</translation>
        </message>
        <message>
            <source>let it change from bar 2 to the last, each bar once and in order</source>
            <translation>que cambie desde el compás 2 al último, cada uno una vez y en orden</translation>
        </message>
        <message>
            <source>the meter %1 is not supported</source>
            <translation>el compás %1 no se admite</translation>
        </message>
        <message>
            <source>use 1 to 15 over 2, 4, 8 or 16</source>
            <translation>usa de 1 a 15 sobre 2, 4, 8 o 16</translation>
        </message>
        <message>
            <source>a name, the tags or the counting words are too long</source>
            <translation>un nombre, las etiquetas o las palabras de contar son demasiado largos</translation>
        </message>
        <message>
            <source>shorten them: names to 1000 letters, words to 40</source>
            <translation>acórtalos: nombres hasta 1000 letras, palabras hasta 40</translation>
        </message>
        <message>
            <source>the exercise has no id</source>
            <translation>el ejercicio no tiene identificador</translation>
        </message>
        <message>
            <source>give it a short name</source>
            <translation>dale un nombre corto</translation>
        </message>
        <message>
            <source>the phrase has %1 bars</source>
            <translation>la hoja tiene %1 compases</translation>
        </message>
        <message>
            <source>use 1 to %1</source>
            <translation>usa de 1 a %1</translation>
        </message>
        <message>
            <source>a tempo of %1 to %2 is out of range</source>
            <translation>un tempo de %1 a %2 está fuera de rango</translation>
        </message>
        <message>
            <source>the goal tempo is below the start tempo</source>
            <translation>el tempo de meta está por debajo del inicial</translation>
        </message>
        <message>
            <source>raise the goal</source>
            <translation>sube la meta</translation>
        </message>
        <message>
            <source>a tempo step of %1 makes no ladder</source>
            <translation>un paso de tempo de %1 no hace escalera</translation>
        </message>
        <message>
            <source>a swing ratio of %1 is out of range</source>
            <translation>una proporción de swing de %1 está fuera de rango</translation>
        </message>
        <message>
            <source>a free span lies outside the phrase</source>
            <translation>un tramo libre está fuera de la hoja</translation>
        </message>
        <message>
            <source>let it begin before it ends, inside the bars</source>
            <translation>que empiece antes de acabar, dentro de los compases</translation>
        </message>
        <message>
            <source>a free span asks for %1 notes</source>
            <translation>un tramo libre pide %1 notas</translation>
        </message>
        <message>
            <source>use 1 to %1, or any number</source>
            <translation>usa de 1 a %1, o cualquier número</translation>
        </message>
        <message>
            <source>a crescendo lies outside the phrase</source>
            <translation>un crescendo está fuera de la hoja</translation>
        </message>
        <message>
            <source>a crescendo is louder or softer than can be</source>
            <translation>un crescendo es más fuerte o más suave de lo posible</translation>
        </message>
        <message>
            <source>use levels from -60 to 12 dB</source>
            <translation>usa niveles de -60 a 12 dB</translation>
        </message>
        <message>
            <source>the strokes of a beat stand on no common grid</source>
            <translation>los golpes de un pulso no comparten rejilla</translation>
        </message>
        <message>
            <source>move them to one</source>
            <translation>muévelos a una</translation>
        </message>
        <message>
            <source>no stroke is written</source>
            <translation>no hay ningún golpe escrito</translation>
        </message>
        <message>
            <source>write at least one</source>
            <translation>escribe al menos uno</translation>
        </message>
        <message>
            <source>more strokes than a phrase can hold</source>
            <translation>más golpes de los que caben en una hoja</translation>
        </message>
        <message>
            <source>shorten it</source>
            <translation>acórtala</translation>
        </message>
        <message>
            <source>a stroke lies outside the phrase</source>
            <translation>un golpe está fuera de la hoja</translation>
        </message>
        <message>
            <source>move it or add bars</source>
            <translation>muévelo o añade compases</translation>
        </message>
        <message>
            <source>two strokes of the %1 fall together</source>
            <translation>dos golpes de %1 caen a la vez</translation>
        </message>
        <message>
            <source>give one to another limb or move it</source>
            <translation>da uno a otra extremidad o muévelo</translation>
        </message>
        <message>
            <source>two strokes on the %1 fall together</source>
            <translation>dos golpes en %1 caen a la vez</translation>
        </message>
        <message>
            <source>write a flam or remove one</source>
            <translation>escribe un flam o quita uno</translation>
        </message>
        <message>
            <source>section %1 is as %2, which does not come before it</source>
            <translation>la sección %1 es como %2, que no está antes</translation>
        </message>
        <message>
            <source>name an earlier section</source>
            <translation>nombra una sección anterior</translation>
        </message>
        <message>
            <source>section %1 has bars of its own that it does not hold</source>
            <translation>la sección %1 tiene compases propios que no contiene</translation>
        </message>
        <message>
            <source>count them from 1, in order, in a section that is as another</source>
            <translation>cuéntalos desde 1, en orden, en una sección que es como otra</translation>
        </message>
        <message>
            <source>this bar follows no other</source>
            <translation>este compás no sigue a otro</translation>
        </message>
        <message>
            <source>say what its section is as</source>
            <translation>di cómo es su sección</translation>
        </message>
        <message>
            <source>this bar lies in no section</source>
            <translation>este compás no está en ninguna sección</translation>
        </message>
        <message>
            <source>begin one: section B</source>
            <translation>empieza una: section B</translation>
        </message>
        <message>
            <source>this is neither a setting nor a row</source>
            <translation>esto no es ni un ajuste ni una fila</translation>
        </message>
        <message>
            <source>write "key: value" or "voice | R.R. ... |"</source>
            <translation>escribe «key: value» o «voice | R.R. ... |»</translation>
        </message>
        <message>
            <source>"%1" is not known</source>
            <translation>«%1» no se conoce</translation>
        </message>
        <message>
            <source>use id, title, trains, tags, bars, meter, section, follows, numbered, tempo, held, feel, placed, levels, count, swell or free</source>
            <translation>usa id, title, trains, tags, bars, meter, section, follows, numbered, tempo, held, feel, placed, levels, count, swell o free</translation>
        </message>
        <message>
            <source>this is no number of bars</source>
            <translation>esto no es un número de compases</translation>
        </message>
        <message>
            <source>this is no meter</source>
            <translation>esto no es un compás</translation>
        </message>
        <message>
            <source>write it as 4/4, or as 7/8 from bar 3, before the rows</source>
            <translation>escríbelo como 4/4, o como 7/8 from bar 3, antes de las filas</translation>
        </message>
        <message>
            <source>this is no feel</source>
            <translation>esto no es un feel</translation>
        </message>
        <message>
            <source>write straight, swing eighths 2 or swing sixteenths by tempo</source>
            <translation>escribe straight, swing eighths 2 o swing sixteenths by tempo</translation>
        </message>
        <message>
            <source>this is no placement</source>
            <translation>esto no es una posición</translation>
        </message>
        <message>
            <source>write it as snare 8 ms behind, or all 2 % ahead</source>
            <translation>escríbelo como snare 8 ms behind, o all 2 % ahead</translation>
        </message>
        <message>
            <source>this is no number of levels</source>
            <translation>esto no es un número de niveles</translation>
        </message>
        <message>
            <source>write two or three</source>
            <translation>escribe two o three</translation>
        </message>
        <message>
            <source>this is no span</source>
            <translation>esto no es un tramo</translation>
        </message>
        <message>
            <source>write it as 0 to 4, in quarter notes</source>
            <translation>escríbelo como 0 to 4, en negras</translation>
        </message>
        <message>
            <source>this is no free span</source>
            <translation>esto no es un tramo libre</translation>
        </message>
        <message>
            <source>write it as 4 to 8, or 4 to 8, 6 notes</source>
            <translation>escríbelo como 4 to 8, o 4 to 8, 6 notes</translation>
        </message>
        <message>
            <source>this is no swell</source>
            <translation>esto no es un crescendo</translation>
        </message>
        <message>
            <source>write it as 0 to 4, -20 to 0 dB</source>
            <translation>escríbelo como 0 to 4, -20 to 0 dB</translation>
        </message>
        <message>
            <source>"%1" is no voice</source>
            <translation>«%1» no es una voz</translation>
        </message>
        <message>
            <source>use snare, bass drum, hi-hat, pad ...</source>
            <translation>usa snare, bass drum, hi-hat, pad ...</translation>
        </message>
        <message>
            <source>more bars than a phrase can hold</source>
            <translation>más compases de los que caben en una hoja</translation>
        </message>
        <message>
            <source>use %1 or fewer</source>
            <translation>usa %1 o menos</translation>
        </message>
        <message>
            <source>the bar has %1 beats, %2 belong in %3</source>
            <translation>el compás tiene %1 pulsos, en %3 van %2</translation>
        </message>
        <message>
            <source>write one word a beat</source>
            <translation>escribe una palabra por pulso</translation>
        </message>
        <message>
            <source>this is no beat</source>
            <translation>esto no es un pulso</translation>
        </message>
        <message>
            <source>use . R L F H and &gt; ( ) f d u z !</source>
            <translation>usa . R L F H y &gt; ( ) f d u z !</translation>
        </message>
        <message>
            <source>this is no way of counting</source>
            <translation>esto no es una manera de contar</translation>
        </message>
        <message>
            <source>write letters, numbers or your own words, * for the number</source>
            <translation>escribe letters, numbers o tus palabras, * para el número</translation>
        </message>
        <message>
            <source>this is no section</source>
            <translation>esto no es una sección</translation>
        </message>
        <message>
            <source>write it as B from bar 17</source>
            <translation>escríbelo como B from bar 17</translation>
        </message>
        <message>
            <source>this is no section that is as another</source>
            <translation>esto no es una sección que es como otra</translation>
        </message>
        <message>
            <source>write it behind the sections, as bar 33 as verse 1, or bar 33 but 48 as verse 1</source>
            <translation>escríbelo tras las secciones, como bar 33 as verse 1, o bar 33 but 48 as verse 1</translation>
        </message>
        <message>
            <source>bar %1 is written as the same, but follows no other</source>
            <translation>el compás %1 está escrito como igual, pero no sigue a otro</translation>
        </message>
        <message>
            <source>say so above: follows: bar 33 as verse 1</source>
            <translation>dilo arriba: follows: bar 33 as verse 1</translation>
        </message>
        <message>
            <source>bar %1 is written as the same and has strokes, too</source>
            <translation>el compás %1 está escrito como igual y además tiene golpes</translation>
        </message>
        <message>
            <source>write = in every row, or in none</source>
            <translation>escribe = en cada fila, o en ninguna</translation>
        </message>
        <message>
            <source>this is no number for bars</source>
            <translation>esto no es un número para compases</translation>
        </message>
        <message>
            <source>write it as from 17</source>
            <translation>escríbelo como from 17</translation>
        </message>
        <message>
            <source>this is no tempo plan and no change of tempo</source>
            <translation>esto no es ni un plan de tempo ni un cambio de tempo</translation>
        </message>
        <message>
            <source>write 60 to 112 by 4, 80 % from bar 9 or 70 % over bars 15 to 16</source>
            <translation>escribe 60 to 112 by 4, 80 % from bar 9 o 70 % over bars 15 to 16</translation>
        </message>
        <message>
            <source>this is no held bar</source>
            <translation>esto no es un compás sostenido</translation>
        </message>
        <message>
            <source>write it as bar 16 by 2, in beats</source>
            <translation>escríbelo como bar 16 by 2, en pulsos</translation>
        </message>
        <message>
            <source>"%1" is no stroke</source>
            <translation>«%1» no es un golpe</translation>
        </message>
        <message>
            <source>use R L F H . &gt; ( ) f d u z !</source>
            <translation>usa R L F H . &gt; ( ) f d u z !</translation>
        </message>
        <message>
            <source>snare</source>
            <translation>caja</translation>
        </message>
        <message>
            <source>rim shot</source>
            <translation>rimshot</translation>
        </message>
        <message>
            <source>cross-stick</source>
            <translation>cross-stick</translation>
        </message>
        <message>
            <source>snare edge</source>
            <translation>borde de la caja</translation>
        </message>
        <message>
            <source>bass drum</source>
            <translation>bombo</translation>
        </message>
        <message>
            <source>hi-hat</source>
            <translation>hi-hat</translation>
        </message>
        <message>
            <source>loose hi-hat</source>
            <translation>hi-hat suelto</translation>
        </message>
        <message>
            <source>open hi-hat</source>
            <translation>hi-hat abierto</translation>
        </message>
        <message>
            <source>foot hi-hat</source>
            <translation>hi-hat de pie</translation>
        </message>
        <message>
            <source>ride</source>
            <translation>ride</translation>
        </message>
        <message>
            <source>ride bell</source>
            <translation>campana del ride</translation>
        </message>
        <message>
            <source>crash</source>
            <translation>crash</translation>
        </message>
        <message>
            <source>high tom</source>
            <translation>tom agudo</translation>
        </message>
        <message>
            <source>middle tom</source>
            <translation>tom medio</translation>
        </message>
        <message>
            <source>low tom</source>
            <translation>tom grave</translation>
        </message>
        <message>
            <source>pad</source>
            <translation>pad</translation>
        </message>
        <message>
            <source>choked crash</source>
            <translation>crash apagado</translation>
        </message>
        <message>
            <source>right hand</source>
            <translation>mano derecha</translation>
        </message>
        <message>
            <source>left hand</source>
            <translation>mano izquierda</translation>
        </message>
        <message>
            <source>right foot</source>
            <translation>pie derecho</translation>
        </message>
        <message>
            <source>left foot</source>
            <translation>pie izquierdo</translation>
        </message>
        <message>
            <source>ghost</source>
            <translation>fantasma</translation>
        </message>
        <message>
            <source>tap</source>
            <translation>toque</translation>
        </message>
        <message>
            <source>accent</source>
            <translation>acento</translation>
        </message>
        <message>
            <source>"%1" is farther from the click than can be asked</source>
            <translation>«%1» está más lejos del clic de lo que se puede pedir</translation>
        </message>
        <message>
            <source>ask for at most %1 ms or %2 % of a beat</source>
            <translation>pide como mucho %1 ms o %2 % de un pulso</translation>
        </message>
        <message>
            <source>the placement of the %1 is asked for twice</source>
            <translation>la posición de %1 se pide dos veces</translation>
        </message>
        <message>
            <source>ask once for each voice</source>
            <translation>pídela una vez por voz</translation>
        </message>
        <message>
            <source>a first bar numbered %1 is out of range</source>
            <translation>un primer compás con el número %1 está fuera de rango</translation>
        </message>
        <message>
            <source>use 0 to %1</source>
            <translation>usa de 0 a %1</translation>
        </message>
        <message>
            <source>the piece has too many sections</source>
            <translation>la pieza tiene demasiadas secciones</translation>
        </message>
        <message>
            <source>use up to %1</source>
            <translation>usa hasta %1</translation>
        </message>
        <message>
            <source>section %1 begins at no bar of its own</source>
            <translation>la sección %1 no empieza en un compás propio</translation>
        </message>
        <message>
            <source>let sections begin inside the piece, each behind the one before</source>
            <translation>que las secciones empiecen dentro de la pieza, cada una tras la anterior</translation>
        </message>
        <message>
            <source>the section at bar %1 has no name that can be shown</source>
            <translation>la sección del compás %1 no tiene un nombre que se pueda mostrar</translation>
        </message>
        <message>
            <source>use 1 to %1 letters</source>
            <translation>usa de 1 a %1 letras</translation>
        </message>
        <message>
            <source>the tempo changes at bar %1</source>
            <translation>el tempo cambia en el compás %1</translation>
        </message>
        <message>
            <source>let changes lie inside the piece, each behind the one before</source>
            <translation>que los cambios estén dentro de la pieza, cada uno tras el anterior</translation>
        </message>
        <message>
            <source>a tempo of %1 % of the page's is out of range</source>
            <translation>un tempo del %1 % de la hoja está fuera de rango</translation>
        </message>
        <message>
            <source>use 25 to 400 %</source>
            <translation>usa de 25 a 400 %</translation>
        </message>
        <message>
            <source>bar %1 cannot be held like that</source>
            <translation>el compás %1 no se puede sostener así</translation>
        </message>
        <message>
            <source>hold bars of the piece, each once and in order, by up to 16 beats</source>
            <translation>sostén compases de la pieza, cada uno una vez y en orden, hasta 16 pulsos</translation>
        </message>
        <message>
            <source>a group needs 1 to 64 steps</source>
            <translation>un grupo necesita de 1 a 64 pasos</translation>
        </message>
        <message>
            <source>write the groups as 5+3+5+3</source>
            <translation>escribe los grupos como 5+3+5+3</translation>
        </message>
        <message>
            <source>the groups fill %1 steps, %2 too few for the next bar</source>
            <translation>los grupos llenan %1 pasos, %2 menos de los del compás siguiente</translation>
        </message>
        <message>
            <source>let them add up to %1</source>
            <translation>que sumen %1</translation>
        </message>
        <message>
            <source>%1 strokes are no roll</source>
            <translation>%1 golpes no son un redoble</translation>
        </message>
        <message>
            <source>use 3 to 33</source>
            <translation>usa de 3 a 33</translation>
        </message>
        <message>
            <source>a roll of %1 strokes does not fit here</source>
            <translation>un redoble de %1 golpes no cabe aquí</translation>
        </message>
        <message>
            <source>start earlier or add a bar</source>
            <translation>empieza antes o añade un compás</translation>
        </message>
        <message>
            <source>no ornaments</source>
            <translation>sin adornos</translation>
        </message>
        <message>
            <source>no ghosts</source>
            <translation>sin fantasmas</translation>
        </message>
        <message>
            <source>cymbal in beats</source>
            <translation>platillo en pulsos</translation>
        </message>
        <message>
            <source>single strokes for doubles</source>
            <translation>simples en vez de dobles</translation>
        </message>
        <message>
            <source>use another</source>
            <translation>usa otro</translation>
        </message>
        <message>
            <source>%1 bars of %2 do not fill whole bars of %3</source>
            <translation>%1 compases de %2 no llenan compases enteros de %3</translation>
        </message>
        <message>
            <source>change the number of bars first</source>
            <translation>cambia primero el número de compases</translation>
        </message>
        <message>
            <source>bar %1 in %2 is not supported</source>
            <translation>el compás %1 en %2 no se admite</translation>
        </message>
        <message>
            <source>use another meter</source>
            <translation>usa otro compás</translation>
        </message>
        <message>
            <source>the first bar says which beats the tempo counts</source>
            <translation>el primer compás dice qué pulsos cuenta el tempo</translation>
        </message>
        <message>
            <source>change the meter of the whole phrase</source>
            <translation>cambia el compás de toda la hoja</translation>
        </message>
        <message>
            <source>bar %1 holds more strokes than %2 has room for</source>
            <translation>el compás %1 tiene más golpes de los que caben en %2</translation>
        </message>
        <message>
            <source>remove them first</source>
            <translation>quítalos primero</translation>
        </message>
        <message>
            <source>"%1" counts other beats than the form</source>
            <translation>«%1» cuenta otros pulsos que la forma</translation>
        </message>
        <message>
            <source>let the form begin with the section whose beats the tempo counts</source>
            <translation>que la forma empiece con la sección cuyos pulsos cuenta el tempo</translation>
        </message>
        <message>
            <source>the form is longer than a phrase can be</source>
            <translation>la forma es más larga de lo que puede ser una hoja</translation>
        </message>
        <message>
            <source>use up to %1 bars</source>
            <translation>usa hasta %1 compases</translation>
        </message>
        <message>
            <source>%1 is %2</source>
            <translation>%1 es %2</translation>
        </message>
        <message>
            <source>too few of the sounds are heard clearly</source>
            <translation>se oyen claros muy pocos de los sonidos</translation>
        </message>
        <message>
            <source>go closer, turn it up, or wait until the room is quieter</source>
            <translation>acércate, súbelo, o espera a que haya más silencio</translation>
        </message>
        <message>
            <source>the sounds come at different times</source>
            <translation>los sonidos llegan en momentos distintos</translation>
        </message>
        <message>
            <source>close other sound programs and try it once more</source>
            <translation>cierra otros programas de sonido e inténtalo otra vez</translation>
        </message>
        <message>
            <source>the recording ended too early</source>
            <translation>la grabación acabó demasiado pronto</translation>
        </message>
        <message>
            <source>the microphone is overdriven</source>
            <translation>el micrófono satura</translation>
        </message>
        <message>
            <source>turn it down, or go further away</source>
            <translation>bájalo, o aléjate</translation>
        </message>
        <message>
            <source>the sounds are not heard</source>
            <translation>los sonidos no se oyen</translation>
        </message>
        <message>
            <source>bring the microphone to the headphone or loudspeaker, or turn it up</source>
            <translation>acerca el micrófono al auricular o altavoz, o súbelo</translation>
        </message>
        <message>
            <source>a first beat at %1 s lies in no take</source>
            <translation>un pulso 1 en %1 s no está en ninguna toma</translation>
        </message>
        <message>
            <source>a latency of %1 s is out of range</source>
            <translation>una ida y vuelta de %1 s está fuera de rango</translation>
        </message>
        <message>
            <source>%1 bars are in no take</source>
            <translation>%1 compases no están en ninguna toma</translation>
        </message>
        <message>
            <source>a damaged span is no span</source>
            <translation>un tramo dañado no es un tramo</translation>
        </message>
        <message>
            <source>a sample rate of %1 Hz is out of range</source>
            <translation>una frecuencia de muestreo de %1 Hz está fuera de rango</translation>
        </message>
        <message>
            <source>use 8 to 192 kHz</source>
            <translation>usa de 8 a 192 kHz</translation>
        </message>
        <message>
            <source>no take lasts %1 s</source>
            <translation>ninguna toma dura %1 s</translation>
        </message>
        <message>
            <source>the file is damaged: restore it from a copy</source>
            <translation>el archivo está dañado: restáuralo de una copia</translation>
        </message>
        <message>
            <source>"%1" is not a position</source>
            <translation>«%1» no es una posición</translation>
        </message>
        <message>
            <source>write it as 3 or 11/4 quarter notes</source>
            <translation>escríbela como 3 o 11/4 negras</translation>
        </message>
        <message>
            <source>no note came</source>
            <translation>no llegó ninguna nota</translation>
        </message>
        <message>
            <source>play a pad, twelve single strokes</source>
            <translation>toca un pad, doce golpes sueltos</translation>
        </message>
        <message>
            <source>the microphone hears too few of the strokes by themselves</source>
            <translation>el micrófono oye muy pocos golpes por sí solos</translation>
        </message>
        <message>
            <source>hold it to the pad, and strike twelve times with a second between</source>
            <translation>acércalo al pad y golpea doce veces, con un segundo entre ellas</translation>
        </message>
        <message>
            <source>the notes come at different times</source>
            <translation>las notas llegan en momentos distintos</translation>
        </message>
        <message>
            <source>use another cable or port, and try it once more</source>
            <translation>usa otro cable o puerto e inténtalo otra vez</translation>
        </message>
        <message>
            <source>it cannot be written (%1)</source>
            <translation>no se puede escribir (%1)</translation>
        </message>
        <message>
            <source>name a file or -</source>
            <translation>nombra un archivo o -</translation>
        </message>
        <message>
            <source>writing it failed (%1)</source>
            <translation>falló la escritura (%1)</translation>
        </message>
        <message>
            <source>a folder, a device or a pipe stands there</source>
            <translation>ahí hay una carpeta, un dispositivo o una tubería</translation>
        </message>
        <message>
            <source>name a file</source>
            <translation>nombra un archivo</translation>
        </message>
        <message>
            <source>a folder stands there</source>
            <translation>ahí hay una carpeta</translation>
        </message>
        <message>
            <source>free some space or choose another folder</source>
            <translation>libera espacio o elige otra carpeta</translation>
        </message>
        <message>
            <source>there is no such file</source>
            <translation>no existe ese archivo</translation>
        </message>
        <message>
            <source>check the name</source>
            <translation>revisa el nombre</translation>
        </message>
        <message>
            <source>this is not a file</source>
            <translation>esto no es un archivo</translation>
        </message>
        <message>
            <source>it cannot be opened</source>
            <translation>no se puede abrir</translation>
        </message>
        <message>
            <source>check who may read it</source>
            <translation>revisa quién puede leerlo</translation>
        </message>
        <message>
            <source>it cannot be read to its end</source>
            <translation>no se puede leer hasta el final</translation>
        </message>
        <message>
            <source>copy it again</source>
            <translation>cópialo otra vez</translation>
        </message>
        <message>
            <source>it is larger than %1 MB</source>
            <translation>es mayor de %1 MB</translation>
        </message>
        <message>
            <source>check that it is the right file</source>
            <translation>comprueba que sea el archivo correcto</translation>
        </message>
        <message>
            <source>its sample rate is %1 Hz</source>
            <translation>su frecuencia de muestreo es %1 Hz</translation>
        </message>
        <message>
            <source>it has %1 channels</source>
            <translation>tiene %1 canales</translation>
        </message>
        <message>
            <source>it holds no sound</source>
            <translation>no contiene sonido</translation>
        </message>
        <message>
            <source>record it again or choose another</source>
            <translation>grábalo otra vez o elige otro</translation>
        </message>
        <message>
            <source>it is %1 long</source>
            <translation>dura %1</translation>
        </message>
        <message>
            <source>cut it to two hours or less</source>
            <translation>córtalo a dos horas o menos</translation>
        </message>
        <message>
            <source>name a recording</source>
            <translation>nombra una grabación</translation>
        </message>
        <message>
            <source>the file is empty</source>
            <translation>el archivo está vacío</translation>
        </message>
        <message>
            <source>this is not a recording that can be read</source>
            <translation>esto no es una grabación que se pueda leer</translation>
        </message>
        <message>
            <source>use WAV, FLAC, Ogg, MP3, M4A or a video with sound</source>
            <translation>usa WAV, FLAC, Ogg, MP3, M4A o un vídeo con sonido</translation>
        </message>
        <message>
            <source>the file breaks off after %1 of %2 s</source>
            <translation>el archivo se corta tras %1 de %2 s</translation>
        </message>
        <message>
            <source>use the complete recording</source>
            <translation>usa la grabación completa</translation>
        </message>
        <message>
            <source>it cannot be written</source>
            <translation>no se puede escribir</translation>
        </message>
        <message>
            <source>the recording cannot be written there</source>
            <translation>la grabación no se puede escribir ahí</translation>
        </message>
        <message>
            <source>is not known</source>
            <translation>no se conoce</translation>
        </message>
        <message>
            <source>use none, eighth or sixteenth</source>
            <translation>usa none, eighth o sixteenth</translation>
        </message>
        <message>
            <source>is one stroke too many</source>
            <translation>es un golpe de más</translation>
        </message>
        <message>
            <source>is no list of bars</source>
            <translation>no es una lista de compases</translation>
        </message>
        <message>
            <source>holds no words</source>
            <translation>no contiene palabras</translation>
        </message>
        <message>
            <source>there is no such recording</source>
            <translation>no existe esa grabación</translation>
        </message>
        <message>
            <source>nothing can be saved of it</source>
            <translation>no se puede guardar nada de ella</translation>
        </message>
        <message>
            <source>delete it</source>
            <translation>bórrala</translation>
        </message>
        <message>
            <source>is missing</source>
            <translation>falta</translation>
        </message>
        <message>
            <source>is not a text</source>
            <translation>no es un texto</translation>
        </message>
        <message>
            <source>is longer than 4000 letters</source>
            <translation>tiene más de 4000 letras</translation>
        </message>
        <message>
            <source>is not a number</source>
            <translation>no es un número</translation>
        </message>
        <message>
            <source>is not a finite number</source>
            <translation>no es un número finito</translation>
        </message>
        <message>
            <source>is not a whole number</source>
            <translation>no es un número entero</translation>
        </message>
        <message>
            <source>is neither true nor false</source>
            <translation>no es ni true ni false</translation>
        </message>
        <message>
            <source>mend the file or choose another</source>
            <translation>corrige el archivo o elige otro</translation>
        </message>
        <message>
            <source>"%1" %2</source>
            <translation>«%1» %2</translation>
        </message>
        <message>
            <source>it is nested too deeply or holds impossible values</source>
            <translation>está anidado demasiado hondo o contiene valores imposibles</translation>
        </message>
        <message>
            <source>choose another file</source>
            <translation>elige otro archivo</translation>
        </message>
        <message>
            <source>it is not JSON (line %1)</source>
            <translation>no es JSON (línea %1)</translation>
        </message>
        <message>
            <source>it was written by a newer Upbeat Check</source>
            <translation>lo escribió un Upbeat Check más nuevo</translation>
        </message>
        <message>
            <source>update the program</source>
            <translation>actualiza el programa</translation>
        </message>
        <message>
            <source>has the wrong length</source>
            <translation>tiene la longitud equivocada</translation>
        </message>
        <message>
            <source>is not written in the digits 0 to f</source>
            <translation>no está escrito en los dígitos 0 a f</translation>
        </message>
        <message>
            <source>lies outside the sound that is kept</source>
            <translation>está fuera del sonido que se guarda</translation>
        </message>
        <message>
            <source>is out of range</source>
            <translation>está fuera de rango</translation>
        </message>
        <message>
            <source>is not a voice that is known</source>
            <translation>no es una voz conocida</translation>
        </message>
        <message>
            <source>is one voice too many</source>
            <translation>es una voz de más</translation>
        </message>
        <message>
            <source>is no list of gates</source>
            <translation>no es una lista de criterios</translation>
        </message>
        <message>
            <source>see docs/formats/limits.md</source>
            <translation>mira docs/formats/limits.md</translation>
        </message>
        <message>
            <source>is no gate</source>
            <translation>no es un criterio</translation>
        </message>
        <message>
            <source>use spread, placement, apart, habit ...</source>
            <translation>usa spread, placement, apart, habit ...</translation>
        </message>
        <message>
            <source>is no list of exercises</source>
            <translation>no es una lista de ejercicios</translation>
        </message>
        <message>
            <source>this is not a MIDI file</source>
            <translation>esto no es un archivo MIDI</translation>
        </message>
        <message>
            <source>choose a .mid file</source>
            <translation>elige un archivo .mid</translation>
        </message>
        <message>
            <source>the MIDI file breaks off in its head</source>
            <translation>el archivo MIDI se corta en su cabecera</translation>
        </message>
        <message>
            <source>use the complete file</source>
            <translation>usa el archivo completo</translation>
        </message>
        <message>
            <source>it is a MIDI file of format 2</source>
            <translation>es un archivo MIDI de formato 2</translation>
        </message>
        <message>
            <source>save it as format 0 or 1</source>
            <translation>guárdalo como formato 0 o 1</translation>
        </message>
        <message>
            <source>it counts in film frames, not in beats</source>
            <translation>cuenta en fotogramas, no en pulsos</translation>
        </message>
        <message>
            <source>save it with ticks per quarter</source>
            <translation>guárdalo con ticks por negra</translation>
        </message>
        <message>
            <source>the MIDI file breaks off at byte %1</source>
            <translation>el archivo MIDI se corta en el byte %1</translation>
        </message>
        <message>
            <source>the MIDI file is damaged at byte %1</source>
            <translation>el archivo MIDI está dañado en el byte %1</translation>
        </message>
        <message>
            <source>export it again</source>
            <translation>expórtalo otra vez</translation>
        </message>
        <message>
            <source>the MIDI file holds no notes</source>
            <translation>el archivo MIDI no contiene notas</translation>
        </message>
        <message>
            <source>use another file</source>
            <translation>usa otro archivo</translation>
        </message>
        <message>
            <source>the pattern has more than %1 bars</source>
            <translation>la hoja tiene más de %1 compases</translation>
        </message>
        <message>
            <source>cut it to %1 or fewer</source>
            <translation>córtala a %1 o menos</translation>
        </message>
        <message>
            <source>the XML is damaged (%1)</source>
            <translation>el XML está dañado (%1)</translation>
        </message>
        <message>
            <source>a timewise score cannot be read</source>
            <translation>una partitura «timewise» no se puede leer</translation>
        </message>
        <message>
            <source>export it partwise</source>
            <translation>expórtala «partwise»</translation>
        </message>
        <message>
            <source>this is not MusicXML</source>
            <translation>esto no es MusicXML</translation>
        </message>
        <message>
            <source>choose a score</source>
            <translation>elige una partitura</translation>
        </message>
        <message>
            <source>no percussion part was found</source>
            <translation>no se encontró ninguna parte de percusión</translation>
        </message>
        <message>
            <source>choose a score with unpitched notes</source>
            <translation>elige una partitura con notas sin altura</translation>
        </message>
        <message>
            <source>the compressed score is damaged</source>
            <translation>la partitura comprimida está dañada</translation>
        </message>
        <message>
            <source>the compressed score has no container</source>
            <translation>la partitura comprimida no tiene contenedor</translation>
        </message>
        <message>
            <source>the score is missing in the compressed file, or larger than 16 MB</source>
            <translation>falta la partitura en el archivo comprimido, o pasa de 16 MB</translation>
        </message>
        <message>
            <source>the score could not be packed</source>
            <translation>la partitura no se pudo comprimir</translation>
        </message>
        <message>
            <source>write plain MusicXML</source>
            <translation>escribe MusicXML sin comprimir</translation>
        </message>
        <message>
            <source>the sound could not be packed as Opus</source>
            <translation>el sonido no se pudo comprimir como Opus</translation>
        </message>
        <message>
            <source>leave the sound out, or install a libsndfile that knows Opus</source>
            <translation>deja fuera el sonido, o instala una libsndfile que conozca Opus</translation>
        </message>
        <message>
            <source>is below 1</source>
            <translation>es menor que 1</translation>
        </message>
        <message>
            <source>does not say which part</source>
            <translation>no dice qué parte</translation>
        </message>
        <message>
            <source>give spot, bars, stage or lesson</source>
            <translation>da spot, bars, stage o lesson</translation>
        </message>
        <message>
            <source>a note has no length</source>
            <translation>una nota no tiene duración</translation>
        </message>
        <message>
            <source>export the file again</source>
            <translation>exporta el archivo otra vez</translation>
        </message>
        <message>
            <source>more notes than a phrase can hold</source>
            <translation>más notas de las que caben en una hoja</translation>
        </message>
        <message>
            <source>cut it into parts</source>
            <translation>córtala en partes</translation>
        </message>
        <message>
            <source>the bar holds more than its meter</source>
            <translation>el compás contiene más que su medida</translation>
        </message>
        <message>
            <source>correct it in the notation program</source>
            <translation>corrígelo en el programa de partituras</translation>
        </message>
        <message>
            <source>the divisions make no sense</source>
            <translation>las divisiones no tienen sentido</translation>
        </message>
        <message>
            <source>a length makes no sense</source>
            <translation>una duración no tiene sentido</translation>
        </message>
        <message>
            <source>the bar is too long</source>
            <translation>el compás es demasiado largo</translation>
        </message>
        <message>
            <source>choose another pattern</source>
            <translation>elige otra hoja</translation>
        </message>
        <message>
            <source>this is no exercise of a kind that is known</source>
            <translation>esto no es un ejercicio de un tipo conocido</translation>
        </message>
        <message>
            <source>choose an exercise file, a MIDI file, MusicXML or the text form</source>
            <translation>elige un ejercicio, un archivo MIDI, MusicXML o la forma de texto</translation>
        </message>
        <message>
            <source>"%1" is no kind of file that can be written</source>
            <translation>«%1» no es un tipo de archivo que se pueda escribir</translation>
        </message>
        <message>
            <source>use .json, .txt, .mid, .musicxml or .mxl</source>
            <translation>usa .json, .txt, .mid, .musicxml o .mxl</translation>
        </message>
        <message>
            <source>choose another backup; nothing was changed</source>
            <translation>elige otra copia; no se cambió nada</translation>
        </message>
        <message>
            <source>this is no backup of Upbeat Check</source>
            <translation>esto no es una copia de Upbeat Check</translation>
        </message>
        <message>
            <source>the backup was made by a newer Upbeat Check</source>
            <translation>la copia la hizo un Upbeat Check más nuevo</translation>
        </message>
        <message>
            <source>update the program; nothing was changed</source>
            <translation>actualiza el programa; no se cambió nada</translation>
        </message>
        <message>
            <source>the backup holds a file called "%1", which is none of a player</source>
            <translation>la copia contiene un archivo llamado «%1», que no es de un intérprete</translation>
        </message>
        <message>
            <source>the backup is larger than it can be</source>
            <translation>la copia es mayor de lo que puede ser</translation>
        </message>
        <message>
            <source>the backup holds no logbook</source>
            <translation>la copia no contiene cuaderno</translation>
        </message>
        <message>
            <source>what the backup says of itself cannot be read</source>
            <translation>no se puede leer lo que la copia dice de sí misma</translation>
        </message>
        <message>
            <source>the folder of the logbook cannot be written</source>
            <translation>no se puede escribir en la carpeta del cuaderno</translation>
        </message>
        <message>
            <source>choose another folder or free some space</source>
            <translation>elige otra carpeta o libera espacio</translation>
        </message>
        <message>
            <source>the backup is damaged at "%1"</source>
            <translation>la copia está dañada en «%1»</translation>
        </message>
        <message>
            <source>the folder for the takes cannot be made</source>
            <translation>no se puede crear la carpeta para las tomas</translation>
        </message>
        <message>
            <source>choose another place</source>
            <translation>elige otro lugar</translation>
        </message>
        <message>
            <source>restore the newest backup, or let the program rebuild it from the recordings</source>
            <translation>restaura la copia más nueva, o deja que el programa lo rehaga con las grabaciones</translation>
        </message>
        <message>
            <source>the logbook is damaged (%1)</source>
            <translation>el cuaderno está dañado (%1)</translation>
        </message>
        <message>
            <source>a row of "%1" belongs to nothing</source>
            <translation>una fila de «%1» no pertenece a nada</translation>
        </message>
        <message>
            <source>the recording is not there</source>
            <translation>la grabación no está</translation>
        </message>
        <message>
            <source>restore it from a backup; what was measured is in the logbook</source>
            <translation>restáurala de una copia; lo medido está en el cuaderno</translation>
        </message>
        <message>
            <source>the recording is shorter than its take</source>
            <translation>la grabación es más corta que su toma</translation>
        </message>
        <message>
            <source>the logbook and the file beside the recording tell of it differently</source>
            <translation>el cuaderno y el archivo junto a la grabación cuentan cosas distintas</translation>
        </message>
        <message>
            <source>one of them was damaged: restore the take from a backup</source>
            <translation>uno de ellos se dañó: restaura la toma de una copia</translation>
        </message>
        <message>
            <source>what is in the backup cannot be put in its place</source>
            <translation>lo que hay en la copia no se puede poner en su lugar</translation>
        </message>
        <message>
            <source>check that the folder may be written, then try again</source>
            <translation>comprueba que se pueda escribir en la carpeta e inténtalo otra vez</translation>
        </message>
        <message>
            <source>check that the folder may be written, then restore again</source>
            <translation>comprueba que se pueda escribir en la carpeta y restaura otra vez</translation>
        </message>
        <message>
            <source>another program works in this folder</source>
            <translation>otro programa trabaja en esta carpeta</translation>
        </message>
        <message>
            <source>close the other window first</source>
            <translation>cierra antes la otra ventana</translation>
        </message>
        <message>
            <source>there is not enough room for what is in the backup</source>
            <translation>no hay sitio para lo que contiene la copia</translation>
        </message>
        <message>
            <source>free some space; nothing was changed</source>
            <translation>libera espacio; no se cambió nada</translation>
        </message>
        <message>
            <source>the backup could not be written</source>
            <translation>la copia no se pudo escribir</translation>
        </message>
        <message>
            <source>it cannot be read</source>
            <translation>no se puede leer</translation>
        </message>
        <message>
            <source>check that it may be read</source>
            <translation>comprueba que se pueda leer</translation>
        </message>
        <message>
            <source>the backup was stopped</source>
            <translation>la copia se detuvo</translation>
        </message>
        <message>
            <source>this is no backup, or it is damaged</source>
            <translation>esto no es una copia, o está dañada</translation>
        </message>
        <message>
            <source>what is in the backup cannot be written</source>
            <translation>lo que hay en la copia no se puede escribir</translation>
        </message>
        <message>
            <source>there is no logbook</source>
            <translation>no hay cuaderno</translation>
        </message>
        <message>
            <source>choose the folder that holds logbook.db</source>
            <translation>elige la carpeta que contiene logbook.db</translation>
        </message>
        <message>
            <source>an exercise is missing</source>
            <translation>falta un ejercicio</translation>
        </message>
        <message>
            <source>restore the logbook from a copy</source>
            <translation>restaura el cuaderno de una copia</translation>
        </message>
        <message>
            <source>set its tempo and its goal anew</source>
            <translation>pon de nuevo su tempo y su meta</translation>
        </message>
        <message>
            <source>Qt's SQLite driver is not installed</source>
            <translation>el controlador SQLite de Qt no está instalado</translation>
        </message>
        <message>
            <source>install the package libqt6sql6-sqlite</source>
            <translation>instala el paquete libqt6sql6-sqlite</translation>
        </message>
        <message>
            <source>the logbook cannot be opened</source>
            <translation>el cuaderno no se puede abrir</translation>
        </message>
        <message>
            <source>check that the folder may be written</source>
            <translation>comprueba que se pueda escribir en la carpeta</translation>
        </message>
        <message>
            <source>the damaged logbook cannot be set aside</source>
            <translation>el cuaderno dañado no se puede apartar</translation>
        </message>
        <message>
            <source>it was stopped half way</source>
            <translation>se detuvo a medias</translation>
        </message>
        <message>
            <source>the logbook is damaged</source>
            <translation>el cuaderno está dañado</translation>
        </message>
        <message>
            <source>start the program again: it offers to rebuild it from the recordings</source>
            <translation>inicia el programa otra vez: ofrece rehacerlo con las grabaciones</translation>
        </message>
        <message>
            <source>check that the disk is not full and the folder may be written</source>
            <translation>comprueba que el disco no esté lleno y que se pueda escribir en la carpeta</translation>
        </message>
        <message>
            <source>the hits of a take could not be stored</source>
            <translation>los golpes de una toma no se pudieron guardar</translation>
        </message>
        <message>
            <source>free some space</source>
            <translation>libera espacio</translation>
        </message>
        <message>
            <source>this take is not in the logbook any more</source>
            <translation>esta toma ya no está en el cuaderno</translation>
        </message>
        <message>
            <source>choose another</source>
            <translation>elige otra</translation>
        </message>
        <message>
            <source>the recording could not be put in place</source>
            <translation>la grabación no se pudo poner en su lugar</translation>
        </message>
        <message>
            <source>check the folder of the takes</source>
            <translation>revisa la carpeta de las tomas</translation>
        </message>
        <message>
            <source>ask for the answer once more; nothing was changed</source>
            <translation>pide la respuesta otra vez; no se cambió nada</translation>
        </message>
        <message>
            <source>this is no answer to a report</source>
            <translation>esto no es una respuesta a un informe</translation>
        </message>
        <message>
            <source>the answer was written by a newer Upbeat Check</source>
            <translation>la respuesta la escribió un Upbeat Check más nuevo</translation>
        </message>
        <message>
            <source>the answer cannot be read</source>
            <translation>la respuesta no se puede leer</translation>
        </message>
        <message>
            <source>Strokes by pass: left is early, right is late</source>
            <translation>Golpes por vueltas: izquierda es pronto, derecha es tarde</translation>
        </message>
        <message>
            <source>not written</source>
            <translation>no escrito</translation>
        </message>
        <message>
            <source>unlike a stroke</source>
            <translation>distinto de un golpe</translation>
        </message>
        <message>
            <source>%1: missed</source>
            <translation>%1: omitido</translation>
        </message>
        <message>
            <source>%1: %2 ms early, %3 dB against your accents</source>
            <translation>%1: %2 ms pronto, %3 dB frente a tus acentos</translation>
        </message>
        <message>
            <source>%1: %2 ms late, %3 dB against your accents</source>
            <translation>%1: %2 ms tarde, %3 dB frente a tus acentos</translation>
        </message>
        <message>
            <source>A stroke leans to the left where it is early and to the right where it is late; it is as high as it is loud. The pale bars are the page. Above stands the average, below every pass or every four bars.</source>
            <translation>Un golpe se inclina a la izquierda donde va pronto y a la derecha donde va tarde; es tan alto como fuerte. Las barras pálidas son la hoja. Arriba está la media, debajo cada vuelta o cada cuatro compases.</translation>
        </message>
        <message>
            <source>with the click</source>
            <translation>con el clic</translation>
        </message>
        <message>
            <source>half speed</source>
            <translation>media velocidad</translation>
        </message>
        <message>
            <source>Click a stroke to hear it from there.</source>
            <translation>Pulsa un golpe para oírlo desde ahí.</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Lo que se encontró</translation>
        </message>
        <message>
            <source>No fault stands out of this take.</source>
            <translation>Ningún fallo sobresale en esta toma.</translation>
        </message>
        <message>
            <source>What this rung asks</source>
            <translation>Lo que pide este peldaño</translation>
        </message>
        <message>
            <source>Your words</source>
            <translation>Tus palabras</translation>
        </message>
        <message>
            <source>Write about the chosen stroke</source>
            <translation>Escribe sobre el golpe elegido</translation>
        </message>
        <message>
            <source>Write about the take</source>
            <translation>Escribe sobre la toma</translation>
        </message>
        <message>
            <source>Next at this tempo</source>
            <translation>Lo siguiente a este tempo</translation>
        </message>
        <message>
            <source>What you write stays in this page until you save it. Send the small file back: dropped on the program, your words stand beside the strokes.</source>
            <translation>Lo que escribes queda en esta página hasta que lo guardas. Devuelve el archivo pequeño: soltado sobre el programa, tus palabras quedan junto a los golpes.</translation>
        </message>
        <message>
            <source>Your name</source>
            <translation>Tu nombre</translation>
        </message>
        <message>
            <source>Save the answer</source>
            <translation>Guardar la respuesta</translation>
        </message>
        <message>
            <source>Copy it as text</source>
            <translation>Copiarla como texto</translation>
        </message>
        <message>
            <source>Pass %1</source>
            <translation>Vuelta %1</translation>
        </message>
        <message>
            <source>The whole take</source>
            <translation>Toda la toma</translation>
        </message>
        <message>
            <source>remove</source>
            <translation>quitar</translation>
        </message>
        <message>
            <source>The %3 comes %1 ms behind the %4 (±%2)</source>
            <translation>En ti %3 llega %1 ms detrás de %4 (±%2)</translation>
        </message>
        <message>
            <source>The %3 comes %1 ms before the %4 (±%2)</source>
            <translation>En ti %3 llega %1 ms antes que %4 (±%2)</translation>
        </message>
        <message>
            <source>The %3 on %4 comes %1 ms late (±%2), %5 of %6 passes</source>
            <translation>Tu %3 en %4 llega %1 ms tarde (±%2), %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>The %3 on %4 comes %1 ms early (±%2), %5 of %6 passes</source>
            <translation>Tu %3 en %4 llega %1 ms pronto (±%2), %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>Your ghosts come %1 ms late (±%2)</source>
            <translation>Tus fantasmas llegan %1 ms tarde (±%2)</translation>
        </message>
        <message>
            <source>Your taps come %1 ms late (±%2)</source>
            <translation>Tus toques llegan %1 ms tarde (±%2)</translation>
        </message>
        <message>
            <source>Your accents come %1 ms late (±%2)</source>
            <translation>Tus acentos llegan %1 ms tarde (±%2)</translation>
        </message>
        <message>
            <source>Your ghosts come %1 ms early (±%2)</source>
            <translation>Tus fantasmas llegan %1 ms pronto (±%2)</translation>
        </message>
        <message>
            <source>Your taps come %1 ms early (±%2)</source>
            <translation>Tus toques llegan %1 ms pronto (±%2)</translation>
        </message>
        <message>
            <source>Your accents come %1 ms early (±%2)</source>
            <translation>Tus acentos llegan %1 ms pronto (±%2)</translation>
        </message>
        <message>
            <source>Your beats come %1 ms late (±%2)</source>
            <translation>Tus pulsos llegan %1 ms tarde (±%2)</translation>
        </message>
        <message>
            <source>Your beats come %1 ms early (±%2)</source>
            <translation>Tus pulsos llegan %1 ms pronto (±%2)</translation>
        </message>
        <message>
            <source>The %3 of every beat comes %1 ms late (±%2)</source>
            <translation>La %3 de cada pulso llega %1 ms tarde (±%2)</translation>
        </message>
        <message>
            <source>The %3 of every beat comes %1 ms early (±%2)</source>
            <translation>La %3 de cada pulso llega %1 ms pronto (±%2)</translation>
        </message>
        <message>
            <source>After rests you come in %1 ms late (±%2)</source>
            <translation>Tras los silencios entras %1 ms tarde (±%2)</translation>
        </message>
        <message>
            <source>After rests you come in %1 ms early (±%2)</source>
            <translation>Tras los silencios entras %1 ms pronto (±%2)</translation>
        </message>
        <message>
            <source>The pulse is %1 ms late (±%2)</source>
            <translation>El pulso va %1 ms tarde (±%2)</translation>
        </message>
        <message>
            <source>The pulse is %1 ms early (±%2)</source>
            <translation>El pulso va %1 ms pronto (±%2)</translation>
        </message>
        <message>
            <source>The strokes are %1 dB louder (±%2)</source>
            <translation>Los golpes son %1 dB más fuertes (±%2)</translation>
        </message>
        <message>
            <source>The strokes are %1 dB softer (±%2)</source>
            <translation>Los golpes son %1 dB más suaves (±%2)</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB louder than your other ghosts (±%2), out of its level on %5 of %6 passes</source>
            <translation>Tu %3 en %4 es %1 dB más fuerte que tus otras fantasmas (±%2), fuera de su nivel en %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB louder than your other taps (±%2), out of its level on %5 of %6 passes</source>
            <translation>Tu %3 en %4 es %1 dB más fuerte que tus otros toques (±%2), fuera de su nivel en %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB louder than your other accents (±%2), out of its level on %5 of %6 passes</source>
            <translation>Tu %3 en %4 es %1 dB más fuerte que tus otros acentos (±%2), fuera de su nivel en %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB softer than your other ghosts (±%2), out of its level on %5 of %6 passes</source>
            <translation>Tu %3 en %4 es %1 dB más suave que tus otras fantasmas (±%2), fuera de su nivel en %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB softer than your other taps (±%2), out of its level on %5 of %6 passes</source>
            <translation>Tu %3 en %4 es %1 dB más suave que tus otros toques (±%2), fuera de su nivel en %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>The %3 on %4 is %1 dB softer than your other accents (±%2), out of its level on %5 of %6 passes</source>
            <translation>Tu %3 en %4 es %1 dB más suave que tus otros acentos (±%2), fuera de su nivel en %5 de %6 vueltas</translation>
        </message>
        <message>
            <source>The %1 on %2 is missing on %3 of %4 passes</source>
            <translation>Tu %1 en %2 falta en %3 de %4 vueltas</translation>
        </message>
        <message>
            <source>The %1 on %2 is struck on another drum on %3 of %4 passes</source>
            <translation>Tu %1 en %2 se da en otro tambor en %3 de %4 vueltas</translation>
        </message>
        <message>
            <source>The %1 on %2 sounds unlike your others of its kind on %3 of %4 passes</source>
            <translation>Tu %1 en %2 suena distinto de los demás en %3 de %4 vueltas</translation>
        </message>
        <message>
            <source>Your hits scatter by %1 ms (±%2); %3 is the limit here</source>
            <translation>Tus golpes se dispersan %1 ms (±%2); aquí el límite es %3</translation>
        </message>
        <message>
            <source>1 stroke that is not written</source>
            <translation>1 golpe que no está escrito</translation>
        </message>
        <message numerus="yes">
            <source>%n strokes that are not written</source>
            <translation>
                <numerusform>1 golpe que no está escrito</numerusform>
                <numerusform>%n golpes que no están escritos</numerusform>
            </translation>
        </message>
        <message>
            <source>Accents stand %1 dB above taps (±%2); %3 are needed</source>
            <translation>Los acentos están %1 dB por encima de los toques (±%2); hacen falta %3</translation>
        </message>
        <message>
            <source>Ghosts lie %1 dB below taps (±%2); %3 are needed</source>
            <translation>Las fantasmas están %1 dB por debajo de los toques (±%2); hacen falta %3</translation>
        </message>
        <message>
            <source>You swing %1 : 1 (±%2), straighter than the %3 : 1 asked for</source>
            <translation>Tu swing es %1 : 1 (±%2), más recto que el %3 : 1 pedido</translation>
        </message>
        <message>
            <source>You swing %1 : 1 (±%2), wider than the %3 : 1 asked for</source>
            <translation>Tu swing es %1 : 1 (±%2), más ancho que el %3 : 1 pedido</translation>
        </message>
        <message>
            <source>The pulse falls behind the click by %1 ms a bar (±%2)</source>
            <translation>El pulso se queda atrás del clic %1 ms por compás (±%2)</translation>
        </message>
        <message>
            <source>The pulse runs ahead of the click by %1 ms a bar (±%2)</source>
            <translation>El pulso se adelanta al clic %1 ms por compás (±%2)</translation>
        </message>
        <message>
            <source>While the click is silent you fall behind by %1 ms a bar (±%2)</source>
            <translation>Mientras el clic calla te quedas atrás %1 ms por compás (±%2)</translation>
        </message>
        <message>
            <source>While the click is silent you run ahead by %1 ms a bar (±%2)</source>
            <translation>Mientras el clic calla te adelantas %1 ms por compás (±%2)</translation>
        </message>
        <message>
            <source>On the first beat after what is free you are %1 ms off (±%2)</source>
            <translation>En el primer pulso tras lo libre estás a %1 ms (±%2)</translation>
        </message>
        <message>
            <source>When the click comes back you are %1 ms off (±%2)</source>
            <translation>Cuando vuelve el clic estás a %1 ms (±%2)</translation>
        </message>
        <message>
            <source>When the click comes back you are %1 ms off (±%2), %3 of %4 times by a jump</source>
            <translation>Cuando vuelve el clic estás a %1 ms (±%2), %3 de %4 veces por un salto</translation>
        </message>
        <message>
            <source>In %1 of %2 free spans there are more or fewer notes than asked for</source>
            <translation>En %1 de %2 tramos libres hay más o menos notas de las pedidas</translation>
        </message>
        <message>
            <source>The notes of the free spans are uneven by %1 ms (±%2)</source>
            <translation>Las notas de los tramos libres son desiguales en %1 ms (±%2)</translation>
        </message>
        <message>
            <source>The notes of the free spans take %1 % too long (±%2)</source>
            <translation>Las notas de los tramos libres duran %1 % de más (±%2)</translation>
        </message>
        <message>
            <source>The notes of the free spans rush by %1 % (±%2)</source>
            <translation>Las notas de los tramos libres corren un %1 % (±%2)</translation>
        </message>
        <message>
            <source>Grace notes are uneven: their distance varies by %1 ms (±%2)</source>
            <translation>Los mordentes son desiguales: su distancia varía %1 ms (±%2)</translation>
        </message>
        <message>
            <source>Grace notes stand %1 ms before the stroke (±%2): too wide to be one flam</source>
            <translation>Los mordentes están %1 ms antes del golpe (±%2): demasiado para un flam</translation>
        </message>
        <message>
            <source>Grace notes stand %1 ms before the stroke (±%2): they run into it</source>
            <translation>Los mordentes están %1 ms antes del golpe (±%2): se funden con él</translation>
        </message>
        <message>
            <source>You left out bars %1 to %2: %3 strokes are not there</source>
            <translation>Te saltaste los compases %1 a %2: faltan %3 golpes</translation>
        </message>
        <message>
            <source>You played bars %1 to %2 once more than is written</source>
            <translation>Tocaste los compases %1 a %2 una vez más de lo escrito</translation>
        </message>
        <message>
            <source>You stopped at beat %1 of bar %2: %3 strokes are not there</source>
            <translation>Paraste en el pulso %1 del compás %2: faltan %3 golpes</translation>
        </message>
        <message>
            <source>You lost the place at beat %1 of bar %2 and went on 1 beat late</source>
            <translation>Te perdiste en el pulso %1 del compás %2 y seguiste 1 pulso tarde</translation>
        </message>
        <message numerus="yes">
            <source>You lost the place at beat %1 of bar %2 and went on %n beats late</source>
            <translation>
                <numerusform>Te perdiste en el pulso %1 del compás %2 y seguiste 1 pulso tarde</numerusform>
                <numerusform>Te perdiste en el pulso %1 del compás %2 y seguiste %n pulsos tarde</numerusform>
            </translation>
        </message>
        <message>
            <source>You lost the place at beat %1 of bar %2 and went on 1 beat early</source>
            <translation>Te perdiste en el pulso %1 del compás %2 y seguiste 1 pulso pronto</translation>
        </message>
        <message numerus="yes">
            <source>You lost the place at beat %1 of bar %2 and went on %n beats early</source>
            <translation>
                <numerusform>Te perdiste en el pulso %1 del compás %2 y seguiste 1 pulso pronto</numerusform>
                <numerusform>Te perdiste en el pulso %1 del compás %2 y seguiste %n pulsos pronto</numerusform>
            </translation>
        </message>
        <message>
            <source>Where %3 strokes a beat become %4, at %5, the beat is %1 ms too long (±%2)</source>
            <translation>Donde %3 golpes por pulso pasan a %4, en %5, el pulso es %1 ms más largo (±%2)</translation>
        </message>
        <message>
            <source>Where %3 strokes a beat become %4, at %5, the beat is %1 ms too short (±%2)</source>
            <translation>Donde %3 golpes por pulso pasan a %4, en %5, el pulso es %1 ms más corto (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles are %1 dB louder than the first (±%2)</source>
            <translation>Los segundos golpes de tus dobles son %1 dB más fuertes que los primeros (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles are %1 dB softer than the first (±%2)</source>
            <translation>Los segundos golpes de tus dobles son %1 dB más suaves que los primeros (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles come %1 ms too late after the first (±%2)</source>
            <translation>Los segundos golpes de tus dobles llegan %1 ms tarde tras los primeros (±%2)</translation>
        </message>
        <message>
            <source>The second strokes of your doubles come %1 ms too early after the first (±%2)</source>
            <translation>Los segundos golpes de tus dobles llegan %1 ms pronto tras los primeros (±%2)</translation>
        </message>
        <message>
            <source>The %3 accents from %4 on grow by %1 dB a stroke (±%2)</source>
            <translation>Los %3 acentos desde %4 crecen %1 dB por golpe (±%2)</translation>
        </message>
        <message>
            <source>The %3 accents from %4 on fade by %1 dB a stroke (±%2)</source>
            <translation>Los %3 acentos desde %4 decrecen %1 dB por golpe (±%2)</translation>
        </message>
        <message>
            <source>Your crescendo covers %1 dB of the %2 written (±%3)</source>
            <translation>Tu crescendo abarca %1 dB de los %2 escritos (±%3)</translation>
        </message>
        <message>
            <source>Your diminuendo covers %1 dB of the %2 written (±%3)</source>
            <translation>Tu diminuendo abarca %1 dB de los %2 escritos (±%3)</translation>
        </message>
        <message>
            <source>Your %3 from %4 is %1 dB too loud (±%2)</source>
            <translation>Tu %3 desde %4 es %1 dB demasiado fuerte (±%2)</translation>
        </message>
        <message>
            <source>Your %3 from %4 is %1 dB too soft (±%2)</source>
            <translation>Tu %3 desde %4 es %1 dB demasiado suave (±%2)</translation>
        </message>
        <message>
            <source>Where they fall together the %3 and the %4 are %1 ms apart (±%2)</source>
            <translation>Donde caen a la vez, entre %3 y %4 hay %1 ms (±%2)</translation>
        </message>
        <message>
            <source>Where they fall together the %3 comes %1 ms after the %4 (±%2)</source>
            <translation>Donde caen a la vez, %3 llega %1 ms después de %4 (±%2)</translation>
        </message>
        <message>
            <source>Where they fall together the %3 comes %1 ms before the %4 (±%2)</source>
            <translation>Donde caen a la vez, %3 llega %1 ms antes de %4 (±%2)</translation>
        </message>
        <message>
            <source>Your roll from %3 opens: its longest gap is %1 ms (±%2)</source>
            <translation>Tu redoble desde %3 se abre: su hueco más largo es de %1 ms (±%2)</translation>
        </message>
        <message>
            <source>Your roll from %3 stops %1 ms before the stroke it leads to (±%2)</source>
            <translation>Tu redoble desde %3 acaba %1 ms antes del golpe al que lleva (±%2)</translation>
        </message>
        <message>
            <source>Your %3 is on the click (%1 ms, ±%2)</source>
            <translation>Tu %3 está en el clic (%1 ms, ±%2)</translation>
        </message>
        <message>
            <source>Your %3 is %1 ms behind the click (±%2)</source>
            <translation>Tu %3 está %1 ms detrás del clic (±%2)</translation>
        </message>
        <message>
            <source>Your %3 is %1 ms ahead of the click (±%2)</source>
            <translation>Tu %3 está %1 ms antes del clic (±%2)</translation>
        </message>
        <message>
            <source>You are on the click (%1 ms, ±%2)</source>
            <translation>Estás en el clic (%1 ms, ±%2)</translation>
        </message>
        <message>
            <source>You are %1 ms behind the click (±%2)</source>
            <translation>Estás %1 ms detrás del clic (±%2)</translation>
        </message>
        <message>
            <source>You are %1 ms ahead of the click (±%2)</source>
            <translation>Estás %1 ms antes del clic (±%2)</translation>
        </message>
        <message>
            <source>%1; %2 ms behind is asked</source>
            <translation>%1; se piden %2 ms detrás</translation>
        </message>
        <message>
            <source>%1; %2 ms ahead is asked</source>
            <translation>%1; se piden %2 ms antes</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right in ghosts (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más fuerte que la derecha en fantasmas (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right in taps (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más fuerte que la derecha en toques (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right in accents (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más fuerte que la derecha en acentos (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right in ghosts (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más suave que la derecha en fantasmas (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right in taps (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más suave que la derecha en toques (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right in accents (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más suave que la derecha en acentos (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB louder than the right (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más fuerte que la derecha (±%2)</translation>
        </message>
        <message>
            <source>Your left hand is %1 dB softer than the right (±%2)</source>
            <translation>Tu mano izquierda es %1 dB más suave que la derecha (±%2)</translation>
        </message>
        <message>
            <source>In %1: %2</source>
            <translation>En %1: %2</translation>
        </message>
        <message>
            <source>In bars %1 to %2: %3</source>
            <translation>En los compases %1 a %2: %3</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Dispersión</translation>
        </message>
        <message>
            <source>How far the hits scatter about your own placement.</source>
            <translation>Cuánto se dispersan los golpes en torno a tu propia posición.</translation>
        </message>
        <message>
            <source>spread %1 ms, limit %2</source>
            <translation>dispersión %1 ms, límite %2</translation>
        </message>
        <message>
            <source>Placement</source>
            <translation>Posición</translation>
        </message>
        <message>
            <source>Where the whole take sits against the click.</source>
            <translation>Dónde está la toma entera frente al clic.</translation>
        </message>
        <message>
            <source>placement %1 ms, limit %2</source>
            <translation>posición %1 ms, límite %2</translation>
        </message>
        <message>
            <source>Hands and voices apart</source>
            <translation>Manos, voces</translation>
        </message>
        <message>
            <source>How far one hand or voice sits from the others.</source>
            <translation>Cuánto se aparta una mano o voz de las demás.</translation>
        </message>
        <message>
            <source>hands and voices apart %1 ms, limit %2</source>
            <translation>manos y voces separadas %1 ms, límite %2</translation>
        </message>
        <message>
            <source>hands and voices apart (%3) %1 ms, limit %2</source>
            <translation>manos y voces separadas (%3) %1 ms, límite %2</translation>
        </message>
        <message>
            <source>Habit of one count</source>
            <translation>Hábito</translation>
        </message>
        <message>
            <source>The count that leans most, pass after pass.</source>
            <translation>El lugar que más se inclina, vuelta tras vuelta.</translation>
        </message>
        <message>
            <source>habit of one count %1 ms, limit %2</source>
            <translation>hábito de un lugar %1 ms, límite %2</translation>
        </message>
        <message>
            <source>habit of one count (%3, %4) %1 ms, limit %2</source>
            <translation>hábito de un lugar (%3, %4) %1 ms, límite %2</translation>
        </message>
        <message>
            <source>Missed and extra</source>
            <translation>Omitidos y de más</translation>
        </message>
        <message>
            <source>Strokes left out or added, against one in four bars.</source>
            <translation>Golpes que faltan o sobran, frente a uno en cuatro compases.</translation>
        </message>
        <message>
            <source>%1 missed or extra, limit %2</source>
            <translation>%1 omitidos o de más, límite %2</translation>
        </message>
        <message>
            <source>Accents above taps</source>
            <translation>Acentos sobre toques</translation>
        </message>
        <message>
            <source>How far accents stand out of the taps.</source>
            <translation>Cuánto sobresalen los acentos de los toques.</translation>
        </message>
        <message>
            <source>accents above taps %1 dB, needs %2</source>
            <translation>acentos sobre toques %1 dB, hacen falta %2</translation>
        </message>
        <message>
            <source>Ghosts below taps</source>
            <translation>Fantasmas bajo toques</translation>
        </message>
        <message>
            <source>How far ghost notes stay under the taps.</source>
            <translation>Cuánto quedan las fantasmas bajo los toques.</translation>
        </message>
        <message>
            <source>ghosts below taps %1 dB, needs %2</source>
            <translation>fantasmas bajo toques %1 dB, hacen falta %2</translation>
        </message>
        <message>
            <source>Levels mixed up</source>
            <translation>Niveles mezclados</translation>
        </message>
        <message>
            <source>How often a softer stroke comes out louder than a louder one.</source>
            <translation>Con qué frecuencia un golpe más suave sale más fuerte que uno más fuerte.</translation>
        </message>
        <message>
            <source>levels mixed up %1 %, limit %2</source>
            <translation>niveles mezclados %1 %, límite %2</translation>
        </message>
        <message>
            <source>Off-beat from its place</source>
            <translation>Contratiempo</translation>
        </message>
        <message>
            <source>Distance of the off-beat from its target, in percent of the beat.</source>
            <translation>Distancia del contratiempo a su meta, en tanto por ciento del pulso.</translation>
        </message>
        <message>
            <source>off-beat from its place %1 %, limit %2</source>
            <translation>contratiempo fuera de lugar %1 %, límite %2</translation>
        </message>
        <message>
            <source>Grace notes uneven</source>
            <translation>Mordentes desiguales</translation>
        </message>
        <message>
            <source>How much the distance of grace notes varies.</source>
            <translation>Cuánto varía la distancia de los mordentes.</translation>
        </message>
        <message>
            <source>grace notes uneven %1 ms, limit %2</source>
            <translation>mordentes desiguales %1 ms, límite %2</translation>
        </message>
        <message>
            <source>Drift</source>
            <translation>Deriva</translation>
        </message>
        <message>
            <source>How fast the take moves against the click.</source>
            <translation>Lo deprisa que la toma se mueve frente al clic.</translation>
        </message>
        <message>
            <source>drift %1 ms a bar, limit %2</source>
            <translation>deriva %1 ms por compás, límite %2</translation>
        </message>
        <message>
            <source>Feel as asked</source>
            <translation>Feel pedido</translation>
        </message>
        <message>
            <source>How far a voice stands from where beside the click it is asked for.</source>
            <translation>Cuánto se aparta una voz de donde se pide junto al clic.</translation>
        </message>
        <message>
            <source>%1 ms from the feel that is asked, limit %2</source>
            <translation>a %1 ms del feel pedido, límite %2</translation>
        </message>
        <message>
            <source>the %3 %1 ms from the feel that is asked, limit %2</source>
            <translation>%3 a %1 ms del feel pedido, límite %2</translation>
        </message>
        <message>
            <source>Back with the click</source>
            <translation>De vuelta con el clic</translation>
        </message>
        <message>
            <source>How far off you are when the click comes back, or the page.</source>
            <translation>A cuánto estás cuando vuelve el clic, o la hoja.</translation>
        </message>
        <message>
            <source>%1 ms off when the click comes back, limit %2</source>
            <translation>a %1 ms cuando vuelve el clic, límite %2</translation>
        </message>
        <message>
            <source>met</source>
            <translation>cumplido</translation>
        </message>
        <message>
            <source>missed</source>
            <translation>fallado</translation>
        </message>
        <message>
            <source>unsure</source>
            <translation>dudoso</translation>
        </message>
        <message>
            <source>ms a bar</source>
            <translation>ms por compás</translation>
        </message>
        <message>
            <source>rung after rung by %1 %</source>
            <translation>peldaño a peldaño, %1 %</translation>
        </message>
        <message>
            <source>two up, one back, by %1</source>
            <translation>dos arriba, uno atrás, de %1</translation>
        </message>
        <message>
            <source>half way to what was missed</source>
            <translation>medio camino hacia lo que se falló</translation>
        </message>
        <message>
            <source>the hardest spot first, by %1</source>
            <translation>primero el punto más difícil, de %1</translation>
        </message>
        <message>
            <source>with less and less click, then up by %1</source>
            <translation>con cada vez menos clic, luego %1 más</translation>
        </message>
        <message>
            <source>rung after rung by %1</source>
            <translation>peldaño a peldaño, %1</translation>
        </message>
        <message>
            <source>Full speed.</source>
            <translation>Velocidad plena.</translation>
        </message>
        <message>
            <source>Less click.</source>
            <translation>Menos clic.</translation>
        </message>
        <message>
            <source>More click.</source>
            <translation>Más clic.</translation>
        </message>
        <message>
            <source>Next part.</source>
            <translation>Parte siguiente.</translation>
        </message>
        <message>
            <source>Up, %1.</source>
            <translation>Arriba, %1.</translation>
        </message>
        <message>
            <source>One part back.</source>
            <translation>Una parte atrás.</translation>
        </message>
        <message>
            <source>Back, %1.</source>
            <translation>Atrás, %1.</translation>
        </message>
        <message>
            <source>Isolate beat %1.</source>
            <translation>Aísla el pulso %1.</translation>
        </message>
        <message>
            <source>Easier first.</source>
            <translation>Primero más fácil.</translation>
        </message>
        <message>
            <source>Again.</source>
            <translation>Otra vez.</translation>
        </message>
        <message>
            <source>Slow, the whole</source>
            <translation>Lento, todo</translation>
        </message>
        <message>
            <source>All of it from 60 percent up: nothing is left out, there is only more time.</source>
            <translation>Todo desde el 60 por ciento: no se omite nada, solo hay más tiempo.</translation>
        </message>
        <message>
            <source>Limbs apart</source>
            <translation>Extremidades por separado</translation>
        </message>
        <message>
            <source>Every hand and foot alone, then in pairs, then all of them.</source>
            <translation>Cada mano y cada pie solos, luego por parejas, luego todos.</translation>
        </message>
        <message>
            <source>Pieces and joins</source>
            <translation>Trozos y uniones</translation>
        </message>
        <message>
            <source>One beat at a time with a rest behind it, then neighbours joined, then the whole.</source>
            <translation>Un pulso cada vez con un silencio detrás, luego los vecinos unidos, luego todo.</translation>
        </message>
        <message>
            <source>Grow from the start</source>
            <translation>Crecer desde el principio</translation>
        </message>
        <message>
            <source>The first notes, the rest counted; when it is easy a little more.</source>
            <translation>Las primeras notas, el resto contado; cuando es fácil, un poco más.</translation>
        </message>
        <message>
            <source>Singles and doubles</source>
            <translation>Simples y dobles</translation>
        </message>
        <message>
            <source>The same grid in singles and in doubles, changing over without a bump.</source>
            <translation>La misma rejilla en simples y en dobles, cambiando sin un tropiezo.</translation>
        </message>
        <message>
            <source>Half speed, full speed</source>
            <translation>Media velocidad, velocidad plena</translation>
        </message>
        <message>
            <source>Each bar at half speed, then at full speed, then all bars joined.</source>
            <translation>Cada compás a media velocidad, luego a velocidad plena, luego todos unidos.</translation>
        </message>
        <message>
            <source>One spot</source>
            <translation>Un punto</translation>
        </message>
        <message>
            <source>The spot with a bar of rest, then round and round, then inside its bar.</source>
            <translation>El punto con un compás de silencio, luego una y otra vez, luego dentro de su compás.</translation>
        </message>
        <message>
            <source>In context</source>
            <translation>En su contexto</translation>
        </message>
        <message>
            <source>The groove, the phrase, and the groove again, as it will be played.</source>
            <translation>El groove, la frase y de nuevo el groove, como se tocará.</translation>
        </message>
        <message>
            <source>Keep and grow</source>
            <translation>Mantener y crecer</translation>
        </message>
        <message>
            <source>The limbs that repeat keep on; the others are added a few notes at a time.</source>
            <translation>Las extremidades que se repiten siguen; las otras se añaden de pocas en pocas notas.</translation>
        </message>
        <message>
            <source>Easier versions</source>
            <translation>Versiones más fáciles</translation>
        </message>
        <message>
            <source>Less of everything first: no ornaments, no ghosts, beats on the cymbal; then back to the full page.</source>
            <translation>Primero menos de todo: sin adornos, sin fantasmas, pulsos en el platillo; luego de vuelta a la hoja entera.</translation>
        </message>
        <message>
            <source>Section by section</source>
            <translation>Sección por sección</translation>
        </message>
        <message>
            <source>Each section alone, then two that follow one another, then the whole piece.</source>
            <translation>Cada sección sola, luego dos seguidas, luego la pieza entera.</translation>
        </message>
        <message>
            <source>From the end backwards</source>
            <translation>Del final hacia atrás</translation>
        </message>
        <message>
            <source>The last section, then the one before with it, until the piece is whole: one always plays into what is known.</source>
            <translation>La última sección, luego la anterior con ella, hasta que la pieza está entera: siempre se toca hacia lo conocido.</translation>
        </message>
        <message>
            <source>Only the joins</source>
            <translation>Solo las uniones</translation>
        </message>
        <message>
            <source>The last bar of every section into the first bar of the next, where pieces break.</source>
            <translation>El último compás de cada sección hacia el primero de la siguiente, donde las piezas se rompen.</translation>
        </message>
        <message>
            <source>Trade bars</source>
            <translation>Cambiar compases</translation>
        </message>
        <message>
            <source>Bars as written and as many of your own in turn: there only where you come out again is judged.</source>
            <translation>Compases como están escritos y otros tantos tuyos por turnos: ahí solo se juzga dónde vuelves a salir.</translation>
        </message>
        <message>
            <source>%1st of %2</source>
            <translation>%1.º de %2</translation>
        </message>
        <message>
            <source>%1nd of %2</source>
            <translation>%1.º de %2</translation>
        </message>
        <message>
            <source>%1rd of %2</source>
            <translation>%1.º de %2</translation>
        </message>
        <message>
            <source>%1th of %2</source>
            <translation>%1.º de %2</translation>
        </message>
        <message>
            <source>other voices</source>
            <translation>otras voces</translation>
        </message>
        <message>
            <source>%1 ms behind</source>
            <translation>%1 ms detrás</translation>
        </message>
        <message>
            <source>%1 ms ahead</source>
            <translation>%1 ms antes</translation>
        </message>
        <message>
            <source>%1 % behind</source>
            <translation>%1 % detrás</translation>
        </message>
        <message>
            <source>%1 % ahead</source>
            <translation>%1 % antes</translation>
        </message>
        <message>
            <source>%2 %1 ms behind</source>
            <translation>%2 %1 ms detrás</translation>
        </message>
        <message>
            <source>%2 %1 ms ahead</source>
            <translation>%2 %1 ms antes</translation>
        </message>
        <message>
            <source>%2 %1 % behind</source>
            <translation>%2 %1 % detrás</translation>
        </message>
        <message>
            <source>%2 %1 % ahead</source>
            <translation>%2 %1 % antes</translation>
        </message>
        <message>
            <source>%1: beat %2</source>
            <translation>%1: pulso %2</translation>
        </message>
        <message>
            <source>%1: beat %2 of bar %3</source>
            <translation>%1: pulso %2 del compás %3</translation>
        </message>
        <message>
            <source>%1: bar %2</source>
            <translation>%1: compás %2</translation>
        </message>
        <message>
            <source>%1: bars %2 to %3</source>
            <translation>%1: compases %2 a %3</translation>
        </message>
        <message>
            <source>%1: teach the kit</source>
            <translation>%1: enseñar el kit</translation>
        </message>
        <message>
            <source>One spot of a longer phrase, with a rest before it comes round.</source>
            <translation>Un punto de una frase más larga, con un silencio antes de que vuelva.</translation>
        </message>
        <message>
            <source>Lets the microphone learn each drum: strike it alone, softly first, then loudly.</source>
            <translation>Deja que el micrófono aprenda cada tambor: golpéalo solo, primero suave, luego fuerte.</translation>
        </message>
        <message>
            <source>beat %1 in bar %2</source>
            <translation>pulso %1 del compás %2</translation>
        </message>
        <message>
            <source>the %3 of %1</source>
            <translation>la %3 del %1</translation>
        </message>
        <message>
            <source>the %3 of %1 in bar %2</source>
            <translation>la %3 del %1 del compás %2</translation>
        </message>
        <message>
            <source>the first %3 of %1</source>
            <translation>la primera %3 del %1</translation>
        </message>
        <message>
            <source>the first %3 of %1 in bar %2</source>
            <translation>la primera %3 del %1 del compás %2</translation>
        </message>
        <message>
            <source>the second %3 of %1</source>
            <translation>la segunda %3 del %1</translation>
        </message>
        <message>
            <source>the second %3 of %1 in bar %2</source>
            <translation>la segunda %3 del %1 del compás %2</translation>
        </message>
        <message>
            <source>left ghost</source>
            <translation>fantasma izquierda</translation>
        </message>
        <message>
            <source>left tap</source>
            <translation>toque izquierdo</translation>
        </message>
        <message>
            <source>left accent</source>
            <translation>acento izquierdo</translation>
        </message>
        <message>
            <source>right ghost</source>
            <translation>fantasma derecha</translation>
        </message>
        <message>
            <source>right tap</source>
            <translation>toque derecho</translation>
        </message>
        <message>
            <source>right accent</source>
            <translation>acento derecho</translation>
        </message>
        <message>
            <source>%1 ghost</source>
            <translation>fantasma (%1)</translation>
        </message>
        <message>
            <source>%1 stroke</source>
            <translation>golpe (%1)</translation>
        </message>
        <message>
            <source>%1 accent</source>
            <translation>acento (%1)</translation>
        </message>
        <message>
            <source>Warm-up</source>
            <translation>Calentamiento</translation>
        </message>
        <message>
            <source>Weakest</source>
            <translation>Lo más flojo</translation>
        </message>
        <message>
            <source>Due</source>
            <translation>Toca repasar</translation>
        </message>
        <message>
            <source>For its date</source>
            <translation>Para su fecha</translation>
        </message>
        <message>
            <source>As it is used</source>
            <translation>Como se usa</translation>
        </message>
        <message>
            <source>In turn</source>
            <translation>Por turno</translation>
        </message>
        <message>
            <source>Cool-down</source>
            <translation>Vuelta a la calma</translation>
        </message>
        <message>
            <source>Balanced</source>
            <translation>Equilibrado</translation>
        </message>
        <message>
            <source>Something easy, what is farthest from its goal, what is fading, something as it is used, something easy.</source>
            <translation>Algo fácil, lo más lejos de su meta, lo que se desvanece, algo como se usa, algo fácil.</translation>
        </message>
        <message>
            <source>So many minutes a line</source>
            <translation>Tantos minutos por línea</translation>
        </message>
        <message>
            <source>Four minutes each, what was left lying longest first.</source>
            <translation>Cuatro minutos cada uno, primero lo que más tiempo esperó.</translation>
        </message>
        <message>
            <source>Slow and climb</source>
            <translation>Lento y subir</translation>
        </message>
        <message>
            <source>One thing: slowly first, then up its ladder.</source>
            <translation>Una cosa: primero lento, luego por su escalera.</translation>
        </message>
        <message>
            <source>Grow at tempo</source>
            <translation>Crecer a tempo</translation>
        </message>
        <message>
            <source>One thing: loosely first, then at its tempo from the first notes on, a little more each time.</source>
            <translation>Una cosa: primero suelta, luego a su tempo desde las primeras notas, cada vez un poco más.</translation>
        </message>
        <message>
            <source>Singles and doubles in turn</source>
            <translation>Simples y dobles por turnos</translation>
        </message>
        <message>
            <source>A page of singles, a page of doubles, and so on.</source>
            <translation>Una hoja de simples, una de dobles, y así.</translation>
        </message>
        <message>
            <source>Hands in the week, feet on Saturday</source>
            <translation>Manos entre semana, pies el sábado</translation>
        </message>
        <message>
            <source>Balanced, with pages for the hands; on Saturday those with feet.</source>
            <translation>Equilibrado, con hojas para las manos; el sábado las de pies.</translation>
        </message>
        <message>
            <source>easy at %1: loose, even, no hurry</source>
            <translation>fácil a %1: suelto, regular, sin prisa</translation>
        </message>
        <message>
            <source>now at %1 of %2</source>
            <translation>ahora a %1 de %2</translation>
        </message>
        <message>
            <source>now at %1 of %2; missed last: %3</source>
            <translation>ahora a %1 de %2; lo último fallado: %3</translation>
        </message>
        <message>
            <source>clean at %1 yesterday</source>
            <translation>limpio a %1 ayer</translation>
        </message>
        <message numerus="yes">
            <source>clean at %1 %n days ago</source>
            <translation>
                <numerusform>limpio a %1 ayer</numerusform>
                <numerusform>limpio a %1 hace %n días</numerusform>
            </translation>
        </message>
        <message>
            <source>nothing clean yet: begin at %1</source>
            <translation>nada limpio aún: empieza a %1</translation>
        </message>
        <message>
            <source>wanted tomorrow: now at %1 of %2</source>
            <translation>para mañana: ahora a %1 de %2</translation>
        </message>
        <message numerus="yes">
            <source>wanted in %n days: now at %1 of %2</source>
            <translation>
                <numerusform>para mañana: ahora a %1 de %2</numerusform>
                <numerusform>para dentro de %n días: ahora a %1 de %2</numerusform>
            </translation>
        </message>
        <message>
            <source>what the others are for</source>
            <translation>para lo que sirven los demás</translation>
        </message>
        <message>
            <source>it is its turn</source>
            <translation>le toca</translation>
        </message>
        <message>
            <source>%1 is within reach today.</source>
            <translation>%1 está hoy al alcance.</translation>
        </message>
        <message>
            <source>%1 in %2 to %3 days, if you go on like this.</source>
            <translation>%1 en %2 a %3 días, si sigues así.</translation>
        </message>
        <message>
            <source>%1 in about %2 days, not before %3; nobody can promise it within a year.</source>
            <translation>%1 en unos %2 días, no antes de %3; nadie puede prometerlo en un año.</translation>
        </message>
        <message>
            <source>%1 is out of reach within a year at this pace.</source>
            <translation>%1 no está al alcance en un año a este paso.</translation>
        </message>
        <message>
            <source>Your hits scatter more from %1 on (%2 to %3)</source>
            <translation>Tus golpes se dispersan más desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Your ghosts come up from %1 on (%2 to %3)</source>
            <translation>Tus fantasmas suben desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Your accents sink to the taps from %1 on (%2 to %3)</source>
            <translation>Tus acentos bajan hasta los toques desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Your swing straightens from %1 on (%2 to %3)</source>
            <translation>Tu swing se endereza desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Left hand against right</source>
            <translation>Mano izquierda frente a derecha</translation>
        </message>
        <message>
            <source>Your left hand falls behind from %1 on (%2 to %3)</source>
            <translation>Tu mano izquierda se queda atrás desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Your left hand runs ahead from %1 on (%2 to %3)</source>
            <translation>Tu mano izquierda se adelanta desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>You fall behind the click from %1 on (%2 to %3)</source>
            <translation>Te quedas atrás del clic desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>You run ahead of the click from %1 on (%2 to %3)</source>
            <translation>Te adelantas al clic desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Grace notes before the stroke</source>
            <translation>Mordentes antes del golpe</translation>
        </message>
        <message>
            <source>Your grace notes open from %1 on (%2 to %3)</source>
            <translation>Tus mordentes se abren desde %1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Not enough takes on both sides to say where your ceiling is.</source>
            <translation>Faltan tomas a ambos lados para decir dónde está tu techo.</translation>
        </message>
        <message>
            <source>A clean take is an even chance at %1 (%2 to %3).</source>
            <translation>Una toma limpia es cara o cruz a %1 (%2 a %3).</translation>
        </message>
        <message>
            <source>Clean nine times in ten up to %1; half the time at %2 (%3 to %4).</source>
            <translation>Limpio nueve de cada diez veces hasta %1; la mitad a %2 (%3 a %4).</translation>
        </message>
        <message>
            <source>Over %1 takes at this tempo your strokes grew %2 % (%3 to %4) more uneven and %5 dB (%6 to %7) softer.</source>
            <translation>En %1 tomas a este tempo tus golpes se hicieron %2 % (%3 a %4) más desiguales y %5 dB (%6 a %7) más suaves.</translation>
        </message>
        <message>
            <source>Over %1 takes at this tempo your strokes grew %2 % (%3 to %4) more uneven and came %5 ms (%6 to %7) later.</source>
            <translation>En %1 tomas a este tempo tus golpes se hicieron %2 % (%3 a %4) más desiguales y llegaron %5 ms (%6 a %7) más tarde.</translation>
        </message>
        <message>
            <source>Holds the rung: %1, missed in %2 of %3 takes; it is getting better.</source>
            <translation>Retiene el peldaño: %1, fallado en %2 de %3 tomas; va mejorando.</translation>
        </message>
        <message>
            <source>Holds the rung: %1, missed in %2 of %3 takes; it is getting worse.</source>
            <translation>Retiene el peldaño: %1, fallado en %2 de %3 tomas; va empeorando.</translation>
        </message>
        <message>
            <source>Holds the rung: %1, missed in %2 of %3 takes.</source>
            <translation>Retiene el peldaño: %1, fallado en %2 de %3 tomas.</translation>
        </message>
        <message>
            <source>Instead of %1, hardly reached in three months as it goes, %2 can be had in one: N takes that goal.</source>
            <translation>En lugar de %1, apenas alcanzable en tres meses como va, %2 se puede tener en uno: N toma esa meta.</translation>
        </message>
        <message>
            <source>%1: two weeks at the same tempos, on six days and more, can be compared.</source>
            <translation>%1: se pueden comparar dos semanas a los mismos tempos, en seis días o más.</translation>
        </message>
        <message>
            <source>%1: no difference from the week before that can be told: %2 %6 after %3 (%4 to %5).</source>
            <translation>%1: ninguna diferencia con la semana anterior que se pueda afirmar: %2 %6 tras %3 (%4 a %5).</translation>
        </message>
        <message>
            <source>%1: %2 %6, %3 more than the week before (%4 to %5).</source>
            <translation>%1: %2 %6, %3 más que la semana anterior (%4 a %5).</translation>
        </message>
        <message>
            <source>%1: %2 %6, %3 less than the week before (%4 to %5).</source>
            <translation>%1: %2 %6, %3 menos que la semana anterior (%4 a %5).</translation>
        </message>
        <message>
            <source>All sections are clean at %1.</source>
            <translation>Todas las secciones están limpias a %1.</translation>
        </message>
        <message>
            <source>%1 holds the piece at %2; %3 would go at %4.</source>
            <translation>%1 retiene la pieza a %2; %3 iría a %4.</translation>
        </message>
        <message>
            <source>Today the whole goes at %1: Shift B.</source>
            <translation>Hoy todo va a %1: Mayús B.</translation>
        </message>
        <message>
            <source>%1: the pulse is %2 ms early (±%3)</source>
            <translation>%1: el pulso va %2 ms pronto (±%3)</translation>
        </message>
        <message>
            <source>%1: the pulse is %2 ms late (±%3)</source>
            <translation>%1: el pulso va %2 ms tarde (±%3)</translation>
        </message>
        <message>
            <source>%1; behind it you are still %2 ms off</source>
            <translation>%1; detrás sigues a %2 ms</translation>
        </message>
        <message>
            <source>%1; behind it you are back</source>
            <translation>%1; detrás estás de vuelta</translation>
        </message>
        <message>
            <source>%1: the same strokes are %2 dB louder than before it</source>
            <translation>%1: los mismos golpes son %2 dB más fuertes que antes</translation>
        </message>
        <message>
            <source>%1: the same strokes are %2 dB softer than before it</source>
            <translation>%1: los mismos golpes son %2 dB más suaves que antes</translation>
        </message>
        <message>
            <source>%1; the same strokes are %2 dB louder than before it</source>
            <translation>%1; los mismos golpes son %2 dB más fuertes que antes</translation>
        </message>
        <message>
            <source>%1; the same strokes are %2 dB softer than before it</source>
            <translation>%1; los mismos golpes son %2 dB más suaves que antes</translation>
        </message>
        <message>
            <source>No takes</source>
            <translation>Ninguna toma</translation>
        </message>
        <message>
            <source>One take</source>
            <translation>Una toma</translation>
        </message>
        <message>
            <source>Two takes</source>
            <translation>Dos tomas</translation>
        </message>
        <message>
            <source>Three takes</source>
            <translation>Tres tomas</translation>
        </message>
        <message>
            <source>Four takes</source>
            <translation>Cuatro tomas</translation>
        </message>
        <message>
            <source>Five takes</source>
            <translation>Cinco tomas</translation>
        </message>
        <message>
            <source>One more take like this will do.</source>
            <translation>Basta una toma más como esta.</translation>
        </message>
        <message numerus="yes">
            <source>%n more takes like this will do.</source>
            <translation>
                <numerusform>Basta una toma más como esta.</numerusform>
                <numerusform>Bastan %n tomas más como esta.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1 at your goal, and all that is asked is met. Keep it, or set a new goal.</source>
            <translation>%1 en tu meta, y se cumple todo lo pedido. Mantenlo, o pon una meta nueva.</translation>
        </message>
        <message>
            <source>%1 at %2, and all that is asked is met: two up, one back.</source>
            <translation>%1 a %2, y se cumple todo lo pedido: dos arriba, uno atrás.</translation>
        </message>
        <message>
            <source>All that is asked is met; %1 are the least.</source>
            <translation>Se cumple todo lo pedido; %1 son lo mínimo.</translation>
        </message>
        <message>
            <source>%1, and all that is asked is met: it is easy now.</source>
            <translation>%1, y se cumple todo lo pedido: ahora es fácil.</translation>
        </message>
        <message>
            <source>%1 at %2, and all that is asked is met.</source>
            <translation>%1 a %2, y se cumple todo lo pedido.</translation>
        </message>
        <message>
            <source>One place holds it back again and again: %1.</source>
            <translation>Un lugar lo retiene una y otra vez: %1.</translation>
        </message>
        <message>
            <source>Missed over the takes on this rung: %1.</source>
            <translation>Fallado en las tomas de este peldaño: %1.</translation>
        </message>
        <message>
            <source>Missed over the takes on this rung: %1. This is the lowest one: start slower or take fewer notes.</source>
            <translation>Fallado en las tomas de este peldaño: %1. Es el más bajo: empieza más lento o toma menos notas.</translation>
        </message>
        <message>
            <source>What holds it back: %1.</source>
            <translation>Lo que lo retiene: %1.</translation>
        </message>
        <message>
            <source>%1 strokes missed and %2 not written. This is the lowest rung: start slower or take fewer notes.</source>
            <translation>%1 golpes omitidos y %2 no escritos. Es el peldaño más bajo: empieza más lento o toma menos notas.</translation>
        </message>
        <message>
            <source>%1 strokes missed and %2 not written.</source>
            <translation>%1 golpes omitidos y %2 no escritos.</translation>
        </message>
        <message>
            <source>Too near the limit to be sure: %1.</source>
            <translation>Demasiado cerca del límite para estar seguro: %1.</translation>
        </message>
        <message>
            <source>Not sure yet: %1.</source>
            <translation>Aún no es seguro: %1.</translation>
        </message>
        <message>
            <source>Too little was played to judge.</source>
            <translation>Se tocó muy poco para juzgar.</translation>
        </message>
        <message>
            <source>%1 s of this take could not be measured: it does not count.</source>
            <translation>%1 s de esta toma no se pudieron medir: no cuenta.</translation>
        </message>
        <message>
            <source>The simulated player played this: it moves no ladder.</source>
            <translation>Esto lo tocó el intérprete simulado: no mueve ninguna escalera.</translation>
        </message>
        <message>
            <source>The click is louder in this recording than your strokes on it: turn it down, or wear headphones.</source>
            <translation>El clic es más fuerte en esta grabación que tus golpes sobre él: bájalo, o ponte auriculares.</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>Isolate one spot.</source>
            <translation>Aísla un punto.</translation>
        </message>
        <message>
            <source>Isolate beat %1 of bar %2.</source>
            <translation>Aísla el pulso %1 del compás %2.</translation>
        </message>
        <message>
            <source>Full speed: %1.</source>
            <translation>Velocidad plena: %1.</translation>
        </message>
        <message>
            <source>Less click at %1.</source>
            <translation>Menos clic a %1.</translation>
        </message>
        <message>
            <source>More click at %1.</source>
            <translation>Más clic a %1.</translation>
        </message>
        <message>
            <source>On to the next part.</source>
            <translation>A la parte siguiente.</translation>
        </message>
        <message>
            <source>Up to %1.</source>
            <translation>Sube a %1.</translation>
        </message>
        <message>
            <source>Back to %1.</source>
            <translation>Vuelve a %1.</translation>
        </message>
        <message>
            <source>Make it easier first.</source>
            <translation>Primero hazlo más fácil.</translation>
        </message>
        <message>
            <source>Again at %1.</source>
            <translation>Otra vez a %1.</translation>
        </message>
        <message>
            <source>%1: %2 then %3, no difference that can be told</source>
            <translation>%1: %2, luego %3, ninguna diferencia que se pueda afirmar</translation>
        </message>
        <message>
            <source>%1: %2 then %3, better by %4 (%5 to %6)</source>
            <translation>%1: %2, luego %3, mejor en %4 (%5 a %6)</translation>
        </message>
        <message>
            <source>%1: %2 then %3, worse by %4 (%5 to %6)</source>
            <translation>%1: %2, luego %3, peor en %4 (%5 a %6)</translation>
        </message>
        <message>
            <source>the figures of the take of %1 are not those that were measured</source>
            <translation>los valores de la toma del %1 no son los que se midieron</translation>
        </message>
        <message>
            <source>restore the take from a backup</source>
            <translation>recupera la toma de una copia de seguridad</translation>
        </message>
    </context>
    <context>
        <name>countWords</name>
        <message>
            <source>one</source>
            <translation>uno</translation>
        </message>
        <message>
            <source>two</source>
            <translation>dos</translation>
        </message>
        <message>
            <source>three</source>
            <translation>tres</translation>
        </message>
        <message>
            <source>four</source>
            <translation>cuatro</translation>
        </message>
        <message>
            <source>five</source>
            <translation>cinco</translation>
        </message>
        <message>
            <source>six</source>
            <translation>seis</translation>
        </message>
        <message>
            <source>seven</source>
            <translation>siete</translation>
        </message>
        <message>
            <source>eight</source>
            <translation>ocho</translation>
        </message>
        <message>
            <source>nine</source>
            <translation>nueve</translation>
        </message>
        <message>
            <source>ten</source>
            <translation>diez</translation>
        </message>
        <message>
            <source>eleven</source>
            <translation>once</translation>
        </message>
        <message>
            <source>twelve</source>
            <translation>doce</translation>
        </message>
    </context>
    <context>
        <name>upbeat::AudioInput</name>
        <message>
            <source>the input is being opened</source>
            <translation>se está abriendo la entrada</translation>
        </message>
        <message>
            <source>no input: it has left</source>
            <translation>sin entrada: se ha ido</translation>
        </message>
        <message>
            <source>Simulated player</source>
            <translation>Intérprete simulado</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Backups</name>
        <message>
            <source>The backup is being written.</source>
            <translation>Se está escribiendo la copia.</translation>
        </message>
        <message>
            <source>%1 with their recordings are in %2.</source>
            <translation>%1 con sus grabaciones están en %2.</translation>
        </message>
        <message>
            <source>Nothing can be kept in this folder.</source>
            <translation>No se puede guardar nada en esta carpeta.</translation>
        </message>
        <message>
            <source>%1 came from the backup, %2 were here already.</source>
            <translation>%1 vinieron de la copia, %2 ya estaban aquí.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ClimbPlace</name>
        <message>
            <source>The ladder of this page from its start to its goal: filled rungs were clean, the open one is yours now. Beside them stands how likely a clean take is.</source>
            <translation>La escalera de esta hoja desde su inicio hasta su meta: los peldaños llenos fueron limpios, el abierto es el tuyo ahora. Al lado está lo probable que es una toma limpia.</translation>
        </message>
        <message>
            <source>Every section of a piece has a ladder of its own; the slowest holds the piece.</source>
            <translation>Cada sección de una pieza tiene su escalera; la más lenta retiene la pieza.</translation>
        </message>
        <message>
            <source>What a take must show to be clean at this tempo.</source>
            <translation>Lo que debe mostrar una toma para ser limpia a este tempo.</translation>
        </message>
        <message>
            <source>What holds you on this rung, take by take.</source>
            <translation>Lo que te retiene en este peldaño, toma por toma.</translation>
        </message>
        <message>
            <source>The next step after the last take.</source>
            <translation>El paso siguiente tras la última toma.</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Intro</translation>
        </message>
        <message>
            <source>next step</source>
            <translation>paso siguiente</translation>
        </message>
        <message>
            <source>Up Down</source>
            <translation>Arriba Abajo</translation>
        </message>
        <message>
            <source>rung</source>
            <translation>peldaño</translation>
        </message>
        <message>
            <source>hands-free climb</source>
            <translation>subir con manos libres</translation>
        </message>
        <message>
            <source>as it gets faster</source>
            <translation>según se acelera</translation>
        </message>
        <message>
            <source>limits</source>
            <translation>límites</translation>
        </message>
        <message>
            <source>goal up a step</source>
            <translation>meta un paso más</translation>
        </message>
        <message>
            <source>takes asked</source>
            <translation>tomas pedidas</translation>
        </message>
        <message>
            <source>next measure</source>
            <translation>medida siguiente</translation>
        </message>
        <message>
            <source>the ladder again</source>
            <translation>de nuevo la escalera</translation>
        </message>
        <message>
            <source>another way up</source>
            <translation>otro modo de subir</translation>
        </message>
        <message>
            <source>up by minutes</source>
            <translation>subir por minutos</translation>
        </message>
        <message>
            <source>a nearer goal</source>
            <translation>una meta más cercana</translation>
        </message>
        <message>
            <source>Tab</source>
            <translation>Tab</translation>
        </message>
        <message>
            <source>next</source>
            <translation>siguiente</translation>
        </message>
        <message>
            <source>change</source>
            <translation>cambiar</translation>
        </message>
        <message>
            <source>this one or all</source>
            <translation>este o todos</translation>
        </message>
        <message>
            <source>built in</source>
            <translation>de fábrica</translation>
        </message>
        <message>
            <source>done</source>
            <translation>listo</translation>
        </message>
        <message>
            <source>open</source>
            <translation>abrir</translation>
        </message>
        <message>
            <source>save</source>
            <translation>guardar</translation>
        </message>
        <message>
            <source>Ctrl Z</source>
            <translation>Ctrl Z</translation>
        </message>
        <message>
            <source>undo</source>
            <translation>deshacer</translation>
        </message>
        <message>
            <source>Shift R</source>
            <translation>Mayús R</translation>
        </message>
        <message>
            <source>all built in</source>
            <translation>todos de fábrica</translation>
        </message>
        <message>
            <source>As it gets faster</source>
            <translation>Según se acelera</translation>
        </message>
        <message>
            <source>Limits of your own</source>
            <translation>Límites propios</translation>
        </message>
        <message>
            <source>The way up: %1.</source>
            <translation>El modo de subir: %1.</translation>
        </message>
        <message>
            <source>A rung lasts %1, whatever was played; what falls apart still leads back.</source>
            <translation>Un peldaño dura %1, se toque lo que se toque; lo que se desmorona lleva atrás igualmente.</translation>
        </message>
        <message>
            <source>Clean takes lead up.</source>
            <translation>Las tomas limpias llevan arriba.</translation>
        </message>
        <message>
            <source>The goal is near enough, or there are too few days to say what is.</source>
            <translation>La meta está bastante cerca, o hay muy pocos días para decir cuál lo está.</translation>
        </message>
        <message>
            <source>at %1</source>
            <translation>a %1</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>aún no</translation>
        </message>
    </context>
    <context>
        <name>upbeat::CloseUp</name>
        <message>
            <source>The sound of the chosen hit</source>
            <translation>El sonido del golpe elegido</translation>
        </message>
    </context>
    <context>
        <name>upbeat::CountLine</name>
        <message>
            <source>Count line of %1</source>
            <translation>Línea de cuenta de %1</translation>
        </message>
        <message>
            <source>bar %1 of %2</source>
            <translation>compás %1 de %2</translation>
        </message>
        <message>
            <source>as bar %1</source>
            <translation>como el compás %1</translation>
        </message>
        <message>
            <source>any %1</source>
            <translation>cualesquiera %1</translation>
        </message>
        <message>
            <source>bar %1</source>
            <translation>compás %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::DiskDialog</name>
        <message>
            <source>Month</source>
            <translation>Mes</translation>
        </message>
        <message>
            <source>Recordings</source>
            <translation>Grabaciones</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Tamaño</translation>
        </message>
        <message>
            <source>Recordings by month</source>
            <translation>Grabaciones por mes</translation>
        </message>
        <message>
            <source>Recordings on the disk</source>
            <translation>Grabaciones en el disco</translation>
        </message>
        <message>
            <source>No recordings yet.</source>
            <translation>Aún no hay grabaciones.</translation>
        </message>
        <message>
            <source>%1 in all. Hits, figures and verdicts stay, whatever is let go.</source>
            <translation>%1 en total. Golpes, cifras y veredictos quedan, se suelte lo que se suelte.</translation>
        </message>
        <message>
            <source>How long recordings are kept</source>
            <translation>Cuánto se guardan las grabaciones</translation>
        </message>
        <message>
            <source>Keep all recordings</source>
            <translation>Guardar todas las grabaciones</translation>
        </message>
        <message>
            <source>Nothing is let go now.</source>
            <translation>Ahora no se suelta nada.</translation>
        </message>
        <message>
            <source>Lets go %1 now, for good.</source>
            <translation>Suelta ahora %1, para siempre.</translation>
        </message>
        <message>
            <source>Adding up ...</source>
            <translation>Sumando ...</translation>
        </message>
    </context>
    <context>
        <name>upbeat::EditPanel</name>
        <message>
            <source>A rule in your words</source>
            <translation>Una regla en tus palabras</translation>
        </message>
        <message>
            <source>Groups of steps, as 5+3+5+3; a roll at the pen by its strokes, as 7; how loud the selection or the bar is, pp to ff; any 6 for six free notes in it; what the tempo does from the bar on, as 80 %, 70 % over 2 bars or held 2; a section from the bar on, as section verse 2, or section verse 2 as verse 1; counting words, as hip-po-pot-a-mus:</source>
            <translation>Grupos de pasos, como 5+3+5+3; un redoble en la pluma por sus golpes, como 7; lo fuerte que es la selección o el compás, pp a ff; any 6 para seis notas libres en él; lo que hace el tempo desde el compás, como 80 %, 70 % over 2 bars o held 2; una sección desde el compás, como section verse 2, o section verse 2 as verse 1; palabras de contar, como hip-po-pot-a-mus:</translation>
        </message>
        <message>
            <source>It stands there in the feel of the page: a phrase has one.</source>
            <translation>Está ahí con el feel de la hoja: una hoja tiene uno.</translation>
        </message>
        <message>
            <source>An empty page: type R and L.</source>
            <translation>Una hoja vacía: teclea R y L.</translation>
        </message>
        <message>
            <source>%1 here</source>
            <translation>%1 aquí</translation>
        </message>
        <message>
            <source>straight</source>
            <translation>recto</translation>
        </message>
        <message>
            <source>swung eighths</source>
            <translation>corcheas con swing</translation>
        </message>
        <message>
            <source>swung sixteenths</source>
            <translation>semicorcheas con swing</translation>
        </message>
        <message>
            <source>swung by tempo</source>
            <translation>swing según el tempo</translation>
        </message>
        <message>
            <source>Title</source>
            <translation>Título</translation>
        </message>
        <message>
            <source>Meter</source>
            <translation>Compás</translation>
        </message>
        <message>
            <source>Bars</source>
            <translation>Compases</translation>
        </message>
        <message>
            <source>Feel</source>
            <translation>Feel</translation>
        </message>
        <message>
            <source>Ratio</source>
            <translation>Proporción</translation>
        </message>
        <message>
            <source>Row for</source>
            <translation>Fila para</translation>
        </message>
        <message>
            <source>Rule</source>
            <translation>Regla</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ExerciseFilter</name>
        <message>
            <source>all exercises</source>
            <translation>todos los ejercicios</translation>
        </message>
        <message>
            <source>my own</source>
            <translation>los míos</translation>
        </message>
        <message>
            <source>rudiments</source>
            <translation>rudimentos</translation>
        </message>
        <message>
            <source>accents and levels</source>
            <translation>acentos y niveles</translation>
        </message>
        <message>
            <source>timing and grids</source>
            <translation>tiempos y rejillas</translation>
        </message>
        <message>
            <source>rolls</source>
            <translation>redobles</translation>
        </message>
        <message>
            <source>grooves</source>
            <translation>grooves</translation>
        </message>
        <message>
            <source>fills</source>
            <translation>fills</translation>
        </message>
        <message>
            <source>linear</source>
            <translation>lineales</translation>
        </message>
        <message>
            <source>independence</source>
            <translation>independencia</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ExerciseModel</name>
        <message>
            <source>clean at %1</source>
            <translation>limpio a %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::FasterView</name>
        <message>
            <source>What happens as it gets faster</source>
            <translation>Qué pasa según se acelera</translation>
        </message>
        <message>
            <source>Nothing was measured yet.
Space plays the first take.</source>
            <translation>Aún no se ha medido nada.
Espacio toca la primera toma.</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>before</source>
            <translation>antes</translation>
        </message>
    </context>
    <context>
        <name>upbeat::FieldView</name>
        <message>
            <source>Field of hits: counts across, passes down</source>
            <translation>Campo de golpes: cuentas a lo ancho, vueltas hacia abajo</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>%1 missed</source>
            <translation>%1 omitido</translation>
        </message>
        <message>
            <source>one too many near %1</source>
            <translation>uno de más cerca de %1</translation>
        </message>
        <message>
            <source>something sounded near %1</source>
            <translation>algo sonó cerca de %1</translation>
        </message>
        <message>
            <source>%1 %L2 ms early</source>
            <translation>%L1 %L2 ms pronto</translation>
        </message>
        <message>
            <source>%1 %L2 ms late</source>
            <translation>%L1 %L2 ms tarde</translation>
        </message>
        <message>
            <source>pass %1: %2 in place</source>
            <translation>vuelta %1: %2 en su lugar</translation>
        </message>
    </context>
    <context>
        <name>upbeat::FindingCard</name>
        <message>
            <source>Heard on %1 and %2 more.</source>
            <translation>Se oye en %1 y %2 más.</translation>
        </message>
        <message>
            <source>Heard on %1.</source>
            <translation>Se oye en %1.</translation>
        </message>
        <message>
            <source>H hear     D make a drill</source>
            <translation>H oír     D suelto</translation>
        </message>
        <message>
            <source>H hear</source>
            <translation>H oír</translation>
        </message>
    </context>
    <context>
        <name>upbeat::GateList</name>
        <message>
            <source>%1: not there yet</source>
            <translation>%1: todavía no</translation>
        </message>
        <message>
            <source>%1: too near the limit</source>
            <translation>%1: demasiado cerca del límite</translation>
        </message>
        <message>
            <source>%1: near</source>
            <translation>%1: cerca</translation>
        </message>
        <message>
            <source>What this rung asks</source>
            <translation>Lo que pide este peldaño</translation>
        </message>
        <message>
            <source>Play a take: then each thing asked stands here with what was measured.</source>
            <translation>Toca una toma: entonces cada cosa pedida está aquí con lo medido.</translation>
        </message>
        <message>
            <source>yours: at least %1</source>
            <translation>tuyo: al menos %1</translation>
        </message>
        <message>
            <source>yours: at most %1</source>
            <translation>tuyo: como mucho %1</translation>
        </message>
        <message>
            <source>at least %1</source>
            <translation>al menos %1</translation>
        </message>
        <message>
            <source>at most %1</source>
            <translation>como mucho %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Glossary</name>
        <message>
            <source>Take</source>
            <translation>Toma</translation>
        </message>
        <message>
            <source>One recording of the page, from the count-in to the last bar.</source>
            <translation>Una grabación de la hoja, desde la cuenta hasta el último compás.</translation>
        </message>
        <message>
            <source>Page</source>
            <translation>Hoja</translation>
        </message>
        <message>
            <source>What is written: an exercise of a bar or two, or a piece.</source>
            <translation>Lo que está escrito: un ejercicio de uno o dos compases, o una pieza.</translation>
        </message>
        <message>
            <source>Offset</source>
            <translation>Desvío</translation>
        </message>
        <message>
            <source>How far a stroke is from where it is asked for, in thousandths of a second (ms). Plus is late.</source>
            <translation>Lo lejos que está un golpe de donde se pide, en milésimas de segundo (ms). Más es tarde.</translation>
        </message>
        <message>
            <source>Placement</source>
            <translation>Posición</translation>
        </message>
        <message>
            <source>The middle of all offsets: where you lie against the click on the whole. It is known only where the click was heard or the way round was measured.</source>
            <translation>El centro de todos los desvíos: dónde estás frente al clic en conjunto. Solo se conoce donde se oyó el clic o se midió la ida y vuelta.</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Dispersión</translation>
        </message>
        <message>
            <source>How far the strokes scatter about their middle: two of three lie within it.</source>
            <translation>Cuánto se dispersan los golpes en torno a su centro: dos de cada tres están dentro.</translation>
        </message>
        <message>
            <source>Habit</source>
            <translation>Hábito</translation>
        </message>
        <message>
            <source>A count that leans the same way time after time.</source>
            <translation>Un lugar que se inclina igual una y otra vez.</translation>
        </message>
        <message>
            <source>Wander</source>
            <translation>Vaivén</translation>
        </message>
        <message>
            <source>Strokes that follow one another lean together: the pulse breathes.</source>
            <translation>Golpes seguidos se inclinan juntos: el pulso respira.</translation>
        </message>
        <message>
            <source>Drift</source>
            <translation>Deriva</translation>
        </message>
        <message>
            <source>The pulse moves away from the click little by little, in ms a bar.</source>
            <translation>El pulso se aleja del clic poco a poco, en ms por compás.</translation>
        </message>
        <message>
            <source>Accent, tap, ghost</source>
            <translation>Acento, toque, fantasma</translation>
        </message>
        <message>
            <source>The three levels of a stroke: loud, plain, hardly heard.</source>
            <translation>Los tres niveles de un golpe: fuerte, normal, apenas oído.</translation>
        </message>
        <message>
            <source>Gap</source>
            <translation>Distancia</translation>
        </message>
        <message>
            <source>By how many decibels (dB) one level lies below the next. Ten sound about half as loud.</source>
            <translation>Cuántos decibelios (dB) está un nivel por debajo del siguiente. Diez suenan la mitad de fuerte.</translation>
        </message>
        <message>
            <source>Overlap</source>
            <translation>Solape</translation>
        </message>
        <message>
            <source>How often a softer stroke comes out louder than a louder one.</source>
            <translation>Con qué frecuencia un golpe más suave sale más fuerte que uno más fuerte.</translation>
        </message>
        <message>
            <source>Swing</source>
            <translation>Swing</translation>
        </message>
        <message>
            <source>How long the first of two notes lasts against the second; 2 : 1 is a triplet.</source>
            <translation>Cuánto dura la primera de dos notas frente a la segunda; 2 : 1 es un tresillo.</translation>
        </message>
        <message>
            <source>Interval</source>
            <translation>Intervalo</translation>
        </message>
        <message>
            <source>Between these two figures lies the true one, nineteen times in twenty. What it leaves open is not said.</source>
            <translation>Entre estas dos cifras está la verdadera, diecinueve veces de veinte. Lo que deja abierto no se dice.</translation>
        </message>
        <message>
            <source>Rung, ladder</source>
            <translation>Peldaño, escalera</translation>
        </message>
        <message>
            <source>A tempo, and all tempos of a page from its start to its goal.</source>
            <translation>Un tempo, y todos los tempos de una hoja desde su inicio hasta su meta.</translation>
        </message>
        <message>
            <source>Gate</source>
            <translation>Criterio</translation>
        </message>
        <message>
            <source>One thing a rung asks for. Met, missed, or still open: then more takes decide.</source>
            <translation>Una cosa que pide un peldaño. Cumplida, fallada o aún abierta: entonces deciden más tomas.</translation>
        </message>
        <message>
            <source>Clean</source>
            <translation>Limpia</translation>
        </message>
        <message>
            <source>No gate is missed.</source>
            <translation>Ningún criterio fallado.</translation>
        </message>
        <message>
            <source>Ceiling</source>
            <translation>Techo</translation>
        </message>
        <message>
            <source>The tempo at which a clean take is an even chance.</source>
            <translation>El tempo en el que una toma limpia es cara o cruz.</translation>
        </message>
        <message>
            <source>Drill</source>
            <translation>Ejercicio suelto</translation>
        </message>
        <message>
            <source>The one spot that goes wrong, practised alone and put back.</source>
            <translation>El punto que sale mal, estudiado solo y devuelto a su sitio.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::GroupCompare</name>
        <message>
            <source>Voices</source>
            <translation>Voces</translation>
        </message>
        <message>
            <source>Hands and feet</source>
            <translation>Manos y pies</translation>
        </message>
        <message>
            <source>Levels</source>
            <translation>Niveles</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Cuentas</translation>
        </message>
        <message>
            <source>Places in the beat</source>
            <translation>Lugares en el pulso</translation>
        </message>
        <message>
            <source>%1 ms early</source>
            <translation>%L1 ms pronto</translation>
        </message>
        <message>
            <source>%1 ms late</source>
            <translation>%L1 ms tarde</translation>
        </message>
        <message>
            <source>, by a jump</source>
            <translation>, por un salto</translation>
        </message>
        <message>
            <source>, by drifting</source>
            <translation>, por deriva</translation>
        </message>
        <message>
            <source>after the free notes</source>
            <translation>tras las notas libres</translation>
        </message>
        <message>
            <source>Back with the click</source>
            <translation>De vuelta con el clic</translation>
        </message>
        <message>
            <source>bar %1, %2</source>
            <translation>compás %1, %2</translation>
        </message>
        <message>
            <source>Struck together</source>
            <translation>Golpeados a la vez</translation>
        </message>
        <message>
            <source>%1 after %2</source>
            <translation>%1 después de %2</translation>
        </message>
        <message>
            <source>%1 and %2 apart</source>
            <translation>%1 y %2, distancia</translation>
        </message>
        <message>
            <source>%1 ms ±%2, %3 times</source>
            <translation>%L1 ms ±%2, %3 veces</translation>
        </message>
        <message>
            <source>Rolls</source>
            <translation>Redobles</translation>
        </message>
        <message>
            <source>from %1</source>
            <translation>desde %1</translation>
        </message>
        <message>
            <source>longest gap %1 ms, ripple %2 dB</source>
            <translation>hueco más largo %L1 ms, ondulación %L2 dB</translation>
        </message>
        <message>
            <source>Alike in sound</source>
            <translation>Iguales en sonido</translation>
        </message>
        <message>
            <source>within %1 dB, %2 odd</source>
            <translation>dentro de %L1 dB, %2 distintos</translation>
        </message>
        <message>
            <source>%1 hits, %2 dB</source>
            <translation>%1 golpes, %L2 dB</translation>
        </message>
        <message>
            <source>%1 hits</source>
            <translation>%1 golpes</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Guide</name>
        <message>
            <source>This is a page: sixteen strokes, hand to hand. The simulated player will play it for you, a little unevenly. Press F3: the place where one plays.</source>
            <translation>Esto es una hoja: dieciséis golpes, mano a mano. El intérprete simulado la tocará por ti, algo desigual. Pulsa F3: el lugar donde se toca.</translation>
        </message>
        <message>
            <source>Press Space: a bar is counted in, then the take begins.</source>
            <translation>Pulsa Espacio: se cuenta un compás y empieza la toma.</translation>
        </message>
        <message>
            <source>The player is playing. Watch the strokes: leaning left is early, leaning right is late, tall is loud. It stops by itself.</source>
            <translation>El intérprete toca. Mira los golpes: inclinado a la izquierda es pronto, a la derecha tarde, alto es fuerte. Para por sí solo.</translation>
        </message>
        <message>
            <source>Every column is a count, every row a time round. What can be told is written at the right, with how sure it is; N goes through it, H lets you hear it. Then press F5.</source>
            <translation>Cada columna es una cuenta, cada fila una vuelta. Lo que se puede decir está a la derecha, con su seguridad; N lo recorre, H te lo deja oír. Luego pulsa F5.</translation>
        </message>
        <message>
            <source>The ladder: a rung is a tempo, and the take said whether to go up. Press F6 for the log.</source>
            <translation>La escalera: un peldaño es un tempo, y la toma dijo si subir. Pulsa F6 para el cuaderno.</translation>
        </message>
        <message>
            <source>Here all takes stand by day. F1 explains every place. Now it is your turn: choose what you play on in Prepare.</source>
            <translation>Aquí están todas las tomas por días. F1 explica cada lugar. Ahora te toca: elige en Preparar con qué tocas.</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Seguir</translation>
        </message>
        <message>
            <source>Leave</source>
            <translation>Salir</translation>
        </message>
        <message>
            <source>Done</source>
            <translation>Listo</translation>
        </message>
    </context>
    <context>
        <name>upbeat::HandsFree</name>
        <message>
            <source>Learned. In a rest, three taps go on at once, four take the step back and play it again, five stop. Three taps in Play begin it too.</source>
            <translation>Aprendido. En un descanso, tres golpes siguen enseguida, cuatro dan el paso atrás y lo tocan otra vez, cinco paran. Tres golpes en Tocar también lo empiezan.</translation>
        </message>
        <message>
            <source>Stopped by your taps.</source>
            <translation>Parado por tus golpes.</translation>
        </message>
        <message>
            <source>The goal is reached: %1, clean. G in Climb sets a higher one.</source>
            <translation>La meta está alcanzada: %1, limpio. G en Subir pone una más alta.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::HearBar</name>
        <message>
            <source>half speed</source>
            <translation>media velocidad</translation>
        </message>
        <message>
            <source>At half the tempo</source>
            <translation>A media velocidad</translation>
        </message>
        <message>
            <source>click</source>
            <translation>clic</translation>
        </message>
        <message>
            <source>With the click</source>
            <translation>Con el clic</translation>
        </message>
        <message>
            <source>with feel</source>
            <translation>con feel</translation>
        </message>
        <message>
            <source>As a good player plays it, not as a machine</source>
            <translation>Como lo toca un buen intérprete, no como una máquina</translation>
        </message>
        <message>
            <source>loop</source>
            <translation>bucle</translation>
        </message>
        <message>
            <source>Round and round</source>
            <translation>Una y otra vez</translation>
        </message>
        <message>
            <source>bars</source>
            <translation>compases</translation>
        </message>
        <message>
            <source>Hear the exercise</source>
            <translation>Oír el ejercicio</translation>
        </message>
        <message>
            <source>From bar</source>
            <translation>Del compás</translation>
        </message>
        <message>
            <source>To bar</source>
            <translation>Al compás</translation>
        </message>
        <message>
            <source>P  stop</source>
            <translation>P  parar</translation>
        </message>
        <message>
            <source>P  hear it</source>
            <translation>P  oírlo</translation>
        </message>
        <message>
            <source>R  the whole</source>
            <translation>R  todo</translation>
        </message>
        <message>
            <source>R  only these</source>
            <translation>R  solo estos</translation>
        </message>
        <message>
            <source>Back to the whole</source>
            <translation>Volver a todo</translation>
        </message>
        <message>
            <source>Practise only these bars</source>
            <translation>Estudiar solo estos compases</translation>
        </message>
    </context>
    <context>
        <name>upbeat::HelpSheet</name>
        <message>
            <source>Picture of this place with numbers</source>
            <translation>Imagen de este lugar con números</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Ayuda</translation>
        </message>
        <message>
            <source>Keys</source>
            <translation>Teclas</translation>
        </message>
        <message>
            <source>Words</source>
            <translation>Palabras</translation>
        </message>
        <message>
            <source>Protect your hearing, keep the click low in headphones, take breaks, and stop when something hurts. What does not pass belongs to a doctor or a qualified teacher; this program gives no medical advice.</source>
            <translation>Protege tu oído, mantén el clic bajo en los auriculares, descansa y para cuando algo duela. Lo que no pasa es cosa de un médico o de un profesor titulado; este programa no da consejo médico.</translation>
        </message>
        <message>
            <source>A first take, step by step</source>
            <translation>Una primera toma, paso a paso</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Cerrar</translation>
        </message>
        <message>
            <source>Language</source>
            <translation>Idioma</translation>
        </message>
        <message>
            <source>As the desktop</source>
            <translation>Como el escritorio</translation>
        </message>
        <message>
            <source>Change keys</source>
            <translation>Cambiar teclas</translation>
        </message>
    </context>
    <context>
        <name>upbeat::InputWatch</name>
        <message>
            <source>The input is being opened: a moment.</source>
            <translation>Se está abriendo la entrada: un momento.</translation>
        </message>
        <message>
            <source>There is no sound output here: the click and all you listen to are silent.</source>
            <translation>Aquí no hay salida de sonido: el clic y todo lo que escuchas callan.</translation>
        </message>
        <message>
            <source>%1 is there again.</source>
            <translation>%1 está de nuevo.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::KeysDialog</name>
        <message>
            <source>Keys of your own</source>
            <translation>Teclas propias</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Lugar</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Qué hace</translation>
        </message>
        <message>
            <source>Key</source>
            <translation>Tecla</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Todas las teclas</translation>
        </message>
        <message>
            <source>The new key</source>
            <translation>La tecla nueva</translation>
        </message>
        <message>
            <source>As it was</source>
            <translation>Como estaba</translation>
        </message>
        <message>
            <source>Choose a line, then press its new key here:</source>
            <translation>Elige una línea y pulsa aquí su tecla nueva:</translation>
        </message>
        <message>
            <source>%1 does two things in %2: %3, and %4. One of them will not work.</source>
            <translation>%1 hace dos cosas en %2: %3, y %4. Una de ellas no funcionará.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LadderView</name>
        <message>
            <source>Ladder of tempos</source>
            <translation>Escalera de tempos</translation>
        </message>
        <message>
            <source>At %1, goal %2, takes: %3</source>
            <translation>A %1, meta %2, tomas: %3</translation>
        </message>
        <message>
            <source>%1, by minutes</source>
            <translation>%1, por minutos</translation>
        </message>
        <message>
            <source>No take stands here yet.
Space plays the first one.</source>
            <translation>Aquí no hay aún ninguna toma.
Espacio toca la primera.</translation>
        </message>
        <message>
            <source>full speed</source>
            <translation>velocidad plena</translation>
        </message>
        <message>
            <source>your ceiling</source>
            <translation>tu techo</translation>
        </message>
        <message>
            <source>%1: %2 of %3 takes clean</source>
            <translation>%1: %2 de %3 tomas limpias</translation>
        </message>
        <message>
            <source>, you are here</source>
            <translation>, estás aquí</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Lessons</name>
        <message>
            <source>This exercise has one instrument: there is nothing to tell apart.</source>
            <translation>Este ejercicio tiene un instrumento: no hay nada que distinguir.</translation>
        </message>
        <message>
            <source>The kit is learned: from now on its drums are told apart.</source>
            <translation>El kit está aprendido: desde ahora se distinguen sus tambores.</translation>
        </message>
        <message>
            <source>The %1 was not heard clearly enough; teach the kit once more.</source>
            <translation>%1 no se oyó con claridad; enseña el kit otra vez.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Letters</name>
        <message>
            <source>The report is in %1. Nothing was sent.</source>
            <translation>El informe está en %1. No se envió nada.</translation>
        </message>
        <message>
            <source>Nothing can be kept in this folder.</source>
            <translation>No se puede guardar nada en esta carpeta.</translation>
        </message>
        <message>
            <source>The answer is about a take that is not in this log.</source>
            <translation>La respuesta es sobre una toma que no está en este cuaderno.</translation>
        </message>
        <message>
            <source>Somebody</source>
            <translation>Alguien</translation>
        </message>
        <message>
            <source>%1 answers: %2.</source>
            <translation>%1 responde: %2.</translation>
        </message>
        <message>
            <source> Next at %1.</source>
            <translation> Sigue a %1.</translation>
        </message>
        <message>
            <source>The report cannot be written to %1.</source>
            <translation>El informe no se puede escribir en %1.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LimitBook</name>
        <message>
            <source>No limit was changed.</source>
            <translation>No se cambió ningún límite.</translation>
        </message>
        <message>
            <source>These limits are asked from now on.</source>
            <translation>Estos límites se piden desde ahora.</translation>
        </message>
        <message>
            <source>%1: these limits are asked from now on.</source>
            <translation>%1: estos límites se piden desde ahora.</translation>
        </message>
        <message>
            <source>Your limits are in %1.</source>
            <translation>Tus límites están en %1.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LimitEditor</name>
        <message>
            <source> in 4 bars</source>
            <translation> en 4 compases</translation>
        </message>
        <message>
            <source>Your limits for all exercises</source>
            <translation>Tus límites para todos los ejercicios</translation>
        </message>
        <message>
            <source>Your limits for this exercise</source>
            <translation>Tus límites para este ejercicio</translation>
        </message>
        <message>
            <source>at least</source>
            <translation>al menos</translation>
        </message>
        <message>
            <source>at most</source>
            <translation>como mucho</translation>
        </message>
        <message>
            <source>%1; built in %2</source>
            <translation>%1; de fábrica %2</translation>
        </message>
        <message>
            <source>Limits to ask from now on</source>
            <translation>Límites que se piden desde ahora</translation>
        </message>
        <message>
            <source>Limits (*.json)</source>
            <translation>Límites (*.json)</translation>
        </message>
        <message>
            <source>Pass your limits on</source>
            <translation>Pasar tus límites</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LogCare</name>
        <message>
            <source>This folder is only open for reading: nothing can be kept in it.</source>
            <translation>Esta carpeta está abierta solo para leer: no se puede guardar nada en ella.</translation>
        </message>
        <message>
            <source>%1 in the trash for thirty days; Ctrl+Z brings back what was removed.</source>
            <translation>%1 treinta días en la papelera; Ctrl+Z devuelve lo quitado.</translation>
        </message>
        <message>
            <source>There is nothing to take back.</source>
            <translation>No hay nada que deshacer.</translation>
        </message>
        <message>
            <source>Taken back.</source>
            <translation>Deshecho.</translation>
        </message>
        <message>
            <source>%1 thrown away.</source>
            <translation>%1 tiradas.</translation>
        </message>
        <message>
            <source>%1 in %2: sound, hits, MIDI, page and figures.</source>
            <translation>%1 en %2: sonido, golpes, MIDI, hoja y cifras.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LogModel</name>
        <message>
            <source>, %1 min played</source>
            <translation>, %L1 min tocados</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>at %1   simulated player</source>
            <translation>a %1   intérprete simulado</translation>
        </message>
        <message>
            <source>at %1   %2</source>
            <translation>a %1   %2</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LogPlace</name>
        <message>
            <source>Tempos and measures by day, with their intervals; Enter opens the take of a point.</source>
            <translation>Tempos y medidas por días, con sus intervalos; Intro abre la toma de un punto.</translation>
        </message>
        <message>
            <source>Two takes on one scale. Beside them: what got better or worse, and what cannot be told.</source>
            <translation>Dos tomas en una escala. Al lado: qué mejoró o empeoró, y qué no se puede decir.</translation>
        </message>
        <message>
            <source>How much you have played.</source>
            <translation>Cuánto has tocado.</translation>
        </message>
        <message>
            <source>F finds takes: by words, #tags, tempos, days, or what was found in them.</source>
            <translation>F encuentra tomas: por palabras, #etiquetas, tempos, días o lo que se halló en ellas.</translation>
        </message>
        <message>
            <source>Every take by day. An upright stroke was clean, a leaning one not. Enter opens it, V shows them over time, C compares two.</source>
            <translation>Cada toma por días. Un golpe derecho fue limpia, uno inclinado no. Intro la abre, V las muestra con el tiempo, C compara dos.</translation>
        </message>
        <message>
            <source>A note of your own on the chosen take.</source>
            <translation>Una nota tuya sobre la toma elegida.</translation>
        </message>
        <message>
            <source>early</source>
            <translation>pronto</translation>
        </message>
        <message>
            <source>late</source>
            <translation>tarde</translation>
        </message>
        <message>
            <source>loud</source>
            <translation>fuerte</translation>
        </message>
        <message>
            <source>soft</source>
            <translation>suave</translation>
        </message>
        <message>
            <source>uneven</source>
            <translation>desigual</translation>
        </message>
        <message>
            <source>missed</source>
            <translation>fallado</translation>
        </message>
        <message>
            <source>drift</source>
            <translation>deriva</translation>
        </message>
        <message>
            <source>left</source>
            <translation>izquierda</translation>
        </message>
        <message>
            <source>right</source>
            <translation>derecha</translation>
        </message>
        <message>
            <source>Tags</source>
            <translation>Etiquetas</translation>
        </message>
        <message>
            <source>Words between blanks; the chosen takes have these from now on:</source>
            <translation>Palabras entre espacios; las tomas elegidas tienen estas desde ahora:</translation>
        </message>
        <message>
            <source>Write the chosen takes into a folder</source>
            <translation>Escribir las tomas elegidas en una carpeta</translation>
        </message>
        <message>
            <source>Choose two takes first: Ctrl and a click, or Shift and an arrow.</source>
            <translation>Elige primero dos tomas: Ctrl y un clic, o Mayús y una flecha.</translation>
        </message>
        <message>
            <source>compare two chosen takes</source>
            <translation>comparar dos tomas elegidas</translation>
        </message>
        <message>
            <source>hear</source>
            <translation>oír</translation>
        </message>
        <message>
            <source>the other from the same bar</source>
            <translation>la otra desde el mismo compás</translation>
        </message>
        <message>
            <source>bar</source>
            <translation>compás</translation>
        </message>
        <message>
            <source>back to the list</source>
            <translation>volver a la lista</translation>
        </message>
        <message>
            <source>find</source>
            <translation>buscar</translation>
        </message>
        <message>
            <source>Shift+arrows</source>
            <translation>Mayús+flechas</translation>
        </message>
        <message>
            <source>choose several takes</source>
            <translation>elegir varias tomas</translation>
        </message>
        <message>
            <source>tags of the chosen takes</source>
            <translation>etiquetas de las tomas elegidas</translation>
        </message>
        <message>
            <source>Del</source>
            <translation>Supr</translation>
        </message>
        <message>
            <source>to the trash</source>
            <translation>a la papelera</translation>
        </message>
        <message>
            <source>Ctrl+Z</source>
            <translation>Ctrl+Z</translation>
        </message>
        <message>
            <source>take back</source>
            <translation>deshacer</translation>
        </message>
        <message>
            <source>the trash</source>
            <translation>la papelera</translation>
        </message>
        <message>
            <source>Ctrl+Del</source>
            <translation>Ctrl+Supr</translation>
        </message>
        <message>
            <source>empty the trash</source>
            <translation>vaciar la papelera</translation>
        </message>
        <message>
            <source>Throw away everything in the trash, recordings and all? This cannot be taken back.</source>
            <translation>¿Tirar todo lo de la papelera, con sus grabaciones? No se puede deshacer.</translation>
        </message>
        <message>
            <source>Empty the trash</source>
            <translation>Vaciar la papelera</translation>
        </message>
        <message>
            <source>chosen takes as files</source>
            <translation>tomas elegidas como archivos</translation>
        </message>
        <message>
            <source>what the recordings take of the disk</source>
            <translation>lo que ocupan las grabaciones</translation>
        </message>
        <message>
            <source>No take is like that.</source>
            <translation>Ninguna toma es así.</translation>
        </message>
        <message>
            <source>%1 found</source>
            <translation>%1 encontradas</translation>
        </message>
        <message>
            <source>The trash is empty: D leads back.</source>
            <translation>La papelera está vacía: D lleva de vuelta.</translation>
        </message>
        <message>
            <source>%1 in the trash: Enter puts back what is chosen, Ctrl+Del empties it, D leads back.</source>
            <translation>%1 en la papelera: Intro devuelve lo elegido, Ctrl+Supr la vacía, D lleva de vuelta.</translation>
        </message>
        <message>
            <source>Takes by day</source>
            <translation>Tomas por días</translation>
        </message>
        <message>
            <source>Find: words, #tag, 96 or 90-110, 2026-11, since 2026-11-20, clean, left ghost early</source>
            <translation>Buscar: palabras, #etiqueta, 96 o 90-110, 2026-11, since 2026-11-20, clean, izquierda fantasma pronto</translation>
        </message>
        <message>
            <source>Find takes</source>
            <translation>Buscar tomas</translation>
        </message>
        <message>
            <source>Note on the chosen take</source>
            <translation>Nota sobre la toma elegida</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Intro</translation>
        </message>
        <message>
            <source>look at the take</source>
            <translation>mirar la toma</translation>
        </message>
        <message>
            <source>measure a recording</source>
            <translation>medir una grabación</translation>
        </message>
        <message>
            <source>save a backup</source>
            <translation>guardar una copia</translation>
        </message>
        <message>
            <source>bring in a backup</source>
            <translation>traer una copia</translation>
        </message>
        <message>
            <source>Save a backup of everything</source>
            <translation>Guardar una copia de todo</translation>
        </message>
        <message>
            <source>Backups (*.zip)</source>
            <translation>Copias (*.zip)</translation>
        </message>
        <message>
            <source>Bring in the takes of a backup</source>
            <translation>Traer las tomas de una copia</translation>
        </message>
        <message>
            <source>Your takes will stand here, day by day.</source>
            <translation>Tus tomas estarán aquí, día a día.</translation>
        </message>
        <message>
            <source>%1 min played in the last seven days, %2 min in all, %3</source>
            <translation>%L1 min tocados en los últimos siete días, %L2 min en total, %3</translation>
        </message>
        <message>
            <source>over time</source>
            <translation>con el tiempo</translation>
        </message>
        <message>
            <source>takes by day</source>
            <translation>tomas por días</translation>
        </message>
        <message>
            <source>Arrows</source>
            <translation>Flechas</translation>
        </message>
        <message>
            <source>take</source>
            <translation>toma</translation>
        </message>
        <message>
            <source>next measure</source>
            <translation>medida siguiente</translation>
        </message>
        <message>
            <source>all exercises</source>
            <translation>todos los ejercicios</translation>
        </message>
        <message>
            <source>Order in the log</source>
            <translation>Orden en el cuaderno</translation>
        </message>
        <message>
            <source>Two takes</source>
            <translation>Dos tomas</translation>
        </message>
        <message>
            <source>Over time</source>
            <translation>Con el tiempo</translation>
        </message>
        <message>
            <source>A note on the chosen take, in Markdown</source>
            <translation>Una nota sobre la toma elegida, en Markdown</translation>
        </message>
        <message>
            <source>report of the chosen takes</source>
            <translation>informe de las tomas elegidas</translation>
        </message>
        <message>
            <source>Shift+W</source>
            <translation>Mayús+W</translation>
        </message>
        <message>
            <source>report of the week</source>
            <translation>informe de la semana</translation>
        </message>
        <message>
            <source>all takes from %1 to %2</source>
            <translation>todas las tomas del %1 al %2</translation>
        </message>
    </context>
    <context>
        <name>upbeat::LookPlace</name>
        <message>
            <source>No fault stands out of this take.</source>
            <translation>Ningún fallo sobresale en esta toma.</translation>
        </message>
        <message>
            <source>Somebody</source>
            <translation>Alguien</translation>
        </message>
        <message>
            <source>, %1, pass %2</source>
            <translation>, %1, vuelta %2</translation>
        </message>
        <message>
            <source>All your strokes: a column for every count, a row for every time round, averages on top. Leaning left is early, leaning right late; height is loudness; an empty ring was not played.</source>
            <translation>Todos tus golpes: una columna por cuenta, una fila por vuelta, las medias arriba. Inclinado a la izquierda es pronto, a la derecha tarde; la altura es el volumen; un anillo vacío no se tocó.</translation>
        </message>
        <message>
            <source>What the take shows beyond doubt, worst first, with how sure it is. N goes from one to the next and lights its strokes.</source>
            <translation>Lo que la toma muestra sin duda, primero lo peor, con su seguridad. N va de uno a otro e ilumina sus golpes.</translation>
        </message>
        <message>
            <source>What this rung asks, and what you played: a bar beyond its mark is missed.</source>
            <translation>Lo que pide este peldaño y lo que tocaste: una barra más allá de su marca es un fallo.</translation>
        </message>
        <message>
            <source>The whole take from left to right: a slope is a drift.</source>
            <translation>La toma entera de izquierda a derecha: una pendiente es una deriva.</translation>
        </message>
        <message>
            <source>Hear it: H plays around the chosen stroke, S at half speed, C with the click, I as the page asks.</source>
            <translation>Óyelo: H toca en torno al golpe elegido, S a media velocidad, C con el clic, I como pide la hoja.</translation>
        </message>
        <message>
            <source>What to do next. Enter does it.</source>
            <translation>Qué hacer ahora. Intro lo hace.</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Intro</translation>
        </message>
        <message>
            <source>next step</source>
            <translation>paso siguiente</translation>
        </message>
        <message>
            <source>Arrows</source>
            <translation>Flechas</translation>
        </message>
        <message>
            <source>hit</source>
            <translation>golpe</translation>
        </message>
        <message>
            <source>next finding</source>
            <translation>hallazgo siguiente</translation>
        </message>
        <message>
            <source>lens</source>
            <translation>lente</translation>
        </message>
        <message>
            <source>groups</source>
            <translation>grupos</translation>
        </message>
        <message>
            <source>drill</source>
            <translation>ejercicio suelto</translation>
        </message>
        <message>
            <source>report for a teacher</source>
            <translation>informe para un profesor</translation>
        </message>
        <message>
            <source>zoom</source>
            <translation>acercar</translation>
        </message>
        <message>
            <source>judge by today's limits</source>
            <translation>juzgar por los límites de hoy</translation>
        </message>
        <message>
            <source>Page up, down</source>
            <translation>Re Pág, Av Pág</translation>
        </message>
        <message>
            <source>the side</source>
            <translation>el lado</translation>
        </message>
        <message>
            <source>hear</source>
            <translation>oír</translation>
        </message>
        <message>
            <source>half speed</source>
            <translation>media velocidad</translation>
        </message>
        <message>
            <source>hear all</source>
            <translation>oír todo</translation>
        </message>
        <message>
            <source>C  click</source>
            <translation>C  clic</translation>
        </message>
        <message>
            <source>Hear it with the click (C)</source>
            <translation>Oírlo con el clic (C)</translation>
        </message>
        <message>
            <source>I  ideal</source>
            <translation>I  ideal</translation>
        </message>
        <message>
            <source>Hear it as the page asks for it (I)</source>
            <translation>Oírlo como lo pide la hoja (I)</translation>
        </message>
        <message>
            <source>O  loop</source>
            <translation>O  bucle</translation>
        </message>
        <message>
            <source>Round and round (O)</source>
            <translation>Una y otra vez (O)</translation>
        </message>
        <message>
            <source>What to hear</source>
            <translation>Qué se oye</translation>
        </message>
        <message>
            <source>Nothing to look at yet: press Space and play a take, or open one in the log.</source>
            <translation>Aún no hay nada que mirar: pulsa Espacio y toca una toma, o abre una del cuaderno.</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>not written</source>
            <translation>no escrito</translation>
        </message>
        <message>
            <source>%1: missed</source>
            <translation>%1: omitido</translation>
        </message>
        <message>
            <source>Something sounded at %1 s that is unlike your strokes: a voice, a chair. It counts for nothing.</source>
            <translation>A los %L1 s sonó algo distinto de tus golpes: una voz, una silla. No cuenta.</translation>
        </message>
        <message>
            <source>A stroke that is not written, at %1 s</source>
            <translation>Un golpe que no está escrito, a los %L1 s</translation>
        </message>
        <message>
            <source>%1
%2 ms %3, %4 dB against your accents</source>
            <translation>%1
%L2 ms %3, %L4 dB frente a tus acentos</translation>
        </message>
        <message>
            <source>early</source>
            <translation>pronto</translation>
        </message>
        <message>
            <source>late</source>
            <translation>tarde</translation>
        </message>
        <message>
            <source>section</source>
            <translation>sección</translation>
        </message>
        <message>
            <source>next trouble</source>
            <translation>dificultad siguiente</translation>
        </message>
        <message>
            <source>Bar %1</source>
            <translation>Compás %1</translation>
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
            <translation>Espacio</translation>
        </message>
        <message>
            <source>start or stop a take</source>
            <translation>empezar o parar una toma</translation>
        </message>
        <message>
            <source>help</source>
            <translation>ayuda</translation>
        </message>
        <message>
            <source>whole screen</source>
            <translation>pantalla completa</translation>
        </message>
        <message>
            <source>from a drill back to the whole</source>
            <translation>de un ejercicio suelto a todo</translation>
        </message>
        <message>
            <source>Ctrl Q</source>
            <translation>Ctrl Q</translation>
        </message>
        <message>
            <source>leave</source>
            <translation>salir</translation>
        </message>
        <message>
            <source>Everywhere</source>
            <translation>En todas partes</translation>
        </message>
        <message>
            <source>Sound servers that cannot be used</source>
            <translation>Servidores de sonido que no se pueden usar</translation>
        </message>
        <message>
            <source>Save</source>
            <translation>Guardar</translation>
        </message>
        <message>
            <source>Delete</source>
            <translation>Borrar</translation>
        </message>
        <message>
            <source>Protect your hearing, keep a click in headphones low, take breaks, and stop when something hurts; what does not pass belongs to a doctor or a qualified teacher. Without a microphone the simulated player plays for you: press Space.</source>
            <translation>Protege tu oído, mantén el clic bajo en los auriculares, descansa y para cuando algo duela; lo que no pasa es cosa de un médico o de un profesor titulado. Sin micrófono toca por ti el intérprete simulado: pulsa Espacio.</translation>
        </message>
        <message>
            <source>Understood</source>
            <translation>Entendido</translation>
        </message>
        <message>
            <source>Which microphone or kit do you play? The sound check finds out in two minutes. Without one the simulated player plays for you.</source>
            <translation>¿Qué micrófono o kit tocas? La prueba de sonido lo averigua en dos minutos. Sin uno toca por ti el intérprete simulado.</translation>
        </message>
        <message>
            <source>Sound check</source>
            <translation>Prueba de sonido</translation>
        </message>
        <message>
            <source>Simulated player</source>
            <translation>Intérprete simulado</translation>
        </message>
        <message>
            <source>ladder %1 to %2 by %3</source>
            <translation>escalera %1 a %2 de %3</translation>
        </message>
        <message>
            <source>block %1 of %2, %3 min</source>
            <translation>bloque %1 de %2, %L3 min</translation>
        </message>
        <message>
            <source>goal %1</source>
            <translation>meta %1</translation>
        </message>
        <message>
            <source>stop</source>
            <translation>parar</translation>
        </message>
        <message>
            <source>play a take</source>
            <translation>tocar una toma</translation>
        </message>
        <message>
            <source>back to the whole</source>
            <translation>volver a todo</translation>
        </message>
        <message>
            <source>light, dark, high contrast</source>
            <translation>claro, oscuro, alto contraste</translation>
        </message>
        <message>
            <source>still: what moves goes from beat to beat</source>
            <translation>quieto: lo que se mueve va de pulso en pulso</translation>
        </message>
        <message>
            <source>What moves goes from beat to beat.</source>
            <translation>Lo que se mueve va de pulso en pulso.</translation>
        </message>
        <message>
            <source>What moves may move.</source>
            <translation>Lo que se mueve puede moverse.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Manuscript</name>
        <message>
            <source>The page is kept as it last made sense: %1</source>
            <translation>La hoja se guarda como tenía sentido por última vez: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::NextSteps</name>
        <message>
            <source>There is no step to take from here: it has been taken, or belongs to another exercise or an older take.</source>
            <translation>Desde aquí no hay paso que dar: ya se dio, o es de otro ejercicio o de una toma más antigua.</translation>
        </message>
        <message>
            <source>There is no step to take back.</source>
            <translation>No hay paso que deshacer.</translation>
        </message>
        <message>
            <source>The step cannot be taken back: another page is on the stand.</source>
            <translation>El paso no se puede deshacer: hay otra hoja en el atril.</translation>
        </message>
        <message>
            <source>Taken back: again at %1.</source>
            <translation>Deshecho: otra vez a %1.</translation>
        </message>
        <message>
            <source>Up to %1: first the hardest spot alone, then the whole.</source>
            <translation>Sube a %1: primero solo el punto más difícil, luego todo.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::NoticeBar</name>
        <message>
            <source>Understood</source>
            <translation>Entendido</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Notices</name>
        <message>
            <source>Another Upbeat Check has this folder open. Everything can be looked at here; to record, close the other one and start again.</source>
            <translation>Otro Upbeat Check tiene abierta esta carpeta. Aquí se puede mirar todo; para grabar, cierra el otro y empieza otra vez.</translation>
        </message>
        <message>
            <source>The folder %1 cannot be written. Everything can be looked at here, but nothing is kept.</source>
            <translation>No se puede escribir en la carpeta %1. Aquí se puede mirar todo, pero no se guarda nada.</translation>
        </message>
        <message>
            <source>Twenty minutes without a break: put the sticks down for a moment, move, drink. It goes on by itself.</source>
            <translation>Veinte minutos sin descanso: deja las baquetas un momento, muévete, bebe. Sigue por sí solo.</translation>
        </message>
        <message>
            <source>%1 It says nothing of why; a break does no harm. It goes on by itself.</source>
            <translation>%1 No dice por qué; un descanso no hace daño. Sigue por sí solo.</translation>
        </message>
        <message>
            <source>This folder is only open for reading: nothing can be kept in it.</source>
            <translation>Esta carpeta está abierta solo para leer: no se puede guardar nada en ella.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OffsetStrip</name>
        <message>
            <source>All strokes of the take in order: high is late, low is early</source>
            <translation>Todos los golpes de la toma en orden: arriba es tarde, abajo es pronto</translation>
        </message>
        <message>
            <source>late</source>
            <translation>tarde</translation>
        </message>
        <message>
            <source>early</source>
            <translation>pronto</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OpenRecordingDialog</name>
        <message>
            <source>Measure a recording</source>
            <translation>Medir una grabación</translation>
        </message>
        <message>
            <source>Played against: %1. For another page choose it in Prepare first.</source>
            <translation>Tocado frente a: %1. Para otra hoja, elígela antes en Preparar.</translation>
        </message>
        <message>
            <source>Drag the blue mark to beat 1, or move it with the arrow keys: a millisecond, with Shift ten, with Ctrl a beat. The ends of the strip leave out what is not of the take.</source>
            <translation>Arrastra la marca azul al pulso 1, o muévela con las flechas: un milisegundo, con Mayús diez, con Ctrl un pulso. Los extremos de la tira dejan fuera lo que no es de la toma.</translation>
        </message>
        <message>
            <source>Choose a file</source>
            <translation>Elegir un archivo</translation>
        </message>
        <message>
            <source> s</source>
            <translation> s</translation>
        </message>
        <message>
            <source>Readings</source>
            <translation>Lecturas</translation>
        </message>
        <message>
            <source>Tempo</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <source>Beat 1 of bar 1 is at</source>
            <translation>El pulso 1 del compás 1 está en</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Cancelar</translation>
        </message>
        <message>
            <source>Measure</source>
            <translation>Medir</translation>
        </message>
        <message>
            <source>Recording</source>
            <translation>Grabación</translation>
        </message>
        <message>
            <source>Recordings (*.wav *.flac *.ogg *.opus *.mp3 *.m4a *.aac *.mp4 *.mov *.mkv *.webm *.3gp *.aif *.aiff *.mid *.midi);;All files (*)</source>
            <translation>Grabaciones (*.wav *.flac *.ogg *.opus *.mp3 *.m4a *.aac *.mp4 *.mov *.mkv *.webm *.3gp *.aif *.aiff *.mid *.midi);;Todos los archivos (*)</translation>
        </message>
        <message>
            <source>No recording yet</source>
            <translation>Aún sin grabación</translation>
        </message>
        <message>
            <source>Next file, %1 wait</source>
            <translation>Archivo siguiente, esperan %1</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Parar</translation>
        </message>
        <message>
            <source>Hear it with the click</source>
            <translation>Oírlo con el clic</translation>
        </message>
        <message>
            <source>%1 from %2 s</source>
            <translation>%1 desde %L2 s</translation>
        </message>
        <message>
            <source>Choose a recording, or drop one on the window.</source>
            <translation>Elige una grabación, o suelta una en la ventana.</translation>
        </message>
        <message>
            <source>Listening to file %1 of %2: %3 %</source>
            <translation>Escuchando el archivo %1 de %2: %L3 %</translation>
        </message>
        <message>
            <source>The page does not fit what is heard. Choose the stretch or another page, or set the beat.</source>
            <translation>La hoja no encaja con lo que se oye. Elige el tramo u otra hoja, o pon el pulso.</translation>
        </message>
        <message>
            <source>A click counts in: %1 beats a minute. The placement can be measured.</source>
            <translation>Un clic cuenta la entrada: %1 pulsos por minuto. La posición se puede medir.</translation>
        </message>
        <message>
            <source>The strokes say %1 beats a minute. Without a click there is no placement.</source>
            <translation>Los golpes dicen %1 pulsos por minuto. Sin clic no hay posición.</translation>
        </message>
        <message>
            <source>The strokes say %1 beats a minute, but another reading comes near: look where beat 1 is.</source>
            <translation>Los golpes dicen %1 pulsos por minuto, pero otra lectura se acerca: mira dónde está el pulso 1.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OutsideRecording</name>
        <message>
            <source>%1 more wait: O in the Log goes on with them.</source>
            <translation>Esperan %1 más: O en el cuaderno sigue con ellos.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::OverTimeView</name>
        <message>
            <source>% of the goal</source>
            <translation>% de la meta</translation>
        </message>
        <message>
            <source>Tempo of every take</source>
            <translation>Tempo de cada toma</translation>
        </message>
        <message>
            <source>The measure over time</source>
            <translation>La medida con el tiempo</translation>
        </message>
        <message>
            <source>Minutes by day</source>
            <translation>Minutos por días</translation>
        </message>
        <message>
            <source>All exercises, as shares of their goals</source>
            <translation>Todos los ejercicios, como partes de sus metas</translation>
        </message>
        <message>
            <source>%1: discs are clean takes, the dashed line is the goal, the band your ceiling</source>
            <translation>%1: los discos son tomas limpias, la línea discontinua es la meta, la banda tu techo</translation>
        </message>
        <message>
            <source>clean</source>
            <translation>limpia</translation>
        </message>
        <message>
            <source>not clean</source>
            <translation>no limpia</translation>
        </message>
        <message>
            <source>tempo</source>
            <translation>tempo</translation>
        </message>
        <message>
            <source>%1: nothing measured yet.</source>
            <translation>%1: aún no se ha medido nada.</translation>
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
            <translation>aún sin nota</translation>
        </message>
        <message>
            <source>note %1</source>
            <translation>nota %1</translation>
        </message>
        <message>
            <source>, </source>
            <comment>between numbers</comment>
            <translation>, </translation>
        </message>
        <message>
            <source>What the pads are</source>
            <translation>Qué son los pads</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PlanStrip</name>
        <message>
            <source>Today's plan</source>
            <translation>Plan de hoy</translation>
        </message>
        <message>
            <source>Today, block %1 of %2</source>
            <translation>Hoy, bloque %1 de %2</translation>
        </message>
        <message>
            <source>Today, %1 minutes</source>
            <translation>Hoy, %1 minutos</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PlayPlace</name>
        <message>
            <source>The tempo of this rung, large enough to read from the stool.</source>
            <translation>El tempo de este peldaño, grande para leerlo desde la banqueta.</translation>
        </message>
        <message>
            <source>The count. First comes a count-in, then the take begins by itself.</source>
            <translation>La cuenta. Primero se cuenta la entrada, luego la toma empieza sola.</translation>
        </message>
        <message>
            <source>How often the page has gone round, or which section comes next.</source>
            <translation>Cuántas veces ha dado la vuelta la hoja, o qué sección viene.</translation>
        </message>
        <message>
            <source>The page as you play it: a stroke that leans left is early, one that leans right is late, a tall one is loud. The pale bars are what is written.</source>
            <translation>La hoja mientras la tocas: un golpe inclinado a la izquierda es pronto, a la derecha tarde, uno alto es fuerte. Las barras pálidas son lo escrito.</translation>
        </message>
        <message>
            <source>How loud you are heard: it must move when you strike, and never reach the end.</source>
            <translation>Lo fuerte que se te oye: debe moverse cuando golpeas y no llegar nunca al final.</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>throw the take away</source>
            <translation>tirar la toma</translation>
        </message>
        <message>
            <source>hands-free</source>
            <translation>manos libres</translation>
        </message>
        <message>
            <source>take the step back</source>
            <translation>deshacer el paso</translation>
        </message>
        <message>
            <source>teach your taps</source>
            <translation>enseñar tus golpes</translation>
        </message>
        <message>
            <source>teach a foot switch</source>
            <translation>enseñar un pedal</translation>
        </message>
        <message>
            <source>next block of the plan</source>
            <translation>bloque siguiente del plan</translation>
        </message>
        <message>
            <source>something hurts</source>
            <translation>algo duele</translation>
        </message>
        <message>
            <source>slower</source>
            <translation>más lento</translation>
        </message>
        <message>
            <source>faster</source>
            <translation>más rápido</translation>
        </message>
        <message>
            <source>Not learned. K tries again.</source>
            <translation>No se aprendió. K lo intenta otra vez.</translation>
        </message>
        <message>
            <source>Tap three times, evenly, as you would to say: go on. Wait a second. Three groups teach it.</source>
            <translation>Golpea tres veces, regular, como dirías: sigue. Espera un segundo. Tres grupos lo enseñan.</translation>
        </message>
        <message>
            <source>Press the switch: the key it sends, or its note or controller on the MIDI instrument, is kept. Esc leaves it as it was.</source>
            <translation>Pisa el pedal: se guarda la tecla que envía, o su nota o controlador en el instrumento MIDI. Esc lo deja como estaba.</translation>
        </message>
        <message>
            <source>Taken back: this exercise can be played again.</source>
            <translation>Deshecho: este ejercicio se puede tocar otra vez.</translation>
        </message>
        <message>
            <source>Stop here for today: this exercise rests until tomorrow. Pain is no part of practice; what does not pass belongs to a doctor, and how you hold and move to a qualified teacher. (X takes it back.)</source>
            <translation>Aquí se acaba por hoy: este ejercicio descansa hasta mañana. El dolor no es parte del estudio; lo que no pasa es cosa de un médico, y cómo sujetas y te mueves, de un profesor titulado. (X lo deshace.)</translation>
        </message>
        <message>
            <source>input</source>
            <translation>entrada</translation>
        </message>
        <message>
            <source>quiet</source>
            <translation>silencio</translation>
        </message>
        <message>
            <source>room to spare</source>
            <translation>queda margen</translation>
        </message>
        <message>
            <source>good</source>
            <translation>bien</translation>
        </message>
        <message>
            <source>too loud: turn the input down</source>
            <translation>demasiado fuerte: baja la entrada</translation>
        </message>
        <message>
            <source>listening</source>
            <translation>escuchando</translation>
        </message>
        <message>
            <source>listening starts with the take</source>
            <translation>se escucha desde la toma</translation>
        </message>
        <message>
            <source>Kept. The switch begins hands-free practice, goes on in a rest, and stops while a take runs.</source>
            <translation>Guardado. El pedal empieza el estudio con manos libres, sigue en un descanso y para mientras corre una toma.</translation>
        </message>
        <message>
            <source>beats a minute, goal %1</source>
            <translation>pulsos por minuto, meta %1</translation>
        </message>
        <message>
            <source>stop</source>
            <translation>parar</translation>
        </message>
        <message>
            <source>play:
your first stroke is beat 1</source>
            <translation>toca:
tu primer golpe es el pulso 1</translation>
        </message>
        <message>
            <source>next take in %1</source>
            <translation>próxima toma en %1</translation>
        </message>
        <message>
            <source>Space or three taps
start</source>
            <translation>Espacio o tres golpes
empiezan</translation>
        </message>
        <message>
            <source>Space
starts a take</source>
            <translation>Espacio
empieza una toma</translation>
        </message>
        <message>
            <source>count-in</source>
            <translation>cuenta</translation>
        </message>
        <message>
            <source>pass %1</source>
            <translation>vuelta %1</translation>
        </message>
        <message>
            <source>until you stop</source>
            <translation>hasta que pares</translation>
        </message>
        <message>
            <source>pass %1 of %2</source>
            <translation>vuelta %1 de %2</translation>
        </message>
        <message>
            <source>hands-free: keep your sticks</source>
            <translation>manos libres: no sueltes las baquetas</translation>
        </message>
        <message>
            <source>bar %1</source>
            <translation>compás %1</translation>
        </message>
        <message>
            <source>next: %1</source>
            <translation>sigue: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Playback</name>
        <message>
            <source>This take has no recording to hear.</source>
            <translation>Esta toma no tiene grabación que oír.</translation>
        </message>
        <message>
            <source>There is no sound device to hear it on: it has left.</source>
            <translation>No hay dispositivo de sonido donde oírla: se ha ido.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PracticeClock</name>
        <message>
            <source>%1 on this part: on to the next.</source>
            <translation>%1 en esta parte: a la siguiente.</translation>
        </message>
        <message>
            <source>%1 on this rung: up to %2.</source>
            <translation>%1 en este peldaño: sube a %2.</translation>
        </message>
        <message>
            <source>%1 on this exercise: enough for now, take a break or go on to another.</source>
            <translation>%1 en este ejercicio: basta por ahora, descansa o ve a otro.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PracticeControls</name>
        <message>
            <source>until I stop</source>
            <translation>hasta que pare</translation>
        </message>
        <message>
            <source>first stroke</source>
            <translation>primer golpe</translation>
        </message>
        <message>
            <source>no timer</source>
            <translation>sin reloj</translation>
        </message>
        <message>
            <source>no voice</source>
            <translation>sin voz</translation>
        </message>
        <message>
            <source>says what is next</source>
            <translation>dice lo que sigue</translation>
        </message>
        <message>
            <source>counts in too</source>
            <translation>también cuenta la entrada</translation>
        </message>
        <message>
            <source>counts throughout</source>
            <translation>cuenta todo el tiempo</translation>
        </message>
        <message>
            <source>practice contrast</source>
            <translation>contraste de estudio</translation>
        </message>
        <message>
            <source>performance</source>
            <translation>actuación</translation>
        </message>
        <message>
            <source>practice, two levels</source>
            <translation>estudio, dos niveles</translation>
        </message>
        <message>
            <source>performance, two levels</source>
            <translation>actuación, dos niveles</translation>
        </message>
        <message>
            <source>Teach the kit</source>
            <translation>Enseñar el kit</translation>
        </message>
        <message>
            <source>Tempo</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <source>Goal</source>
            <translation>Meta</translation>
        </message>
        <message>
            <source>Bars a take</source>
            <translation>Compases por toma</translation>
        </message>
        <message>
            <source>Count-in bars</source>
            <translation>Compases de cuenta</translation>
        </message>
        <message>
            <source>Minutes</source>
            <translation>Minutos</translation>
        </message>
        <message>
            <source>Click</source>
            <translation>Clic</translation>
        </message>
        <message>
            <source>Click sound</source>
            <translation>Sonido del clic</translation>
        </message>
        <message>
            <source>Click level</source>
            <translation>Nivel del clic</translation>
        </message>
        <message>
            <source>Rest</source>
            <translation>Descanso</translation>
        </message>
        <message>
            <source>Voice</source>
            <translation>Voz</translation>
        </message>
        <message>
            <source>Asked for</source>
            <translation>Se pide</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Entrada</translation>
        </message>
        <message>
            <source>Simulated player</source>
            <translation>Intérprete simulado</translation>
        </message>
        <message>
            <source>%1 (not there)</source>
            <translation>%1 (no está)</translation>
        </message>
        <message>
            <source>No microphone is offered: %1.</source>
            <translation>No se ofrece micrófono: %1.</translation>
        </message>
        <message>
            <source>Install espeak-ng, and a voice says what is next.</source>
            <translation>Instala espeak-ng y una voz dice lo que sigue.</translation>
        </message>
        <message>
            <source>The drums are told apart. Teach the kit anew …</source>
            <translation>Los tambores se distinguen. Enseñar el kit de nuevo …</translation>
        </message>
        <message>
            <source>Several drums on one microphone: teach the kit, each drum alone …</source>
            <translation>Varios tambores en un micrófono: enseña el kit, cada tambor solo …</translation>
        </message>
    </context>
    <context>
        <name>upbeat::PreparePlace</name>
        <message>
            <source>The pages: built-in exercises, your own and pieces. Type to find one; Enter puts it on the stand.</source>
            <translation>Las hojas: ejercicios de fábrica, los tuyos y piezas. Teclea para encontrar una; Intro la pone en el atril.</translation>
        </message>
        <message>
            <source>The page on the stand, count by count. E writes in it, Ctrl+N begins an empty one.</source>
            <translation>La hoja en el atril, cuenta a cuenta. E escribe en ella, Ctrl+N empieza una vacía.</translation>
        </message>
        <message>
            <source>The sections of a piece: a click chooses one, dragging chooses bars.</source>
            <translation>Las secciones de una pieza: un clic elige una, arrastrar elige compases.</translation>
        </message>
        <message>
            <source>How it goes: P plays the page, the arrows set the tempo.</source>
            <translation>Cómo va: P toca la hoja, las flechas ponen el tempo.</translation>
        </message>
        <message>
            <source>Tempo, click, how long a take is, and what you play on: microphone, kit or the simulated player.</source>
            <translation>Tempo, clic, lo larga que es una toma y con qué tocas: micrófono, kit o el intérprete simulado.</translation>
        </message>
        <message>
            <source>What the page trains; in its place: today's plan, the sound check, ways to take the page apart.</source>
            <translation>Lo que entrena la hoja; en su lugar: el plan de hoy, la prueba de sonido, modos de descomponer la hoja.</translation>
        </message>
        <message>
            <source>Exercises (*.json *.txt *.mid *.midi *.musicxml *.xml *.mxl)</source>
            <translation>Ejercicios (*.json *.txt *.mid *.midi *.musicxml *.xml *.mxl)</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Intro</translation>
        </message>
        <message>
            <source>work on this part</source>
            <translation>trabajar en esta parte</translation>
        </message>
        <message>
            <source>another way</source>
            <translation>otro modo</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the controls</source>
            <translation>volver a los mandos</translation>
        </message>
        <message>
            <source>do this step</source>
            <translation>dar este paso</translation>
        </message>
        <message>
            <source>Right</source>
            <translation>Derecha</translation>
        </message>
        <message>
            <source>skip it</source>
            <translation>saltarlo</translation>
        </message>
        <message>
            <source>Up Down</source>
            <translation>Arriba Abajo</translation>
        </message>
        <message>
            <source>another one</source>
            <translation>otro</translation>
        </message>
        <message>
            <source>%1, taking apart</source>
            <translation>%1, descomponer</translation>
        </message>
        <message>
            <source>%1, sound check</source>
            <translation>%1, prueba de sonido</translation>
        </message>
        <message>
            <source>%1, today's plan</source>
            <translation>%1, plan de hoy</translation>
        </message>
        <message>
            <source>%1, sets</source>
            <translation>%1, conjuntos</translation>
        </message>
        <message>
            <source>%1, writing</source>
            <translation>%1, escribir</translation>
        </message>
        <message>
            <source>to the stand</source>
            <translation>al atril</translation>
        </message>
        <message>
            <source>today's plan</source>
            <translation>plan de hoy</translation>
        </message>
        <message>
            <source>tempo</source>
            <translation>tempo</translation>
        </message>
        <message>
            <source>Ctrl I</source>
            <translation>Ctrl I</translation>
        </message>
        <message>
            <source>sound check</source>
            <translation>prueba de sonido</translation>
        </message>
        <message>
            <source>edit</source>
            <translation>editar</translation>
        </message>
        <message>
            <source>take apart</source>
            <translation>descomponer</translation>
        </message>
        <message>
            <source>hear it</source>
            <translation>oírlo</translation>
        </message>
        <message>
            <source>only these bars</source>
            <translation>solo estos compases</translation>
        </message>
        <message>
            <source>tap the tempo</source>
            <translation>marcar el tempo</translation>
        </message>
        <message>
            <source>Ctrl N</source>
            <translation>Ctrl N</translation>
        </message>
        <message>
            <source>new exercise</source>
            <translation>ejercicio nuevo</translation>
        </message>
        <message>
            <source>fold the voices</source>
            <translation>plegar las voces</translation>
        </message>
        <message>
            <source>Ctrl T</source>
            <translation>Ctrl T</translation>
        </message>
        <message>
            <source>teach the kit</source>
            <translation>enseñar el kit</translation>
        </message>
        <message>
            <source>PgUp PgDn</source>
            <translation>RePág AvPág</translation>
        </message>
        <message>
            <source>bars</source>
            <translation>compases</translation>
        </message>
        <message>
            <source>Ctrl D</source>
            <translation>Ctrl D</translation>
        </message>
        <message>
            <source>into the plan, or out of it</source>
            <translation>al plan, o fuera de él</translation>
        </message>
        <message>
            <source>%1 is in the plan now.</source>
            <translation>%1 está ahora en el plan.</translation>
        </message>
        <message>
            <source>%1 is out of the plan now.</source>
            <translation>%1 ya no está en el plan.</translation>
        </message>
        <message>
            <source>Ctrl PgDn</source>
            <translation>Ctrl AvPág</translation>
        </message>
        <message>
            <source>section</source>
            <translation>sección</translation>
        </message>
        <message>
            <source>sets with a day</source>
            <translation>conjuntos con un día</translation>
        </message>
        <message>
            <source>Ctrl O</source>
            <translation>Ctrl O</translation>
        </message>
        <message>
            <source>open a file</source>
            <translation>abrir un archivo</translation>
        </message>
        <message>
            <source>Open an exercise</source>
            <translation>Abrir un ejercicio</translation>
        </message>
        <message>
            <source>Ctrl S</source>
            <translation>Ctrl S</translation>
        </message>
        <message>
            <source>save as a file</source>
            <translation>guardar como archivo</translation>
        </message>
        <message>
            <source>Save the exercise</source>
            <translation>Guardar el ejercicio</translation>
        </message>
        <message>
            <source>Ctrl Del</source>
            <translation>Ctrl Supr</translation>
        </message>
        <message>
            <source>remove my exercise</source>
            <translation>quitar mi ejercicio</translation>
        </message>
        <message>
            <source>%1 Right hand %2, left hand %3.</source>
            <translation>%1 Mano derecha %2, mano izquierda %3.</translation>
        </message>
        <message>
            <source>Search exercises</source>
            <translation>Buscar ejercicios</translation>
        </message>
        <message>
            <source>Exercises</source>
            <translation>Ejercicios</translation>
        </message>
        <message>
            <source>Kind of exercise</source>
            <translation>Tipo de ejercicio</translation>
        </message>
        <message>
            <source>This page has several drums: Ctrl+T teaches the microphone to tell them apart, in less than a minute.</source>
            <translation>Esta hoja tiene varios tambores: Ctrl+T enseña al micrófono a distinguirlos, en menos de un minuto.</translation>
        </message>
        <message>
            <source>%1, own</source>
            <translation>%1, mía</translation>
        </message>
        <message>
            <source>Another exercise behind it</source>
            <translation>Otro ejercicio detrás</translation>
        </message>
        <message>
            <source>Which one is played next (Ctrl R repeats it):</source>
            <translation>Cuál se toca después (Ctrl R lo repite):</translation>
        </message>
        <message>
            <source>New exercise</source>
            <translation>Ejercicio nuevo</translation>
        </message>
        <message>
            <source>Written by you.</source>
            <translation>Escrito por ti.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Recorder</name>
        <message>
            <source>The page is empty: there is nothing to play yet.</source>
            <translation>La hoja está vacía: aún no hay nada que tocar.</translation>
        </message>
        <message>
            <source>Something hurt here today: this exercise rests until tomorrow. Play something else, gently, or nothing.</source>
            <translation>Hoy dolió algo aquí: este ejercicio descansa hasta mañana. Toca otra cosa, con suavidad, o nada.</translation>
        </message>
        <message>
            <source>The input has left in the middle of the take. What was played up to then is kept; when it is back, it goes on.</source>
            <translation>La entrada se fue en medio de la toma. Lo tocado hasta entonces se guarda; cuando vuelva, sigue.</translation>
        </message>
        <message>
            <source>The take was thrown away.</source>
            <translation>La toma se tiró.</translation>
        </message>
        <message>
            <source>Less than a bar was played: nothing was kept.</source>
            <translation>Se tocó menos de un compás: no se guardó nada.</translation>
        </message>
        <message>
            <source>The input was unplugged in the middle of the take: what came after it is not measured. When it is plugged in again, it goes on.</source>
            <translation>Se desconectó la entrada en medio de la toma: lo que vino después no está medido. Cuando se conecte otra vez, sigue.</translation>
        </message>
        <message>
            <source>The sound device lost its time in the middle of the take: what came after it is not measured. It happens when the machine sleeps, or another program changes how the device runs.</source>
            <translation>El dispositivo de sonido perdió su tiempo en medio de la toma: lo que vino después no está medido. Pasa cuando el equipo duerme, u otro programa cambia cómo va el dispositivo.</translation>
        </message>
        <message>
            <source>No note came from %1: nothing was kept. Is it switched on, and its cable in?</source>
            <translation>No llegó ninguna nota de %1: no se guardó nada. ¿Está encendido y con su cable?</translation>
        </message>
        <message>
            <source>Nothing was heard from %1: nothing was kept. Is the microphone plugged in, switched on and turned up?</source>
            <translation>No se oyó nada de %1: no se guardó nada. ¿Está el micrófono conectado, encendido y con volumen?</translation>
        </message>
        <message>
            <source>The round trip is another one than was measured: this take goes by the click that was heard in it. Measure the round trip again in Prepare.</source>
            <translation>La ida y vuelta es otra que la medida: esta toma va por el clic que se oyó en ella. Mide de nuevo la ida y vuelta en Preparar.</translation>
        </message>
        <message>
            <source>The sound device slipped in the middle of the take: what came after it is not measured. Close other sound programs if it happens again.</source>
            <translation>El dispositivo de sonido resbaló en medio de la toma: lo que vino después no está medido. Cierra otros programas de sonido si vuelve a pasar.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::RecordingStrip</name>
        <message>
            <source>The recording with its beats</source>
            <translation>La grabación con sus pulsos</translation>
        </message>
        <message>
            <source>The first bar</source>
            <translation>El primer compás</translation>
        </message>
        <message>
            <source>Listening to it</source>
            <translation>Se está escuchando</translation>
        </message>
    </context>
    <context>
        <name>upbeat::ReportDialog</name>
        <message>
            <source>the sound of the take</source>
            <translation>el sonido de la toma</translation>
        </message>
        <message>
            <source>when it was played</source>
            <translation>cuándo se tocó</translation>
        </message>
        <message>
            <source>your note on it</source>
            <translation>tu nota sobre ella</translation>
        </message>
        <message>
            <source>Report for a teacher</source>
            <translation>Informe para un profesor</translation>
        </message>
        <message>
            <source>Your name, if it should stand there</source>
            <translation>Tu nombre, si debe estar ahí</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Cancelar</translation>
        </message>
        <message>
            <source>Save the report</source>
            <translation>Guardar el informe</translation>
        </message>
        <message>
            <source>page and strokes</source>
            <translation>hoja y golpes</translation>
        </message>
        <message>
            <source>what was found and decided</source>
            <translation>lo hallado y decidido</translation>
        </message>
        <message>
            <source>your name</source>
            <translation>tu nombre</translation>
        </message>
        <message>
            <source>the sound, and what else the microphone heard</source>
            <translation>el sonido, y lo que más oyó el micrófono</translation>
        </message>
        <message>
            <source>day and hour</source>
            <translation>día y hora</translation>
        </message>
        <message>
            <source>your note</source>
            <translation>tu nota</translation>
        </message>
        <message>
            <source>In the file: %1.</source>
            <translation>En el archivo: %1.</translation>
        </message>
        <message>
            <source>One file that opens in any browser: your strokes, what was found, the sound; or, as a PDF, the same on paper. It is saved on this machine; you send it or you do not.</source>
            <translation>Un archivo que se abre en cualquier navegador: tus golpes, lo hallado, el sonido; o, como PDF, lo mismo en papel. Se guarda en este equipo; enviarlo o no es cosa tuya.</translation>
        </message>
        <message>
            <source>Web pages (*.html);;Sheets of paper (*.pdf)</source>
            <translation>Páginas web (*.html);;Hojas de papel (*.pdf)</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Review</name>
        <message>
            <source>Only a take of the log can be judged again.</source>
            <translation>Solo una toma del cuaderno se puede juzgar otra vez.</translation>
        </message>
        <message>
            <source>Judged by what is asked today; the log keeps the verdict of its day.</source>
            <translation>Juzgada por lo que se pide hoy; el cuaderno guarda el veredicto de su día.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Routine</name>
        <message>
            <source>There is nothing to plan today: everything rests.</source>
            <translation>Hoy no hay nada que planear: todo descansa.</translation>
        </message>
        <message>
            <source>%1, %2 min: %3 (%4)</source>
            <translation>%1, %L2 min: %3 (%4)</translation>
        </message>
        <message>
            <source>%1 %2 to %3</source>
            <translation>%L1 %2 a %3</translation>
        </message>
        <message>
            <source>Done for today: %1.</source>
            <translation>Hecho por hoy: %1.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SectionCompare</name>
        <message>
            <source>spread %1 ms</source>
            <translation>dispersión %L1 ms</translation>
        </message>
        <message>
            <source>too few strokes</source>
            <translation>muy pocos golpes</translation>
        </message>
        <message>
            <source>%1, tempo %2</source>
            <translation>%1, tempo %2</translation>
        </message>
        <message>
            <source>Sections</source>
            <translation>Secciones</translation>
        </message>
        <message>
            <source>start</source>
            <translation>inicio</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SectionStrip</name>
        <message>
            <source>%1, bars %2 to %3</source>
            <translation>%1, compases %2 a %3</translation>
        </message>
        <message>
            <source>Sections: %1</source>
            <translation>Secciones: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SetsPanel</name>
        <message>
            <source>will be there</source>
            <translation>estará</translation>
        </message>
        <message>
            <source>will hardly be there: a lower goal, or more minutes</source>
            <translation>difícilmente estará: una meta más baja, o más minutos</translation>
        </message>
        <message>
            <source>not sure yet</source>
            <translation>aún no es seguro</translation>
        </message>
        <message>
            <source>Sets</source>
            <translation>Conjuntos</translation>
        </message>
        <message>
            <source>Name of the set</source>
            <translation>Nombre del conjunto</translation>
        </message>
        <message>
            <source>Wanted on</source>
            <translation>Para el</translation>
        </message>
        <message>
            <source>Exercises of the set</source>
            <translation>Ejercicios del conjunto</translation>
        </message>
        <message>
            <source>new set</source>
            <translation>conjunto nuevo</translation>
        </message>
        <message>
            <source>the page on the stand in, or out</source>
            <translation>la hoja del atril dentro o fuera</translation>
        </message>
        <message>
            <source>Del</source>
            <translation>Supr</translation>
        </message>
        <message>
            <source>remove the set</source>
            <translation>quitar el conjunto</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the controls</source>
            <translation>volver a los mandos</translation>
        </message>
        <message>
            <source>New set</source>
            <translation>Conjunto nuevo</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>N makes a set: a lesson, a gig, a page of a book, and the day it is wanted on.</source>
            <translation>N hace un conjunto: una clase, una actuación, una página de un libro, y el día para el que se quiere.</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>G puts the page on the stand in.</source>
            <translation>G mete la hoja del atril.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Shelf</name>
        <message>
            <source>"%1" is gone from the list; its takes stay in the log.</source>
            <translation>«%1» ya no está en la lista; sus tomas siguen en el cuaderno.</translation>
        </message>
        <message>
            <source>"%1" is in the list now.</source>
            <translation>«%1» está ahora en la lista.</translation>
        </message>
        <message>
            <source>"%1" is in the list now. Not carried over: %2.</source>
            <translation>«%1» está ahora en la lista. No se pudo traer: %2.</translation>
        </message>
        <message>
            <source>Written to %1.</source>
            <translation>Escrito en %1.</translation>
        </message>
        <message>
            <source>Written to %1. It cannot hold: %2.</source>
            <translation>Escrito en %1. No puede contener: %2.</translation>
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
            <translation>%1, hecho</translation>
        </message>
        <message>
            <source>Enter  %1</source>
            <translation>Intro  %1</translation>
        </message>
        <message>
            <source>Esc  Done</source>
            <translation>Esc  Hecho</translation>
        </message>
        <message>
            <source>Right  Skip</source>
            <translation>Derecha  Saltar</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SoundCheckView</name>
        <message>
            <source>What is heard</source>
            <translation>Lo que se oye</translation>
        </message>
        <message>
            <source>Simulated player: nothing has to be plugged in</source>
            <translation>Intérprete simulado: no hay que conectar nada</translation>
        </message>
        <message>
            <source>too faint</source>
            <translation>demasiado débil</translation>
        </message>
        <message>
            <source>good</source>
            <translation>bien</translation>
        </message>
        <message>
            <source>your loudest</source>
            <translation>tu más fuerte</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Spine</name>
        <message>
            <source>Prepare</source>
            <translation>Preparar</translation>
        </message>
        <message>
            <source>Play</source>
            <translation>Tocar</translation>
        </message>
        <message>
            <source>Look</source>
            <translation>Mirar</translation>
        </message>
        <message>
            <source>Climb</source>
            <translation>Subir</translation>
        </message>
        <message>
            <source>Log</source>
            <translation>Cuaderno</translation>
        </message>
    </context>
    <context>
        <name>upbeat::SpreadBar</name>
        <message>
            <source>Habit: single counts that always lean. Wander: neighbours that lean together. Rest: what differs from stroke to stroke.</source>
            <translation>Hábito: lugares que siempre se inclinan. Vaivén: vecinos que se inclinan juntos. Resto: lo que cambia de golpe a golpe.</translation>
        </message>
        <message>
            <source>Spread: habit %1 %, wander %2 %, rest %3 %</source>
            <translation>Dispersión: hábito %L1 %, vaivén %L2 %, resto %L3 %</translation>
        </message>
        <message>
            <source>Where the spread comes from</source>
            <translation>De dónde viene la dispersión</translation>
        </message>
        <message>
            <source>habit</source>
            <translation>hábito</translation>
        </message>
        <message>
            <source>wander</source>
            <translation>vaivén</translation>
        </message>
        <message>
            <source>rest</source>
            <translation>resto</translation>
        </message>
    </context>
    <context>
        <name>upbeat::StagesPanel</name>
        <message>
            <source>Way of taking apart</source>
            <translation>Modo de descomponer</translation>
        </message>
        <message>
            <source>Stages</source>
            <translation>Etapas</translation>
        </message>
        <message>
            <source>Each part once more</source>
            <translation>Cada parte otra vez</translation>
        </message>
        <message>
            <source>parts as they are</source>
            <translation>partes como están</translation>
        </message>
        <message>
            <source>each: %1</source>
            <translation>cada una: %1</translation>
        </message>
    </context>
    <context>
        <name>upbeat::Stand</name>
        <message>
            <source>There is nothing to play in these bars.</source>
            <translation>En estos compases no hay nada que tocar.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::StartTrouble</name>
        <message>
            <source>Upbeat Check cannot start</source>
            <translation>Upbeat Check no puede empezar</translation>
        </message>
        <message>
            <source>Your practice folder cannot be opened. Nothing was changed in it.</source>
            <translation>Tu carpeta de estudio no se puede abrir. No se cambió nada en ella.</translation>
        </message>
        <message>
            <source>The damaged logbook can be set aside, under another name. The one of the newest backup takes its place; what was played since, or all of it where there is none, is read from the recordings. Notes are not in the recordings.</source>
            <translation>El cuaderno dañado se puede apartar con otro nombre. El de la copia más nueva ocupa su lugar; lo tocado desde entonces, o todo si no hay ninguna, se lee de las grabaciones. Las notas no están en las grabaciones.</translation>
        </message>
        <message>
            <source>Set it aside and rebuild</source>
            <translation>Apartarlo y rehacerlo</translation>
        </message>
        <message>
            <source>Another folder</source>
            <translation>Otra carpeta</translation>
        </message>
        <message>
            <source>Quit</source>
            <translation>Salir</translation>
        </message>
    </context>
    <context>
        <name>upbeat::TakeKeeper</name>
        <message>
            <source>Looking for what was played …</source>
            <translation>Buscando lo que se tocó …</translation>
        </message>
        <message>
            <source>No pass of the page was played: nothing was kept.</source>
            <translation>No se tocó ninguna vuelta de la hoja: no se guardó nada.</translation>
        </message>
        <message>
            <source>The interrupted take was saved.</source>
            <translation>La toma interrumpida se guardó.</translation>
        </message>
        <message>
            <source>Less than a bar was played in the interrupted take: nothing was kept.</source>
            <translation>En la toma interrumpida se tocó menos de un compás: no se guardó nada.</translation>
        </message>
        <message>
            <source>The lesson was interrupted: teach the kit once more.</source>
            <translation>La lección se interrumpió: enseña el kit otra vez.</translation>
        </message>
        <message>
            <source>%1 from the recordings. The damaged logbook is kept as %2.</source>
            <translation>%1 de las grabaciones. El cuaderno dañado se guarda como %2.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::TakingApart</name>
        <message>
            <source>This way has nothing to take apart here.</source>
            <translation>Este modo no tiene nada que descomponer aquí.</translation>
        </message>
        <message>
            <source>It stalls at the first part: now another way, %1. B goes back to the whole.</source>
            <translation>Se atasca en la primera parte: ahora otro modo, %1. B vuelve a todo.</translation>
        </message>
        <message>
            <source>Every part is clean: back to the whole.</source>
            <translation>Cada parte está limpia: de vuelta a todo.</translation>
        </message>
        <message>
            <source>The spot is clean: back into the whole.</source>
            <translation>El punto está limpio: de vuelta a su sitio.</translation>
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
            <translation> minutos</translation>
        </message>
        <message>
            <source>Minutes there are today</source>
            <translation>Minutos que hay hoy</translation>
        </message>
        <message>
            <source>Way of practising</source>
            <translation>Modo de estudiar</translation>
        </message>
        <message>
            <source>Loose at the beginning and at the end. A break comes after twenty minutes by itself; X in Play stops everything when something hurts.</source>
            <translation>Suelto al principio y al final. Tras veinte minutos viene un descanso por sí solo; X en Tocar lo para todo cuando algo duele.</translation>
        </message>
        <message>
            <source>Today's plan</source>
            <translation>Plan de hoy</translation>
        </message>
        <message>
            <source>Enter</source>
            <translation>Intro</translation>
        </message>
        <message>
            <source>begin, hands-free</source>
            <translation>empezar, manos libres</translation>
        </message>
        <message>
            <source>skip this block</source>
            <translation>saltar este bloque</translation>
        </message>
        <message>
            <source>+ -</source>
            <translation>+ -</translation>
        </message>
        <message>
            <source>longer, shorter</source>
            <translation>más largo, más corto</translation>
        </message>
        <message>
            <source>another exercise</source>
            <translation>otro ejercicio</translation>
        </message>
        <message>
            <source>Del</source>
            <translation>Supr</translation>
        </message>
        <message>
            <source>leave it out</source>
            <translation>dejarlo fuera</translation>
        </message>
        <message>
            <source>Esc</source>
            <translation>Esc</translation>
        </message>
        <message>
            <source>back to the controls</source>
            <translation>volver a los mandos</translation>
        </message>
    </context>
    <context>
        <name>upbeat::TwoTakesView</name>
        <message>
            <source>%1   %2, %3 at %4: %5</source>
            <translation>%1   %2, %3 a %4: %5</translation>
        </message>
        <message>
            <source>Take A</source>
            <translation>Toma A</translation>
        </message>
        <message>
            <source>Take B</source>
            <translation>Toma B</translation>
        </message>
        <message>
            <source>These are takes of two exercises: what they ask differs.</source>
            <translation>Son tomas de dos ejercicios: lo que piden es distinto.</translation>
        </message>
        <message>
            <source>They were played at two tempos: most things grow with it.</source>
            <translation>Se tocaron a dos tempos: casi todo crece con él.</translation>
        </message>
        <message>
            <source>%1 is heard from bar %2: H plays, N the other one from the same bar, [ and ] choose the bar.</source>
            <translation>%1 se oye desde el compás %2: H toca, N la otra desde el mismo compás, [ y ] eligen el compás.</translation>
        </message>
    </context>
    <context>
        <name>upbeat::VerdictBar</name>
        <message>
            <source>No take yet.</source>
            <translation>Aún ninguna toma.</translation>
        </message>
        <message>
            <source>Press Space and play.</source>
            <translation>Pulsa Espacio y toca.</translation>
        </message>
        <message>
            <source>Enter  %1</source>
            <translation>Intro  %1</translation>
        </message>
    </context>
</TS>