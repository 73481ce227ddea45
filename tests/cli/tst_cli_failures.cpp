// The command line as other people's scripts use it: exit statuses, one line on standard error, outputs that stay.
#include <sys/stat.h>

#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTest>
#include <cmath>
#include <limits>

#include "cli_room.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/music/library.h"
#include "upbeat/take/teach.h"

using namespace upbeat;
using namespace upbeat::test;

class TestCliFailures : public QObject, private CliRoom {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        const Outcome o = simulateTake();
        QVERIFY2(o.status == 0, o.err.constData());
    }

    // Small files that ask for days of work or all memory: each is a sentence.
    void hostileTakesAreASentence_data() {
        QTest::addColumn<QString>("file");
        for (const char* name : {"slow-take.mid", "far.mid", "far2.mid"})
            QTest::newRow(name) << QStringLiteral(UPBEAT_SOURCE_DIR "/tests/formats/data/") + QLatin1String(name);
    }

    void hostileTakesAreASentence() {
        QFETCH(QString, file);
        const Outcome o = run(analyze(file, {QStringLiteral("--json"), QStringLiteral("-")}));
        QCOMPARE(o.status, 3);
        QCOMPARE(o.err.count('\n'), 1);
        QVERIFY2(o.err.contains("cut it to two hours or less"), o.err.constData());
    }

    void moreBarsThanTheTakeHoldsAreRefused() {
        const Outcome o =
            run(analyze(m_take + QStringLiteral("/take.wav"), {QStringLiteral("--first-beat"), QStringLiteral("0.5"),
                                                               QStringLiteral("--bars"), QStringLiteral("100000")}));
        QCOMPARE(o.status, 2);
        QVERIFY2(o.err.contains("100000 bars do not fit"), o.err.constData());
    }

    void aTinyTempoStepIsRefused() {
        const QString page =
            bytes("tiny.txt", "id: tiny\ntempo: 40 to 80 by 0.0000001\nsnare | R.L. R.L. R.L. R.L. |\n");
        const Outcome o = run({QStringLiteral("convert"), page, path("tiny.json")});
        QCOMPARE(o.status, 3);
        QVERIFY2(o.err.contains("makes no ladder"), o.err.constData());
    }

    void librariesDoNotSpeakOnStandardError() {
        const Outcome o =
            run({QStringLiteral("teach"), QStringLiteral("--take"),
                 QStringLiteral(UPBEAT_SOURCE_DIR "/tests/formats/data/teach.wav"), QStringLiteral("--pattern"),
                 m_take + QStringLiteral("/pattern.mid"), QStringLiteral("--tempo"), QStringLiteral("90"),
                 QStringLiteral("--out"), path("k.json")});
        QCOMPARE(o.status, 3);
        QCOMPARE(o.err.count('\n'), 1);
        QVERIFY(o.err.startsWith("upbeat-check-cli: "));
    }

    void aNewlineInANameStaysOnOneLine() {
        const Outcome o = run(analyze(path("no\nsuch.wav")));
        QCOMPARE(o.status, 3);
        QCOMPARE(o.err.count('\n'), 1);
        QVERIFY2(o.err.contains("no\\x0asuch.wav"), o.err.constData());
    }

    void twoHoursAndASecondAreNotTwoHours() {
        const QString rate =
            raw("long.wav", std::vector<float>(8000 * 7201, 0.0F), 1, SF_FORMAT_WAV | SF_FORMAT_PCM_U8, 8000);
        const Outcome o = run(analyze(rate));
        QCOMPARE(o.status, 3);
        QVERIFY2(o.err.contains("2:00:01 h"), o.err.constData());
    }

    // What is no plain file is never replaced: a link is followed, a pipe takes the text, a full device is said.
    void linksPipesAndDevicesStayWhatTheyAre() {
        const auto toJson = [this](const QString& file) {
            return run(
                analyze(m_take + QStringLiteral("/take.wav"),
                        {QStringLiteral("--first-beat"), QStringLiteral("0.5"), QStringLiteral("--json"), file}));
        };
        const QString target = path("target.json");
        QVERIFY(QFile::link(target, path("link.json")));
        QCOMPARE(toJson(path("link.json")).status, 0);
        QVERIFY(QFileInfo(path("link.json")).isSymLink());
        QVERIFY(QFileInfo(target).size() > 1000);
        QVERIFY(QFile::link(QStringLiteral("/dev/null"), path("null")));
        QCOMPARE(toJson(path("null")).status, 0);
        QVERIFY(QFileInfo(path("null")).isSymLink() && !QFileInfo(QStringLiteral("/dev/null")).isFile());
        QCOMPARE(toJson(QStringLiteral("/dev/full")).status, 3);
        QCOMPARE(::mkfifo(path("pipe").toUtf8().constData(), 0600), 0);
        const Outcome noReader = toJson(path("pipe"));
        QCOMPARE(noReader.status, 3);
        QVERIFY(QFile::exists(path("pipe")) && !QFileInfo(path("pipe")).isFile());
    }

    void outputThatIsNotTakenIsAFailureToWrite() {
        QProcess process;
        process.setStandardOutputFile(QStringLiteral("/dev/full"));
        process.start(QStringLiteral(UPBEAT_BINARY_DIR "/bin/upbeat-check-cli"), {QStringLiteral("list")});
        QVERIFY(process.waitForFinished(60000));
        QCOMPARE(process.exitCode(), 3);
        const Outcome o = run(
            {QStringLiteral("convert"), QStringLiteral("paradiddle-accents"), QStringLiteral("/proc/upbeat/x.mid")});
        QCOMPARE(o.status, 3);
        QCOMPARE(run({QStringLiteral("convert"), QStringLiteral("paradiddle-accents"), path("x.pdf")}).status, 2);
    }

    void badArgumentsEndWithTwo_data() {
        QTest::addColumn<QStringList>("arguments");
        const QString wav = m_take + QStringLiteral("/take.wav");
        QTest::newRow("nothing") << QStringList{};
        QTest::newRow("unknown command") << QStringList{QStringLiteral("dance")};
        QTest::newRow("no tempo") << QStringList{QStringLiteral("analyze"), QStringLiteral("--take"), wav,
                                                 QStringLiteral("--pattern"), wav};
        QTest::newRow("unknown option") << analyze(wav, {QStringLiteral("--loud")});
        QTest::newRow("tempo is a word") << QStringList{
            QStringLiteral("analyze"), QStringLiteral("--take"), wav, QStringLiteral("--pattern"), wav,
            QStringLiteral("--tempo"), QStringLiteral("fast")};
        QTest::newRow("negative tempo") << QStringList{
            QStringLiteral("analyze"), QStringLiteral("--take"), wav, QStringLiteral("--pattern"), wav,
            QStringLiteral("--tempo"), QStringLiteral("-100")};
        QTest::newRow("tempo no number") << QStringList{
            QStringLiteral("analyze"), QStringLiteral("--take"), wav, QStringLiteral("--pattern"), wav,
            QStringLiteral("--tempo"), QStringLiteral("nan")};
        QTest::newRow("negative first beat") << analyze(wav, {QStringLiteral("--first-beat"), QStringLiteral("-1")});
        QTest::newRow("negative bars") << analyze(wav, {QStringLiteral("--bars"), QStringLiteral("-4")});
        QTest::newRow("impossible swing") << analyze(wav, {QStringLiteral("--swing"), QStringLiteral("40")});
        QTest::newRow("unknown profile") << analyze(wav, {QStringLiteral("--profile"), QStringLiteral("rock")});
        QTest::newRow("no bars to play") << QStringList{QStringLiteral("simulate"),
                                                        QStringLiteral("--exercise"),
                                                        QStringLiteral("flam-taps"),
                                                        QStringLiteral("--tempo"),
                                                        QStringLiteral("80"),
                                                        QStringLiteral("--bars"),
                                                        QStringLiteral("0"),
                                                        QStringLiteral("--seed"),
                                                        QStringLiteral("1"),
                                                        QStringLiteral("--out"),
                                                        path("x")};
    }

    void badArgumentsEndWithTwo() {
        QFETCH(QStringList, arguments);
        const Outcome o = run(arguments);
        QCOMPARE(o.status, 2);
        QVERIFY(o.out.isEmpty());
        QVERIFY2(o.err.startsWith("upbeat-check-cli: "), o.err.constData());
        QCOMPARE(o.err.count('\n'), 1);
    }

    void unreadableInputsEndWithThree_data() {
        QTest::addColumn<QString>("take");
        QTest::addColumn<QString>("pattern");
        const QString wav = m_take + QStringLiteral("/take.wav");
        const QString mid = m_take + QStringLiteral("/pattern.mid");
        QFile whole(wav);
        (void)whole.open(QIODevice::ReadOnly);
        const QByteArray content = whole.readAll();
        QTest::newRow("no such take") << path("none.wav") << mid;
        QTest::newRow("a folder") << m_take << mid;
        QTest::newRow("empty take") << bytes("empty.wav", {}) << mid;
        QTest::newRow("wrong type") << bytes("letter.wav", "Dear drummer") << mid;
        QTest::newRow("a picture") << bytes("picture.wav", QByteArray("\x89PNG\r\n\x1a\n", 8)) << mid;
        QTest::newRow("twelve channels") << raw("twelve.wav", std::vector<float>(12000, 0.1F), 12) << mid;
        QTest::newRow("0 Hz") << bytes("zero.wav", QByteArray(content).replace(24, 4, QByteArray(4, '\0'))) << mid;
        QTest::newRow("4 kHz") << raw("slow.wav", std::vector<float>(40000, 0.1F), 1, SF_FORMAT_WAV | SF_FORMAT_PCM_16,
                                      4000)
                               << mid;
        QTest::newRow("no such pattern") << wav << path("none.mid");
        QTest::newRow("empty pattern") << wav << bytes("empty.mid", {});
        QTest::newRow("truncated pattern") << wav << bytes("cut.mid", QByteArray("MThd\0\0\0\6\0\0\0\1", 12));
        QTest::newRow("pattern is a take") << wav << wav;
        QTest::newRow("overlapping strokes")
            << wav
            << bytes(
                   "clash.json",
                   R"({"format":"upbeat-check/exercise","version":1,"id":"x","strokes":[{"at":"0","voice":"snare"},{"at":"0","voice":"ride"}]})");
        QTest::newRow("negative tempo in the pattern")
            << wav
            << bytes(
                   "slow.json",
                   R"({"format":"upbeat-check/exercise","version":1,"id":"x","tempo":{"start":-5},"strokes":[{"at":"0"}]})");
    }

    void unreadableInputsEndWithThree() {
        QFETCH(QString, take);
        QFETCH(QString, pattern);
        const Outcome o = run({QStringLiteral("analyze"), QStringLiteral("--take"), take, QStringLiteral("--pattern"),
                               pattern, QStringLiteral("--tempo"), QStringLiteral("100")});
        QVERIFY2(o.status == 3, o.err.constData());
        QVERIFY(o.out.isEmpty());
        QVERIFY2(o.err.startsWith("upbeat-check-cli: "), o.err.constData());
        QCOMPARE(o.err.count('\n'), 1);
    }

    void nothingToMeasureEndsWithFour_data() {
        QTest::addColumn<QString>("take");
        QTest::newRow("silence") << raw("silence.wav", std::vector<float>(48000 * 8, 0.0F));
        QTest::newRow("shorter than a bar") << raw("short.wav", std::vector<float>(48000, 0.1F));
        QTest::newRow("no numbers") << raw("nan.wav",
                                           std::vector<float>(48000 * 8, std::numeric_limits<float>::quiet_NaN()), 1,
                                           SF_FORMAT_WAV | SF_FORMAT_FLOAT);
    }

    void nothingToMeasureEndsWithFour() {
        QFETCH(QString, take);
        const Outcome o = run(analyze(take));
        QVERIFY2(o.status == 4, o.err.constData());
        QVERIFY(o.out.isEmpty());
        QCOMPARE(o.err.count('\n'), 1);
    }

    void outputsThatCannotBeWrittenAreSaid() {
        const QString wav = m_take + QStringLiteral("/take.wav");
        for (const char* where : {"/proc/a.json", "/no/such/folder/a.json"}) {
            const Outcome o = run(analyze(wav, {QStringLiteral("--first-beat"), QStringLiteral("0.5"),
                                                QStringLiteral("--json"), QString::fromLatin1(where)}));
            QCOMPARE(o.status, 3);
            QVERIFY(o.err.contains(where));
        }
        QCOMPARE(
            run({QStringLiteral("simulate"), QStringLiteral("--exercise"), QStringLiteral("flam-taps"),
                 QStringLiteral("--tempo"), QStringLiteral("80"), QStringLiteral("--bars"), QStringLiteral("2"),
                 QStringLiteral("--seed"), QStringLiteral("1"), QStringLiteral("--out"), QStringLiteral("/proc/x")})
                .status,
            3);
    }
};

QTEST_GUILESS_MAIN(TestCliFailures)
#include "tst_cli_failures.moc"
