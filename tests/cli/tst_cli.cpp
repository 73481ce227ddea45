// The command line as other people's scripts use it: what it measures, writes and prints.
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

class TestCli : public QObject, private CliRoom {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        const Outcome o = simulateTake();
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

    void theClickMayBeSilentForBars() {
        const auto with = [this](const QString& on, const QString& off) {
            return run(analyze(m_take + QStringLiteral("/take.wav"), {QStringLiteral("--click-bars"), on, off,
                                                                      QStringLiteral("--json"), QStringLiteral("-")}));
        };
        const auto returnsOf = [](const Outcome& o) -> QJsonValue {
            return o.json()[QStringLiteral("measures")].toObject()[QStringLiteral("returns")];
        };
        const Outcome silent = with(QStringLiteral("1"), QStringLiteral("1"));
        QVERIFY2(silent.status == 0, silent.err.constData());
        QCOMPARE(
            returnsOf(silent).toObject()[QStringLiteral("all")].toArray().first().toObject()[QStringLiteral("bar")],
            QJsonValue(3));
        QVERIFY(returnsOf(with(QStringLiteral("1"), QStringLiteral("0"))).isNull());
        const Outcome bad = with(QStringLiteral("0"), QStringLiteral("2"));
        QVERIFY(bad.status != 0 && bad.err.contains("--click-bars 2 2"));
    }

    // A lesson, and a groove on the same kit: the seed chooses kit and player.
    // Nobody knows tempo and beat 1 of a recording from elsewhere.
    void theStartIsFoundWhereItIsNotGiven() {
        QCOMPARE(
            simulate(QStringLiteral("ghosted-backbeat"), QStringLiteral("93.4"), QStringLiteral("8"), path("found"))
                .status,
            0);
        const QStringList files{QStringLiteral("analyze"), QStringLiteral("--take"), path("found/take.wav"),
                                QStringLiteral("--pattern"), path("found/pattern.mid")};
        const QStringList json{QStringLiteral("--json"), QStringLiteral("-")};
        for (const QStringList& how : {QStringList{QStringLiteral("--tempo"), QStringLiteral("auto")},
                                       QStringList{QStringLiteral("--tempo-range"), QStringLiteral("80-110")}}) {
            const Outcome found = run(files + how + json);
            QVERIFY2(found.status == 0, found.err.constData());
            const QJsonObject start = found.json()[QStringLiteral("start")].toObject();
            QVERIFY(std::abs(start[QStringLiteral("tempo_bpm")].toDouble() / 93.4 - 1) < 1e-3);
            QVERIFY(std::abs(start[QStringLiteral("first_beat_s")].toDouble() - 0.5) < 0.02);
            QCOMPARE(start[QStringLiteral("by")].toString(), QStringLiteral("strokes"));
            QVERIFY(start[QStringLiteral("sure")].isBool() && start[QStringLiteral("others")].isArray());
            QVERIFY(found.json()[QStringLiteral("summary")].toObject()[QStringLiteral("placement_ms")].isNull());
        }
        const Outcome given = run(files +
                                  QStringList{QStringLiteral("--tempo"), QStringLiteral("93.4"),
                                              QStringLiteral("--first-beat"), QStringLiteral("auto")} +
                                  json);
        QCOMPARE(given.json()[QStringLiteral("tempo_bpm")].toDouble(), 93.4);
        // Bad words are refused.
        QCOMPARE(run(files + QStringList{QStringLiteral("--tempo"), QStringLiteral("fast")}).status, 2);
        QCOMPARE(run(files + QStringList{QStringLiteral("--tempo-range"), QStringLiteral("110-80")}).status, 2);
        QCOMPARE(run(files).status, 2);
    }

