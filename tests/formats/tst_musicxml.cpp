#include <QTest>

#include "upbeat/formats/pattern.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"

using namespace upbeat;

namespace {

/// A small score as another program would write it; `measures` is the part's content.
std::string score(const std::string& measures, const std::string& attributes = "") {
    return "<?xml version=\"1.0\"?><!DOCTYPE score-partwise SYSTEM \"x.dtd\">"
           "<score-partwise version=\"3.1\"><movement-title>Piece</movement-title><part-list>"
           "<score-part id=\"P1\"><part-name>Flute</part-name></score-part>"
           "<score-part id=\"P2\"><part-name>Drums</part-name>"
           "<score-instrument id=\"P2-I37\"><instrument-name>Bass Drum</instrument-name></score-instrument>"
           "<midi-instrument id=\"P2-I37\"><midi-unpitched>37</midi-unpitched></midi-instrument>"
           "</score-part></part-list>"
           "<part id=\"P1\"><measure number=\"1\"><note><pitch><step>C</step><octave>5</octave></pitch>"
           "<duration>4</duration></note></measure></part>"
           "<part id=\"P2\"><measure number=\"1\"><attributes><divisions>2</divisions>"
           "<time><beats>4</beats><beat-type>4</beat-type></time>" +
           attributes + "</attributes>" + measures + "</part></score-partwise>";
}

std::string note(const char* place, int duration, const std::string& more = "") {
    const std::string step(1, place[0]);
    const std::string octave(1, place[1]);
    return "<note><unpitched><display-step>" + step + "</display-step><display-octave>" + octave +
           "</display-octave></unpitched><duration>" + std::to_string(duration) + "</duration>" + more + "</note>";
}

std::string time(int count, int unit) {
    return "<attributes><time><beats>" + std::to_string(count) + "</beats><beat-type>" + std::to_string(unit) +
           "</beat-type></time></attributes>";
}

QStringList pageRows(const Result<Converted>& converted) {
    if (!converted) return {QString::fromStdString(converted.error().sentence())};
    QStringList rows;
    for (const QString& line : QString::fromStdString(toText(converted->exercise)).split(QLatin1Char('\n')))
        if (line.contains(QLatin1Char('|'))) rows << line.simplified();
    return rows;
}

Result<Converted> read(const std::string& xml) {
    return importPattern(xml, "a.musicxml");
}

QString lossesOf(const Result<Converted>& converted) {
    QString text;
    if (converted)
        for (const std::string& loss : converted->losses) text += QString::fromStdString(loss) + QLatin1Char(';');
    return text;
}

}  // namespace

