// The command line as other people's scripts use it: arguments, exit statuses, one line on standard error.
#include <sys/stat.h>

#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <limits>
#include <sndfile.hh>

#include "upbeat/formats/exercise_json.h"
#include "upbeat/music/library.h"
#include "upbeat/take/teach.h"

using namespace upbeat;

namespace {

struct Outcome {
    int status = -1;
    QByteArray out;
    QByteArray err;

    [[nodiscard]] QJsonObject json() const { return QJsonDocument::fromJson(out).object(); }
};

Outcome run(const QStringList& arguments) {
    QProcess process;
    process.start(QStringLiteral(UPBEAT_BINARY_DIR "/bin/upbeat-check-cli"), arguments);
    if (!process.waitForFinished(120000)) return {};
    return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -2, process.readAllStandardOutput(),
            process.readAllStandardError()};
}

}  // namespace

class TestCli : public QObject {
    Q_OBJECT

    QTemporaryDir m_dir;
    QString m_take;

    [[nodiscard]] QString path(const char* name) const { return m_dir.filePath(QString::fromLatin1(name)); }
    [[nodiscard]] QStringList analyze(const QString& take, const QStringList& more = {}) const {
        return QStringList{QStringLiteral("analyze"),
                           QStringLiteral("--take"),
                           take,
                           QStringLiteral("--pattern"),
                           m_take + QStringLiteral("/pattern.mid"),
                           QStringLiteral("--tempo"),
                           QStringLiteral("100")} +
               more;
    }
    QString raw(const char* name, const std::vector<float>& samples, int channels = 1,
                int format = SF_FORMAT_WAV | SF_FORMAT_PCM_16, int rate = 48000) const {
        SndfileHandle file(path(name).toStdString(), SFM_WRITE, format, channels, rate);
        file.write(samples.data(), static_cast<sf_count_t>(samples.size()));
        return path(name);
    }
    QString bytes(const char* name, const QByteArray& content) const {
        QFile file(path(name));
        (void)file.open(QIODevice::WriteOnly);
        file.write(content);
        return file.fileName();
    }

  private Q_SLOTS:
    void initTestCase() {
        m_take = path("take");
        const Outcome o =
            run({QStringLiteral("simulate"), QStringLiteral("--exercise"), QStringLiteral("paradiddle-accents"),
                 QStringLiteral("--tempo"), QStringLiteral("100"), QStringLiteral("--bars"), QStringLiteral("8"),
                 QStringLiteral("--seed"), QStringLiteral("5"), QStringLiteral("--out"), m_take});
        QVERIFY2(o.status == 0, o.err.constData());
        QVERIFY(o.out.isEmpty());
        for (const char* file : {"/take.wav", "/pattern.mid", "/truth.json"})
            QVERIFY(QFile::exists(m_take + QLatin1String(file)));
    }