    void aTaughtKitTellsDrumsApart() {
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
        const Outcome plain = run(groove);  // without it only what falls far apart is two sounds
        const Outcome apart = run(groove + QStringList{QStringLiteral("--kit"), path("kit.json")});
        QVERIFY2(apart.status == 0, apart.err.constData());
        const auto unisons = [](const Outcome& o) {
            return o.json()[QStringLiteral("measures")].toObject()[QStringLiteral("unisons")].toArray();
        };
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
        const QString own =
            bytes("own.json", R"({"format":"upbeat-check/limits","version":1,"limits":{"spread":3.5}})");
        const QJsonObject asked = with({QStringLiteral("--limits"), own});
        QCOMPARE(limit(asked), 3.5);
        QVERIFY(asked[QStringLiteral("gates")].toArray()[0].toObject()[QStringLiteral("own_limit")].toBool());
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

    void aLearnerClimbs() {
        const QString learner =
            bytes("l.json", R"({"format":"upbeat-check/learner","version":1,"spread_ms":2,"start_bpm":64,"goal_bpm":112,
                          "ceiling_bpm":84,"width_bpm":8,"learn_bpm_per_take":0.4,"plateau_bpm":120,
                          "forget_bpm_per_day":0.5,"takes_per_day":10})");
        const auto climb = [&](const QString& who, const QString& takes) {
            return run({QStringLiteral("climb"), QStringLiteral("--exercise"), QStringLiteral("paradiddle-accents"),
                        QStringLiteral("--learner"), who, QStringLiteral("--takes"), takes, QStringLiteral("--seed"),
                        QStringLiteral("3"), QStringLiteral("--json"), QStringLiteral("-")});
        };
        const Outcome o = climb(learner, QStringLiteral("60"));
        QCOMPARE(o.status, 0);
        const QJsonArray takes = o.json()[QStringLiteral("takes")].toArray();
        QCOMPARE(takes.size(), 60);
        const QJsonObject first = takes[0].toObject();
        QCOMPARE(first[QStringLiteral("tempo_bpm")].toDouble(), 64.0);
        QVERIFY(first[QStringLiteral("stage")].isNull());
        QVERIFY(first[QStringLiteral("forecast")].toObject()[QStringLiteral("ceiling_bpm")].isNull());
        QCOMPARE(takes[59].toObject()[QStringLiteral("day")].toInt(), 6);
        const QJsonObject ceiling =
            takes[59].toObject()[QStringLiteral("forecast")].toObject()[QStringLiteral("ceiling_bpm")].toObject();
        QVERIFY(ceiling[QStringLiteral("low")].toDouble() > 70 && ceiling[QStringLiteral("high")].toDouble() < 125);
        QVERIFY(ceiling[QStringLiteral("low")].toDouble() < ceiling[QStringLiteral("value")].toDouble());
        QVERIFY(first[QStringLiteral("truth")].toObject()[QStringLiteral("clean")].toBool());
        const QJsonObject verdict = first[QStringLiteral("verdict")].toObject();
        QCOMPARE(verdict[QStringLiteral("action")].toString(), QStringLiteral("again"));
        QCOMPARE(verdict[QStringLiteral("takes_more")].toInt(), 2);
        QVERIFY(o.json()[QStringLiteral("reached_bpm")].toDouble() > first[QStringLiteral("tempo_bpm")].toDouble());
        QCOMPARE(climb(learner, QStringLiteral("0")).status, 2);
        QCOMPARE(
            climb(bytes("bad.json", R"({"format":"upbeat-check/learner","passes":1e9})"), QStringLiteral("5")).status,
            3);
        QCOMPARE(
            climb(bytes("worse.json", R"({"format":"upbeat-check/learner","spread_ms":"wide"})"), QStringLiteral("5"))
                .status,
            3);
    }

    void aPlanIsMadeFromALog() {
        const auto plan = [&](const QString& data, const QStringList& more) {
            return run(QStringList{QStringLiteral("plan"), QStringLiteral("--data"), data} + more);
        };
        const QStringList twenty{QStringLiteral("--minutes"), QStringLiteral("20")};
        const Outcome nothing = plan(path("nobody"), twenty);
        QCOMPARE(nothing.status, 4);
        QCOMPARE(nothing.err.count('\n'), 1);
        QVERIFY(QDir().mkpath(path("torn")));
        QFile torn(path("torn/logbook.db"));
        QVERIFY(torn.open(QIODevice::WriteOnly) && torn.write(QByteArray(5000, 'x')) == 5000);
        torn.close();
        QCOMPARE(plan(path("torn"), twenty).status, 3);
        QCOMPARE(plan(path("nobody"), {QStringLiteral("--minutes"), QStringLiteral("0")}).status, 2);
        QCOMPARE(plan(path("nobody"), twenty + QStringList{QStringLiteral("--way"), QStringLiteral("slowly")}).status,
                 2);
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

    void everyCommandExplainsItself() {
        for (const char* command : {"analyze", "simulate", "list"}) {
            const Outcome o = run({QString::fromLatin1(command), QStringLiteral("--help")});
            QCOMPARE(o.status, 0);
            QVERIFY(o.out.size() > 60);
        }
        QVERIFY(run({QStringLiteral("list")}).out.contains("flam-taps"));
        const Outcome listed = run({QStringLiteral("list"), QStringLiteral("--json"), QStringLiteral("-")});
        const QJsonArray all = QJsonDocument::fromJson(listed.out).array();
        QVERIFY(all.size() > 100);
        for (const char* key : {"id", "title", "tempos", "tags"})
            QVERIFY2(all[0].toObject().contains(QLatin1String(key)), key);
    }
};

QTEST_GUILESS_MAIN(TestCli)
#include "tst_cli.moc"