class TestMusicXml : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void everyBuiltInExerciseSurvives_data() {
        QTest::addColumn<QString>("id");
        for (const Exercise& e : builtInExercises()) QTest::newRow(e.id.c_str()) << QString::fromStdString(e.id);
    }
    void everyBuiltInExerciseSurvives() {
        QFETCH(QString, id);
        Exercise e = *builtInExercise(id.toStdString());
        const bool hasAnchors =
            std::any_of(e.strokes.begin(), e.strokes.end(), [](const Stroke& s) { return s.anchor; });
        QCOMPARE(lossesInMusicXml(e).size(), std::size_t(hasAnchors ? 1 : 0));  // they have no sign there
        for (Stroke& s : e.strokes) s.anchor = false;
        const auto back = read(toMusicXml(e));
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QVERIFY2(back->losses.empty(), qPrintable(lossesOf(back)));
        QCOMPARE(toText(back->exercise), toText(e));
        QCOMPARE(back->exercise, e);
        const auto packed = packMxl(toMusicXml(e));
        QVERIFY(packed.has_value());
        QCOMPARE(importPattern(*packed, "a.mxl")->exercise, e);
    }

    void freeSpansAndWordsSurvive() {
        Exercise e = *builtInExercise("crescendo-bar");
        e.freeSpans = {{Beats(2), Beats(3)}};
        e.counting = Counting::Numbers;
        e.words[4] = {"", "ta", "ti", "ta"};
        QCOMPARE(read(toMusicXml(e))->exercise, e);
    }

    void whatItCannotHoldIsListed() {
        Exercise e = *builtInExercise("crescendo-bar");
        e.strokes.front().anchor = true;
        e.swells.front().fromDb = -17.3;
        QCOMPARE(lossesInMusicXml(e).size(), std::size_t{2});
    }

    /// A crescendo into a f that falls to pp at once; in our own files their ends are kept.
    void writtenDynamicsSurvive() {
        Exercise e = *builtInExercise("singles-sixteenths");
        e.swells = {{Beats(0), Beats(1), -20, -8}, {Beats(1), Beats(2), -8, -8}, {Beats(2), Beats(7, 2), -24, -24}};
        QVERIFY(lossesInMusicXml(e).empty());
        const auto back = read(toMusicXml(e));
        QCOMPARE(back->exercise, e);
        QVERIFY2(back->losses.empty(), qPrintable(lossesOf(back)));
        const auto lone =
            read(score("<direction><direction-type><dynamics><mf/></dynamics></direction-type></direction>" +
                       note("C5", 8) + "</measure>"));
        QVERIFY(lossesOf(lone).contains(QStringLiteral("stand alone")));
    }

    void scoresOfOtherProgramsAreRead() {
        const auto converted = read(score(
            note("C5", 2, "<notehead parentheses=\"yes\">normal</notehead>") +
            note("C5", 1, "<notations><articulations><accent/></articulations></notations>") +
            "<note><rest/><duration>1</duration></note>" + note("G5", 4, "<notehead>x</notehead>") +
            "<backup><duration>4</duration></backup>" + note("F4", 4, "<instrument id=\"P2-I37\"/>") + "</measure>"));
        QCOMPARE(pageRows(converted),
                 (QStringList{"snare | (R) >L . . |", "bass drum | . . F . |", "hi-hat | . . R . |"}));
        QCOMPARE(converted->exercise.title, std::string("Piece"));
    }

    /// Written by a converter from Debian out of a page of its own kind: rests and tuplets over the bar line, no
    /// voices.
    void aFileFromAnotherProgramIsRead() {
        const auto converted =
            importPattern(std::filesystem::path(UPBEAT_SOURCE_DIR "/tests/formats/data/converter.musicxml"));
        QCOMPARE(pageRows(converted), (QStringList{"pad | >RL R LR | L RL RLR>L | R L R |"}));
    }

    /// Written by a notation program from Debian out of our MIDI files: drums are pitches on channel 10, neither level
    /// nor hand is there.
    void aNotationProgramsDrumsAreRead_data() {
        QTest::addColumn<QString>("file");
        QTest::addColumn<QStringList>("rows");
        QTest::newRow("a groove") << QStringLiteral("notation-backbeat")
                                  << QStringList{"snare | ...R L..R .R.. R..L |", "bass drum | F .F .F . |",
                                                 "hi-hat | RL RL LL LR |"};
        QTest::newRow("meters") << QStringLiteral("notation-meters")
                                << QStringList{"snare | . R..L ...R LL.L | . . R . . R . | LRLR LRLR LRLR LRLR |",
                                               "bass drum | F . .F F | F . . F . . F | F F F F |",
                                               "hi-hat | RL LR RL RR | R L L R L L R | . . . . |"};
    }
    void aNotationProgramsDrumsAreRead() {
        QFETCH(QString, file);
        QFETCH(QStringList, rows);
        const std::filesystem::path folder(UPBEAT_SOURCE_DIR "/tests/formats/data");
        const auto converted = importPattern(folder / (file.toStdString() + ".musicxml"));
        QCOMPARE(pageRows(converted), rows);
        QVERIFY2(converted->losses.empty(), qPrintable(lossesOf(converted)));
    }

    void stickingGraceNotesAndTremolosAreRead() {
        const std::string grace =
            "<note><grace/><unpitched><display-step>C</display-step><display-octave>5</display-octave></unpitched></"
            "note>";
        const auto converted = read(score(
            grace + grace + note("C5", 2, "<lyric><text>L</text></lyric>") +
            note("C5", 2, "<notations><ornaments><tremolo type=\"single\">2</tremolo></ornaments></notations>") +
            note("C5", 2, "<notations><ornaments><tremolo type=\"single\">3</tremolo></ornaments></notations>") +
            note("C5", 2, "<notations><technical><fingering>R</fingering></technical></notations>") + "</measure>"));
        QCOMPARE(pageRows(converted), (QStringList{"snare | dL RLRL zR R |"}));
    }

    void dynamicsWedgesTempoAndSwingAreRead() {
        const auto direction = [](const std::string& type, const std::string& more = "") {
            return "<direction><direction-type>" + type + "</direction-type>" + more + "</direction>";
        };
        const auto converted =
            read(score(direction("<words>x</words>",
                                 "<sound "
                                 "tempo=\"120\"><swing><first>2</first><second>1</second><swing-type>eighth</"
                                 "swing-type></swing></sound>") +
                       direction("<dynamics><p/></dynamics>") + direction("<wedge type=\"crescendo\"/>") +
                       note("C5", 4) + direction("<wedge type=\"stop\"/>") + direction("<dynamics><f/></dynamics>") +
                       note("C5", 4) + "</measure>"));
        QVERIFY(converted.has_value());
        const Exercise& e = converted->exercise;
        QCOMPARE(e.tempo.goal, 120.0);
        QCOMPARE(e.feel, (Feel{SwingLevel::Eighth, 2.0, false}));
        QCOMPARE(e.swells, (std::vector<Swell>{{Beats(0), Beats(2), -20, -8}}));
    }

    void repeatsAndEndingsAreWrittenOut() {
        const std::string forward = "<barline location=\"left\"><repeat direction=\"forward\"/></barline>";
        const std::string back =
            "<barline location=\"right\"><ending number=\"1\" type=\"stop\"/><repeat "
            "direction=\"backward\"/></barline>";
        const auto converted =
            read(score(forward + note("C5", 8) +
                       "</measure><measure number=\"2\"><barline location=\"left\"><ending number=\"1\" "
                       "type=\"start\"/></barline>" +
                       note("C5", 4) + note("C5", 4) + back +
                       "</measure><measure number=\"3\"><barline location=\"left\"><ending number=\"2\" "
                       "type=\"start\"/></barline>" +
                       note("F4", 8, "<instrument id=\"P2-I37\"/>") +
                       "<barline location=\"right\"><ending number=\"2\" type=\"stop\"/></barline></measure>"));
        QCOMPARE(pageRows(converted), (QStringList{"snare | R . . . | L . R . | L . . . | . . . . |",
                                                   "bass drum | . . . . | . . . . | . . . . | F . . . |"}));
    }

    /// A repeat leads back to the meter that was written there.
    void theMeterChangesWithTheMeasure() {
        const std::string repeat = "<barline location=\"left\"><repeat direction=\"forward\"/></barline>";
        const auto converted =
            read(score(note("C5", 8) + "</measure><measure number=\"2\">" + repeat + note("C5", 4) +
                       note("F4", 4, "<instrument id=\"P2-I37\"/>") + "</measure><measure number=\"3\">" + time(3, 8) +
                       note("C5", 3) + "<barline><repeat direction=\"backward\"/></barline></measure>"));
        QCOMPARE(pageRows(converted), (QStringList{"snare | R . . . | L . . . | R . . | L . . . | R . . |",
                                                   "bass drum | . . . . | . . F . | . . . | . . F . | . . . |"}));
        QCOMPARE(metersOf(converted->exercise), (std::vector<Meter>{{4, 4}, {4, 4}, {3, 8}, {4, 4}, {3, 8}}));
        const auto again = read(toMusicXml(converted->exercise));
        QCOMPARE(again->exercise.meterChanges, converted->exercise.meterChanges);
        QCOMPARE(again->exercise.strokes, converted->exercise.strokes);
    }

    void aPickupStandsAtTheEndOfItsBar() {
        auto xml = score(note("C5", 2) + "</measure><measure number=\"1\">" + note("C5", 8) + "</measure>");
        const auto at = xml.find("<measure number=\"1\"><attributes>");
        xml.replace(at, 20, "<measure number=\"0\" implicit=\"yes\">");
        const auto converted = read(xml);
        QCOMPARE(pageRows(converted), (QStringList{"snare | . . . R | L . . . |"}));
        QVERIFY(lossesOf(converted).contains(QStringLiteral("pickup")));
    }

    /// Beats divided by 59 and 113 and more: no length of it may become less than nothing (found by fuzzing).
    void aPageThatHardlyAnyGridHoldsIsWritten_data() {
        QTest::addColumn<QString>("file");
        for (const char* file : {"uneven-beats.txt", "uneven-beats-2.txt"})
            QTest::newRow(file) << QString::fromLatin1(file);
    }
    void aPageThatHardlyAnyGridHoldsIsWritten() {
        QFETCH(QString, file);
        const auto read =
            importPattern(std::filesystem::path(UPBEAT_SOURCE_DIR "/tests/fuzz/corpus/") / file.toStdString());
        QVERIFY(read.has_value());
        const QString score = QString::fromStdString(toMusicXml(read->exercise));
        const auto divisions = score.section(QStringLiteral("<divisions>"), 1).section(QLatin1Char('<'), 0, 0);
        QVERIFY2(divisions.toLongLong() > 0 && divisions.toLongLong() <= 1'000'000'000, qPrintable(divisions));
        QVERIFY(score.contains(QStringLiteral("<duration>")) && !score.contains(QStringLiteral("<duration>-")));
    }

    void badScoresSayWhatIsWrong_data() {
        QTest::addColumn<QByteArray>("xml");
        QTest::addColumn<QString>("what");
        const auto row = [](const char* name, const std::string& xml, const char* what) {
            QTest::newRow(name) << QByteArray::fromStdString(xml) << QString::fromLatin1(what);
        };
        row("cut off", score(note("C5", 8)).substr(0, 900), "damaged");
        row("no score", "<html></html>", "not MusicXML");
        row("timewise", "<score-timewise/>", "timewise");
        row("no drums", "<score-partwise><part id='P'><measure/></part></score-partwise>", "no percussion");
        row("too long a bar", score(note("C5", 9) + "</measure>"), "measure 1");
        row("no length", score(note("C5", -3) + "</measure>"), "no length");
        row("endless", score(note("C5", 8) + "<forward><duration>99999999999999999999</duration></forward></measure>"),
            "length");
        row("divisions of nothing", score(note("C5", 8) + "</measure>", "<divisions>0</divisions>"), "");
        row("an odd meter later", score(note("C5", 8) + "</measure><measure number=\"2\">" + time(3, 7) + "</measure>"),
            "measure 2: the meter is not supported");
        row("empty", "<?xml version=\"1.0\"?>", "damaged");
        row("only rests",
            score(note("C5", 8).substr(0, 0) + "<note><unpitched/><rest/><duration>8</duration></note></measure>"),
            "no stroke");
        row("not a zip", "PK\x03\x04 nothing", "damaged");
    }
    void badScoresSayWhatIsWrong() {
        QFETCH(QByteArray, xml);
        QFETCH(QString, what);
        const auto converted = read(xml.toStdString());
        if (what.isEmpty()) return;
        QVERIFY(!converted.has_value());
        const QString sentence = QString::fromStdString(converted.error().sentence());
        QVERIFY2(sentence.contains(what) && sentence.contains(QStringLiteral("a.musicxml")), qPrintable(sentence));
    }

    void everyBeginningOfAScoreIsSurvived() {
        const std::string xml = toMusicXml(*builtInExercise("groove-funk-ghosts"));
        const std::string packed = *packMxl(xml);
        for (std::size_t length = 0; length < xml.size(); length += 37) (void)read(xml.substr(0, length));
        for (std::size_t length = 0; length < packed.size(); length += 11)
            QVERIFY(!read(packed.substr(0, length)).has_value());
    }
};

QTEST_APPLESS_MAIN(TestMusicXml)
#include "tst_musicxml.moc"
