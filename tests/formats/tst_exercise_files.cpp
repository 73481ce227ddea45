#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTemporaryDir>
#include <QTest>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/character_json.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/formats/limits_json.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/music/library.h"

using namespace upbeat;

namespace {

const char* const kGood =
    R"({"format":"upbeat-check/exercise","version":1,"id":"x","title":"X","meter":{"count":4,"unit":4},
"bars":1,"feel":{"swing":"none","ratio":1},"tempo":{"start":60,"goal":100,"step":4},
"strokes":[{"at":"0","voice":"pad","limb":"right","level":"tap"},{"at":"1/3","voice":"pad","limb":"left","level":"ghost"}]})";

QString errorOf(const QByteArray& text) {
    const auto read = exerciseFromJson(text.toStdString(), "e.json");
    return read ? QString() : QString::fromStdString(read.error().sentence());
}

QByteArray changed(const char* from, const char* to) {
    return QByteArray(kGood).replace(from, to);
}

}  // namespace

class TestExerciseFiles : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void swellsAndTheSwingCurveSurviveTheFile() {
        Exercise e = *builtInExercise("swung-ride");
        e.feel.byTempo = true;
        e.swells = {{Beats(0), Beats(7, 2), -20, 0}};
        e.freeSpans = {{Beats(2), Beats(3)}};
        e.counting = Counting::Numbers;
        e.words[3] = {"", "la", "li"};
        e.strokes.back().anchor = true;
        e.placements = {{std::nullopt, -2.5, true}, {Voice::Ride, 8, false}};
        e.twoLevels = true;
        const auto back = exerciseFromJson(toJson(e), "e.json");
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QCOMPARE(*back, e);
        e.swells = {{Beats(2), Beats(1), -20, 0}};
        QVERIFY(!exerciseFromJson(toJson(e), "e.json").has_value());
        e.swells = {{Beats(0), Beats(1), -6, 20}};
        const auto loud = exerciseFromJson(toJson(e), "e.json");
        QVERIFY(!loud && loud.error().sentence().find("louder or softer") != std::string::npos);
    }

    void whatIsAskedBesideTheClickSurvivesEveryFile_data() {
        QTest::addColumn<QString>("name");
        for (const char* name : {"page.json", "page.txt", "page.musicxml", "page.mxl", "page.mid"})
            QTest::newRow(name) << QString::fromLatin1(name);
    }
    void whatIsAskedBesideTheClickSurvivesEveryFile() {
        QFETCH(QString, name);
        Exercise e = *builtInExercise("ghosted-backbeat");
        e.placements = {{std::nullopt, -1.5, true}, {Voice::Snare, 8, false}};
        e.twoLevels = true;
        const QTemporaryDir dir;
        const std::string file = dir.filePath(name).toStdString();
        QVERIFY(exportPattern(file, e).has_value());
        const auto back = readPattern(file);
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QCOMPARE(back->placements, e.placements);
        QVERIFY(back->twoLevels);
    }
    void aPlacementThatCannotBeAskedIsRefused() {
        Exercise e = *builtInExercise("ghosted-backbeat");
        e.placements = {{Voice::Snare, 200, false}};
        const auto far = exerciseFromJson(toJson(e), "e.json");
        QVERIFY(!far && far.error().sentence().find("200 ms behind") != std::string::npos);
    }

    void limitsComeBackTheSame() {
        LimitSet set{"For the band", {{GateKind::Spread, 9}}, {{"paradiddle", {{GateKind::AccentTapGap, 12}}}}};
        QCOMPARE(*limitSetFromJson(toJson(set), "l.json"), set);
        QCOMPARE(*limitSetFromJson(toJson(LimitSet()), "l.json"), LimitSet());
    }
    void limitsThatCannotBeAreRefused_data() {
        QTest::addColumn<QByteArray>("limits");
        QTest::addColumn<QString>("says");
        QTest::newRow("gate") << QByteArray(R"({"spred": 8})") << QStringLiteral("spred");
        QTest::newRow("range") << QByteArray(R"({"spread": 800})") << QStringLiteral("800");
        QTest::newRow("text") << QByteArray(R"({"spread": "eight"})") << QStringLiteral("spread");
        QTest::newRow("list") << QByteArray("[8]") << QStringLiteral("limits");
    }
    void limitsThatCannotBeAreRefused() {
        QFETCH(QByteArray, limits);
        QFETCH(QString, says);
        for (const char* frame : {R"({"format":"upbeat-check/limits","version":1,"limits":%})",
                                  R"({"format":"upbeat-check/limits","version":1,"exercises":{"x":%}})"}) {
            const auto read = limitSetFromJson(QByteArray(frame).replace("%", limits).toStdString(), "l.json");
            QVERIFY(!read);
            const QString sentence = QString::fromStdString(read.error().sentence());
            QVERIFY2(sentence.contains(says) || says == QStringLiteral("limits"), qPrintable(sentence));
        }
        QVERIFY(ownLimitsFromJson(limits.toStdString()).empty());
    }

    void everyBuiltInExerciseComesBackTheSame_data() {
        QTest::addColumn<QString>("id");
        for (const Exercise& e : builtInExercises()) QTest::newRow(e.id.c_str()) << QString::fromStdString(e.id);
    }
    void everyBuiltInExerciseComesBackTheSame() {
        QFETCH(QString, id);
        const Exercise e = *builtInExercise(id.toStdString());
        const auto back = exerciseFromJson(toJson(e), "memory");
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QCOMPARE(*back, e);
    }

    void theDemosExercisesAreGood() {
        for (const char* name : {"ferry-shuffle", "quay-train", "lantern-waltz", "pad-flams"}) {
            const auto read = readExercise(std::string(UPBEAT_SOURCE_DIR "/demodata/exercises/") + name + ".json");
            QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
            QCOMPARE(read->id, std::string(name));
        }
    }

    void badFilesGetOneSentence_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("part");
        QTest::newRow("empty") << QByteArray() << "not JSON";
        QTest::newRow("no JSON") << QByteArray("hello") << "not JSON (line 1)";
        QTest::newRow("broken off") << QByteArray(kGood).left(120) << "not JSON";
        QTest::newRow("a list") << QByteArray("[1,2]") << "not an exercise";
        QTest::newRow("a number") << QByteArray("3") << "not an exercise";
        QTest::newRow("null") << QByteArray("null") << "not an exercise";
        QTest::newRow("another format") << changed("upbeat-check/exercise", "other/thing") << "not an exercise";
        QTest::newRow("newer") << changed("\"version\":1", "\"version\":99") << "newer";
        QTest::newRow("no id") << changed("\"id\":\"x\",", "") << "\"id\" is missing";
        QTest::newRow("title is a number") << changed("\"title\":\"X\"", "\"title\":7") << "\"title\" is not a text";
        QTest::newRow("negative tempo") << changed("\"start\":60", "\"start\":-3") << "out of range";
        QTest::newRow("infinite tempo") << changed("\"start\":60", "\"start\":1e999") << "e.json";
        QTest::newRow("tempo is a text") << changed("\"start\":60", "\"start\":\"fast\"")
                                         << "\"tempo.start\" is not a number";
        QTest::newRow("half a bar") << changed("\"bars\":1", "\"bars\":0.5") << "not a whole number";
        QTest::newRow("too many bars") << changed("\"bars\":1", "\"bars\":999") << "999 bars";
        QTest::newRow("odd meter") << changed("\"unit\":4", "\"unit\":5") << "meter 4/5";
        QTest::newRow("unknown voice") << changed("\"voice\":\"pad\",\"limb\":\"left\"",
                                                  "\"voice\":\"gong\",\"limb\":\"left\"")
                                       << "\"strokes[1].voice\" \"gong\" is not known";
        QTest::newRow("bad position") << changed("\"1/3\"", "\"1/0\"") << "strokes[1].at";
        QTest::newRow("outside the phrase") << changed("\"1/3\"", "\"9\"") << "outside the phrase";
        QTest::newRow("overlapping strokes") << changed("\"at\":\"1/3\",\"voice\":\"pad\",\"limb\":\"left\"",
                                                        "\"at\":\"0\",\"voice\":\"snare\",\"limb\":\"right\"")
                                             << "fall together";
        QTest::newRow("no strokes") << QByteArray(kGood).left(QByteArray(kGood).indexOf("[{")) + "[]}"
                                    << "no stroke is written";
        QTest::newRow("strokes are a text") << QByteArray(kGood).left(QByteArray(kGood).indexOf("[{")) + "\"none\"}"
                                            << "not a list";
        QTest::newRow("part of nothing") << changed("\"id\":\"x\",", "\"id\":\"x\",\"part_of\":{\"exercise\":\"y\"},")
                                         << "does not say which part";
        QTest::newRow("part of no way") << changed("\"id\":\"x\",",
                                                   "\"id\":\"x\",\"part_of\":{\"exercise\":\"y\","
                                                   "\"stage\":{\"method\":\"hope\"}},")
                                        << "\"part_of.stage.method\" \"hope\" is not known";
        QTest::newRow("nested deeply") << QByteArray(200, '[') + QByteArray(200, ']') << "nested too deeply";
    }
    void badFilesGetOneSentence() {
        QFETCH(QByteArray, text);
        QFETCH(QString, part);
        const QString error = errorOf(text);
        QVERIFY2(error.contains(part), qPrintable(error));
        QVERIFY2(error.startsWith(QStringLiteral("e.json")), qPrintable(error));
        QCOMPARE(error.count(QLatin1Char('\n')), 0);
        QVERIFY(error.endsWith(QLatin1Char('.')));
    }

    void everyBrokenPrefixIsRefusedWithoutACrash() {
        const QByteArray good(kGood);
        QVERIFY(errorOf(good).isEmpty());
        for (qsizetype length = 0; length < good.size() - 1; ++length) QVERIFY(!errorOf(good.left(length)).isEmpty());
    }

    void everyFlippedByteIsReadOrRefused() {
        const QByteArray good(kGood);
        for (qsizetype i = 0; i < good.size(); ++i)
            for (const char flip : {'\x01', '\x20', '\x7f'}) {
                QByteArray bad = good;
                bad[i] = static_cast<char>(bad[i] ^ flip);
                const auto read = exerciseFromJson(bad.toStdString(), "e.json");
                if (read) QVERIFY(check(*read).has_value());
            }
    }

    void writingIsAllOrNothing() {
        QTemporaryDir dir;
        const std::string path = dir.filePath(QStringLiteral("a.json")).toStdString();
        QVERIFY(writeExercise(path, builtInExercises().front()).has_value());
        QVERIFY(writeExercise(path, builtInExercises().back()).has_value());
        QCOMPARE(*readExercise(path), builtInExercises().back());
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1);
        const auto failed =
            writeFileAtomically(dir.filePath(QStringLiteral("no/such/folder/a.json")).toStdString(), "x");
        QVERIFY(!failed);
        QVERIFY(QString::fromStdString(failed.error().sentence()).contains(QStringLiteral("cannot be written")));
    }

    void aFullDiskLeavesTheOldFile() {
        if (!QFile::exists(QStringLiteral("/dev/full"))) QSKIP("no /dev/full here");
        // Renaming onto a directory fails after the text was written: the same way out as a full disk.
        QTemporaryDir dir;
        QDir(dir.path()).mkdir(QStringLiteral("target"));
        QFile keep(dir.filePath(QStringLiteral("target/keep")));
        QVERIFY(keep.open(QIODevice::WriteOnly));
        const auto failed = writeFileAtomically(dir.filePath(QStringLiteral("target")).toStdString(), "x");
        QVERIFY(!failed);
        QVERIFY(QFile::exists(keep.fileName()));
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 0);
    }

    void missingAndOversizedFilesAreRefused() {
        QVERIFY(!readFile("/no/such/file"));
        QVERIFY(!readFile("/tmp"));
        QTemporaryDir dir;
        QFile big(dir.filePath(QStringLiteral("big")));
        QVERIFY(big.open(QIODevice::WriteOnly));
        big.resize(3 << 20);
        big.close();
        const auto read = readFile(big.fileName().toStdString(), 1U << 20U);
        QVERIFY(!read);
        QVERIFY(QString::fromStdString(read.error().sentence()).contains(QStringLiteral("larger than 1 MB")));
    }

    void patternsAreToldApartByContent() {
        QTemporaryDir dir;
        const auto put = [&dir](const QString& name, const QByteArray& bytes) {
            QFile f(dir.filePath(name));
            (void)f.open(QIODevice::WriteOnly);
            f.write(bytes);
            return f.fileName().toStdString();
        };
        QVERIFY(readPattern(put(QStringLiteral("a.anything"), kGood)).has_value());
        QVERIFY(!readPattern(put(QStringLiteral("empty"), {})));
        const auto xml = readPattern(put(QStringLiteral("a.musicxml"), "<?xml version=\"1.0\"?>"));
        QVERIFY(!xml && xml.error().what.said().find("XML") != std::string::npos);
        QVERIFY(patternByNameOrFile("flam-taps").has_value());
        QVERIFY(!patternByNameOrFile("no-such-exercise"));
    }

    void strokesWithoutACommonGridAreRefused() {
        const auto at = [](const char* place) { return errorOf(changed("\"1/3\"", place)); };
        QVERIFY2(at("\"1/30011\"").contains(QStringLiteral("no common grid")), qPrintable(at("\"1/30011\"")));
        QVERIFY(at("\"1/4999\"").isEmpty());
        QVERIFY(at("\"1/4999\",\"voice\":\"pad\",\"limb\":\"left\"},{\"at\":\"1/5003\"")
                    .contains(QStringLiteral("no common grid")));
    }

    void namesThatAreNoTextBecomeText() {
        const auto read = importPattern("title: caf\xC3\xA9 \xFF\xED\xA0\x80 \x01\npad | R L R L |\n", "a.txt");
        QVERIFY(read.has_value());
        QCOMPARE(read->exercise.title, std::string("caf\xC3\xA9 ???? ?"));
        const std::string bytes(20, '\xB2');  // three times as long once they are JSON
        const auto counted = importPattern("count: one " + bytes + "\npad | R L R L |\n", "a.txt");
        QCOMPARE(counted->exercise.words.at(2).back(), std::string(20, '?'));
        QVERIFY(exerciseFromJson(toJson(counted->exercise), "a.json").has_value());
        const auto section = importPattern("section: \x02" + bytes + " from bar 1\npad | R L R L |\n", "a.txt");
        QVERIFY(section.has_value());
        QCOMPARE(section->exercise.sections.front().name, std::string(21, '?'));
        QVERIFY(exerciseFromJson(toJson(section->exercise), "a.json").has_value());
        QVERIFY(!importPattern("title: " + std::string(2000, 'x') + "\npad | R L R L |\n", "a.txt").has_value());
        const auto unknown = importPattern("no exercise at all", "a.bin");
        QVERIFY(!unknown && unknown.error().sentence().find("a.bin") != std::string::npos);
    }

    void theSchemaNamesWhatTheWriterWrites() {
        QFile file(QStringLiteral(UPBEAT_SOURCE_DIR "/docs/formats/exercise.schema.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QJsonObject schema = QJsonDocument::fromJson(file.readAll()).object();
        const QJsonObject written =
            QJsonDocument::fromJson(QByteArray::fromStdString(toJson(builtInExercises().back()))).object();
        const QJsonObject properties = schema[QStringLiteral("properties")].toObject();
        for (const QString& key : written.keys()) QVERIFY2(properties.contains(key), qPrintable(key));
        for (const QJsonValue required : schema[QStringLiteral("required")].toArray())
            QVERIFY2(written.contains(required.toString()), qPrintable(required.toString()));
    }

    // ---- characters
    void aPartOfAnExerciseSaysOfWhat_data() {
        QTest::addColumn<Origin>("origin");
        QTest::addColumn<QString>("id");
        QTest::newRow("spot") << Origin{"clave", Span{2, Beats(3), Beats(4)}} << "clave~2.3";
        QTest::newRow("bars") << Origin{"clave", BarRange{2, 3}} << "clave~bars.2-3";
        QTest::newRow("stage") << Origin{"clave", StageNumber{Method::KeepAndGrow, {}, 4}} << "clave~keep-grow.4";
        QTest::newRow("in stages") << Origin{"clave", StageNumber{Method::Chunks, Method::Grow, 12}}
                                   << "clave~chunks+grow.12";
        QTest::newRow("lesson") << Origin{"clave", KitLesson{}} << "clave~kit";
    }
    void aPartOfAnExerciseSaysOfWhat() {
        QFETCH(const Origin, origin);
        QFETCH(const QString, id);
        Exercise e = *builtInExercise("paradiddle-accents");
        markAsPart(e, origin);
        QCOMPARE(QString::fromStdString(e.id), id);
        QCOMPARE(wholeIdOf(e), std::string("clave"));
        QCOMPARE(isLesson(e), id.endsWith(QLatin1String("kit")));
        const auto back = exerciseFromJson(toJson(e), "test");
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QCOMPARE(*back, e);
        // Files of older versions have the id alone.
        e.origin.reset();
        const auto old = exerciseFromJson(toJson(e), "test");
        QCOMPARE(*old->origin, origin);
    }

    void anIdThatOnlyLooksLikeAPartIsAPageOfItsOwn() {
        for (const char* id : {"clave", "clave~", "clave~7", "clave~0.1", "clave~bars.2", "clave~bars.0-1",
                               "clave~hope.1", "clave~grow+hope.1", "clave~grow.99999999999", "~"})
            QVERIFY2(!originOfOldId(id), id);
    }

    void charactersComeBackTheSame() {
        Character c;
        c.placementMs = -4.5;
        c.swingRatio = 1.8;
        c.relativeDb = {-19, -9, 0};
        c.habits = {{Beats(7, 4), Limb::LeftHand, Voice::Snare, Level::Ghost, -12, 3, 0.5}, {}};
        QCOMPARE(*characterFromJson(toJson(c), "memory"), c);
    }

    void badCharactersGetOneSentence_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::newRow("not JSON") << QByteArray("{");
        QTest::newRow("another format") << QByteArray("{\"format\":\"x\"}");
        QTest::newRow("newer") << QByteArray("{\"format\":\"upbeat-check/character\",\"version\":2}");
        QTest::newRow("negative spread") << QByteArray("{\"format\":\"upbeat-check/character\",\"spread_ms\":-1}");
        QTest::newRow("unknown limb") << QByteArray(
            "{\"format\":\"upbeat-check/character\",\"habits\":[{\"limb\":\"tail\"}]}");
        QTest::newRow("habits no list") << QByteArray("{\"format\":\"upbeat-check/character\",\"habits\":5}");
    }
    void badCharactersGetOneSentence() {
        QFETCH(QByteArray, text);
        const auto read = characterFromJson(text.toStdString(), "c.json");
        QVERIFY(!read);
        QVERIFY(QString::fromStdString(read.error().sentence()).startsWith(QStringLiteral("c.json")));
    }
};

QTEST_APPLESS_MAIN(TestExerciseFiles)
#include "tst_exercise_files.moc"