    void aMidiTakeIsMeasuredWithItsVoices() {
        // The pattern itself, played by a machine: on time at the pattern's own start tempo.
        const Outcome first =
            run(analyze(m_take + QStringLiteral("/pattern.mid"), {QStringLiteral("--json"), QStringLiteral("-")}));
        QVERIFY2(first.status == 0, first.err.constData());
        const QJsonObject measures = first.json()[QStringLiteral("measures")].toObject();
        QVERIFY(measures[QStringLiteral("groups")].isArray());
        QVERIFY(measures[QStringLiteral("counts")].toObject()[QStringLiteral("written")].toInt() >= 16);
        const QJsonObject hit = first.json()[QStringLiteral("hits")].toArray().first().toObject();
        QVERIFY(!hit[QStringLiteral("voice")].toString().isEmpty());
        const Outcome broken = run(analyze(bytes("broken.mid", "MThd nothing")));
        QCOMPARE(broken.status, 3);
        QVERIFY(broken.err.contains("broken.mid"));
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

    // A lesson, and a groove on the same kit: the seed chooses kit and player.
    void aTaughtKitTellsDrumsApart() {
        const auto simulate = [&](const QString& exercise, const QString& tempo, const QString& bars,
                                  const QString& out) {
            return run({QStringLiteral("simulate"), QStringLiteral("--exercise"), exercise, QStringLiteral("--tempo"),
                        tempo, QStringLiteral("--bars"), bars, QStringLiteral("--seed"), QStringLiteral("31"),
                        QStringLiteral("--out"), out});
        };
        const Exercise lesson = teachingExercise(*builtInExercise("ghosted-backbeat"));
        const QString page = bytes("lesson.json", QByteArray::fromStdString(toJson(lesson)));
        QCOMPARE(simulate(page, QStringLiteral("90"), QStringLiteral("6"), path("lesson")).status, 0);
        QCOMPARE(simulate(QStringLiteral("ghosted-backbeat"), QStringLiteral("90"), QStringLiteral("8"), path("groove"))
                     .status,
                 0);
        const Outcome taught =
            run({QStringLiteral("teach"), QStringLiteral("--take"), path("lesson/take.wav"),
                 QStringLiteral("--pattern"), page, QStringLiteral("--tempo"), QStringLiteral("90"),
                 QStringLiteral("--first-beat"), QStringLiteral("0.5"), QStringLiteral("--out"), path("kit.json")});
        QVERIFY2(taught.status == 0, taught.err.constData());
        QCOMPARE(taught.out.count('\n'), 3);
        const QStringList groove{QStringLiteral("analyze"),  QStringLiteral("--take"),
                                 path("groove/take.wav"),    QStringLiteral("--pattern"),
                                 path("groove/pattern.mid"), QStringLiteral("--tempo"),
                                 QStringLiteral("90"),       QStringLiteral("--first-beat"),
                                 QStringLiteral("0.5"),      QStringLiteral("--json"),
                                 QStringLiteral("-")};
        const Outcome plain = run(groove);
        const Outcome apart = run(groove + QStringList{QStringLiteral("--kit"), path("kit.json")});
        QVERIFY2(apart.status == 0, apart.err.constData());
        const auto unisons = [](const Outcome& o) {
            return o.json()[QStringLiteral("measures")].toObject()[QStringLiteral("unisons")].toArray();
        };
        QVERIFY(unisons(plain).isEmpty());
        QVERIFY(!unisons(apart).isEmpty());
        QVERIFY(apart.json()[QStringLiteral("hits")].toArray().size() >
                plain.json()[QStringLiteral("hits")].toArray().size() + 20);
        // Refused in one sentence: no kit at all, and one that lacks a drum of the pattern.
        QCOMPARE(run(groove + QStringList{QStringLiteral("--kit"), bytes("none.json", "[]")}).status, 3);
        const Outcome lacking =
            run(groove + QStringList{QStringLiteral("--kit"),
                                     bytes("empty.json", R"({"format": "upbeat-check/kit", "voices": []})")});
        QCOMPARE(lacking.status, 2);
        QCOMPARE(lacking.err.count('\n'), 1);
    }

    void aSimulatedTakeIsMeasuredTruly() {
        const Outcome o = run(analyze(m_take + QStringLiteral("/take.wav"),
                                      {QStringLiteral("--first-beat"), QStringLiteral("0.5"), QStringLiteral("--bars"),
                                       QStringLiteral("8"), QStringLiteral("--json"), QStringLiteral("-")}));
        QVERIFY2(o.status == 0, o.err.constData());
        QVERIFY(o.err.isEmpty());
        QFile file(m_take + QStringLiteral("/truth.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QJsonArray truth = QJsonDocument::fromJson(file.readAll()).object()[QStringLiteral("hits")].toArray();
        const QJsonArray hits = o.json()[QStringLiteral("hits")].toArray();
        QVERIFY(std::abs(hits.size() - truth.size()) <= 2);
        int close = 0;
        for (const QJsonValue t : truth)
            for (const QJsonValue h : hits)
                if (std::abs(t[QStringLiteral("time_s")].toDouble() - h[QStringLiteral("time_s")].toDouble()) < 0.001 &&
                    std::abs(t[QStringLiteral("offset_ms")].toDouble() - h[QStringLiteral("offset_ms")].toDouble()) <
                        1.0)
                    ++close;
        QVERIFY2(close >= truth.size() - 3, qPrintable(QString::number(close)));
    }

    void theBarsAreFoundWhenTheyAreNotGiven() {
        const Outcome o =
            run(analyze(m_take + QStringLiteral("/take.wav"), {QStringLiteral("--first-beat"), QStringLiteral("0.5"),
                                                               QStringLiteral("--json"), QStringLiteral("-")}));
        QCOMPARE(o.json()[QStringLiteral("bars")].toInt(), 8);
    }

    void withoutAFileTheVerdictIsPrinted() {
        const Outcome o =
            run(analyze(m_take + QStringLiteral("/take.wav"), {QStringLiteral("--first-beat"), QStringLiteral("0.5")}));
        QCOMPARE(o.status, 0);
        QVERIFY(o.out.contains("100"));
    }

    void latencyProfileAndSwingChangeTheResult() {
        const auto with = [this](const QStringList& more) {
            return run(analyze(m_take + QStringLiteral("/take.wav"),
                               QStringList{QStringLiteral("--first-beat"), QStringLiteral("0.5"),
                                           QStringLiteral("--json"), QStringLiteral("-")} +
                                   more))
                .json();
        };
        const double plain =
            with({})[QStringLiteral("summary")][QStringLiteral("placement_ms")][QStringLiteral("value")].toDouble();
        const double moved =
            with({QStringLiteral("--latency-ms"),
                  QStringLiteral(
                      "5")})[QStringLiteral("summary")][QStringLiteral("placement_ms")][QStringLiteral("value")]
                .toDouble();
        QVERIFY(std::abs(plain - moved - 5) < 0.2);
        const auto limit = [](const QJsonObject& json) {
            return json[QStringLiteral("gates")].toArray()[0].toObject()[QStringLiteral("limit")].toDouble();
        };
        QVERIFY(limit(with({QStringLiteral("--profile"), QStringLiteral("performance")})) < limit(with({})));
        QVERIFY(with({})[QStringLiteral("summary")][QStringLiteral("swing_ratio")].isNull());
        QVERIFY(!with({QStringLiteral("--swing"),
                       QStringLiteral("1")})[QStringLiteral("summary")][QStringLiteral("swing_ratio")]
                     .isNull());
    }

    void filesAreWritten() {
        const Outcome o = run(analyze(m_take + QStringLiteral("/take.wav"),
                                      {QStringLiteral("--first-beat"), QStringLiteral("0.5"), QStringLiteral("--json"),
                                       path("a.json"), QStringLiteral("--csv"), path("a.csv")}));
        QCOMPARE(o.status, 0);
        QVERIFY(o.out.isEmpty());
        QVERIFY(QFile::exists(path("a.json")) && QFile::exists(path("a.csv")));
    }

    void theSameSeedWritesTheSameTake() {
        const auto once = [this](const char* name) {
            (void)run({QStringLiteral("simulate"), QStringLiteral("--exercise"), QStringLiteral("flam-taps"),
                       QStringLiteral("--tempo"), QStringLiteral("80"), QStringLiteral("--bars"), QStringLiteral("2"),
                       QStringLiteral("--seed"), QStringLiteral("9"), QStringLiteral("--out"), path(name)});
            QFile file(path(name) + QStringLiteral("/take.wav"));
            (void)file.open(QIODevice::ReadOnly);
            return file.readAll();
        };
        const QByteArray a = once("one");
        QVERIFY(a.size() > 10000);
        QCOMPARE(a, once("two"));
    }

    void charactersAreObeyed() {
        const QString character =
            bytes("c.json", R"({"format":"upbeat-check/character","placement_ms":-20,"spread_ms":1})");
        QCOMPARE(run({QStringLiteral("simulate"), QStringLiteral("--exercise"), QStringLiteral("singles-sixteenths"),
                      QStringLiteral("--tempo"), QStringLiteral("100"), QStringLiteral("--bars"), QStringLiteral("4"),
                      QStringLiteral("--seed"), QStringLiteral("2"), QStringLiteral("--character"), character,
                      QStringLiteral("--out"), path("early")})
                     .status,
                 0);
        const Outcome o = run({QStringLiteral("analyze"), QStringLiteral("--take"), path("early/take.wav"),
                               QStringLiteral("--pattern"), path("early/pattern.mid"), QStringLiteral("--tempo"),
                               QStringLiteral("100"), QStringLiteral("--first-beat"), QStringLiteral("0.5"),
                               QStringLiteral("--json"), QStringLiteral("-")});
        QVERIFY(std::abs(o.json()[QStringLiteral("summary")][QStringLiteral("placement_ms")][QStringLiteral("value")]
                             .toDouble() +
                         20) < 2);
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

    void oddButReadableTakesAreMeasured_data() {
        QTest::addColumn<int>("format");
        QTest::addColumn<int>("channels");
        QTest::newRow("8 bit") << (SF_FORMAT_WAV | SF_FORMAT_PCM_U8) << 1;
        QTest::newRow("6 channels") << (SF_FORMAT_WAV | SF_FORMAT_PCM_16) << 6;
        QTest::newRow("Ogg") << (SF_FORMAT_OGG | SF_FORMAT_VORBIS) << 2;
        QTest::newRow("float") << (SF_FORMAT_WAV | SF_FORMAT_FLOAT) << 1;
    }
    void oddButReadableTakesAreMeasured() {
        QFETCH(int, format);
        QFETCH(int, channels);
        SndfileHandle whole((m_take + QStringLiteral("/take.wav")).toStdString());
        std::vector<float> mono(static_cast<std::size_t>(whole.frames()));
        whole.read(mono.data(), static_cast<sf_count_t>(mono.size()));
        std::vector<float> interleaved;
        for (const float v : mono)
            for (int c = 0; c < channels; ++c) interleaved.push_back(v);
        const QString take = raw("odd.snd", interleaved, channels, format);
        const Outcome o = run(analyze(take, {QStringLiteral("--first-beat"), QStringLiteral("0.5"),
                                             QStringLiteral("--json"), QStringLiteral("-")}));
        QVERIFY2(o.status == 0, o.err.constData());
        QVERIFY(o.json()[QStringLiteral("hits")].toArray().size() > 115);
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

    void everyCommandExplainsItself() {
        for (const char* command : {"analyze", "simulate", "list"}) {
            const Outcome o = run({QString::fromLatin1(command), QStringLiteral("--help")});
            QCOMPARE(o.status, 0);
            QVERIFY(o.out.size() > 60);
        }
        QVERIFY(run({QStringLiteral("list")}).out.contains("flam-taps"));
    }
};

QTEST_GUILESS_MAIN(TestCli)
#include "tst_cli.moc"
