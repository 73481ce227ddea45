#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTest>

#include "takes.h"
#include "upbeat/formats/analysis_json.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/formats/truth_json.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

KnownTake known(const char* id, const Character& c = {}) {
    const Exercise e = *builtInExercise(id);
    KnownTake take{e, 90, perform(e, Bpm(90), 4, c, 3), {}};
    take.rendered.firstBeatS = 0.5;
    return take;
}

QJsonObject analysisOf(const char* id, const Character& c = {}) {
    const KnownTake take = known(id, c);
    const std::string json = analysisToJson(analyze(take, perfectHits(take)), {"a.wav", 48000, 12.5, {{1.0, 1.5}}});
    return QJsonDocument::fromJson(QByteArray::fromStdString(json)).object();
}

QJsonValue at(const QJsonObject& object, const QString& path) {
    QJsonValue value = object;
    for (const QString& key : path.split(QLatin1Char('.'))) value = value.toObject()[key];
    return value;
}

}  // namespace

class TestTakeFiles : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void theAnalysisHasEveryKeyOfTheContract_data() {
        QTest::addColumn<QString>("path");
        for (const char* path : {"version",
                                 "take.file",
                                 "take.sample_rate",
                                 "take.duration_s",
                                 "take.clipped_spans",
                                 "take.damaged_spans",
                                 "pattern.title",
                                 "pattern.bars",
                                 "pattern.meter",
                                 "pattern.strokes",
                                 "tempo_bpm",
                                 "first_beat_s",
                                 "hits",
                                 "missed",
                                 "summary.placement_ms.value",
                                 "summary.placement_ms.low",
                                 "summary.placement_ms.high",
                                 "summary.placement_ms.n",
                                 "summary.spread_ms.value",
                                 "summary.drift_ms_per_min.value",
                                 "summary.habit_share",
                                 "summary.wander_share",
                                 "summary.remainder_share",
                                 "summary.gap_accent_tap_db.value",
                                 "summary.overlap_percent.value",
                                 "summary.missed",
                                 "summary.extra",
                                 "findings",
                                 "gates",
                                 "verdict.action",
                                 "verdict.reason"})
            QTest::newRow(path) << QString::fromLatin1(path);
    }
    void theAnalysisHasEveryKeyOfTheContract() {
        QFETCH(QString, path);
        const QJsonObject json = analysisOf("paradiddle-accents");
        QVERIFY2(!at(json, path).isUndefined() && !at(json, path).isNull(), qPrintable(path));
    }

    void whatDoesNotApplyIsNull() {
        const QJsonObject json = analysisOf("singles-sixteenths");
        for (const char* path : {"summary.swing_ratio", "summary.offbeat_percent", "summary.gap_accent_tap_db",
                                 "summary.flam_ms", "verdict.span"})
            QVERIFY2(at(json, QLatin1String(path)).isNull(), path);
        QVERIFY(at(analysisOf("swung-ride"), QStringLiteral("summary.swing_ratio.value")).toDouble() > 1.5);
        QVERIFY(at(analysisOf("flam-taps"), QStringLiteral("summary.flam_ms.value")).toDouble() > 20);
    }

    void hitsCarryTheirNote() {
        const QJsonArray hits = analysisOf("paradiddle-accents")[QStringLiteral("hits")].toArray();
        QCOMPARE(hits.size(), 64);
        const QJsonObject hit = hits[7].toObject();
        QCOMPARE(at(hit, QStringLiteral("note.beat")).toDouble(), 2.75);
        QCOMPARE(at(hit, QStringLiteral("note.bar")).toInt(), 1);
        QCOMPARE(at(hit, QStringLiteral("note.pass")).toInt(), 1);
        QCOMPARE(at(hit, QStringLiteral("note.hand")).toString(), QStringLiteral("L"));
        QCOMPARE(at(hit, QStringLiteral("note.stroke")).toString(), QStringLiteral("tap"));
        QCOMPARE(at(hit, QStringLiteral("voice")).toString(), QStringLiteral("snare"));
        const double grid = at(hit, QStringLiteral("note.grid_time_s")).toDouble();
        QVERIFY(std::abs((at(hit, QStringLiteral("time_s")).toDouble() - grid) * 1e3 -
                         at(hit, QStringLiteral("offset_ms")).toDouble()) < 0.001);
    }

    void unisonsNameBothStrokes() {
        const QJsonObject first =
            analysisOf("ghosted-backbeat", machine())[QStringLiteral("hits")].toArray()[0].toObject();
        QCOMPARE(first[QStringLiteral("with")].toArray().size(), 1);
    }

    void unwrittenHitsHaveNoNote() {
        Character c = machine();
        c.extraChance = 0.2;
        int without = 0;
        const QJsonObject json = analysisOf("singles-sixteenths", c);
        for (const QJsonValue hit : json[QStringLiteral("hits")].toArray())
            without += hit[QStringLiteral("note")].isNull() ? 1 : 0;
        const int extra = at(json, QStringLiteral("summary.extra")).toInt();
        QVERIFY(extra <= without && without <= extra + 1);  // the last may be the stroke that ends it
        QVERIFY(without > 3);
    }

    void findingsFollowTheContract() {
        Character c = machine();
        c.spreadMs = 3;
        c.habits = {{Beats(7, 4), std::nullopt, std::nullopt, std::nullopt, -20, 0, 1}};
        const QJsonArray findings = analysisOf("paradiddle-accents", c)[QStringLiteral("findings")].toArray();
        QVERIFY(!findings.isEmpty());
        const QJsonObject f = findings[0].toObject();
        QCOMPARE(f[QStringLiteral("kind")].toString(), QStringLiteral("early"));
        QCOMPARE(at(f, QStringLiteral("place.beat")).toDouble(), 2.75);
        QCOMPARE(f[QStringLiteral("hand")].toString(), QStringLiteral("L"));
        QCOMPARE(f[QStringLiteral("unit")].toString(), QStringLiteral("ms"));
        QVERIFY(f[QStringLiteral("value")].toDouble() < -12);
        QVERIFY(f[QStringLiteral("low")].toDouble() <= f[QStringLiteral("value")].toDouble());
        QCOMPARE(at(f, QStringLiteral("drill.from_beat")).toDouble(), 2.0);
        for (const char* key : {"voice", "level", "high", "passes", "of", "sentence"})
            QVERIFY2(f.contains(QLatin1String(key)), key);
    }

    void gatesAndVerdictUseTheWordsOfTheContract() {
        const QJsonObject json = analysisOf("paradiddle-accents");
        const QStringList states{QStringLiteral("met"), QStringLiteral("missed"), QStringLiteral("unsure")};
        for (const QJsonValue gate : json[QStringLiteral("gates")].toArray())
            QVERIFY(states.contains(gate[QStringLiteral("state")].toString()));
        const QStringList actions{QStringLiteral("up"), QStringLiteral("again"), QStringLiteral("back"),
                                  QStringLiteral("isolate"), QStringLiteral("easier")};
        QVERIFY(actions.contains(at(json, QStringLiteral("verdict.action")).toString()));
    }

    void theTableHasALineForEveryHit() {
        const KnownTake take = known("paradiddle-accents");
        const QStringList lines = QString::fromStdString(analysisToCsv(analyze(take, perfectHits(take))))
                                      .split(QLatin1Char('\n'), Qt::SkipEmptyParts);
        QCOMPARE(lines.size(), 65);
        for (const QString& line : lines) QCOMPARE(line.count(QLatin1Char(',')), 8);
        QVERIFY(lines[0].startsWith(QStringLiteral("time_s,level_db,offset_ms")));
    }

    void theTruthNamesWhatWasPlayed() {
        Character c;
        c.missChance = 0.1;
        c.extraChance = 0.1;
        const KnownTake take = play(*builtInExercise("flam-taps"), 80, 2, c, 4);
        const QJsonObject truth = QJsonDocument::fromJson(QByteArray::fromStdString(truthToJson(
                                                              take.rendered, take.performance, take.exercise, 80, 2)))
                                      .object();
        QCOMPARE(truth[QStringLiteral("hits")].toArray().size(), static_cast<int>(take.performance.hits.size()));
        QCOMPARE(truth[QStringLiteral("missed")].toArray().size(), static_cast<int>(take.performance.missed.size()));
        QSet<QString> roles;
        for (const QJsonValue hit : truth[QStringLiteral("hits")].toArray()) {
            roles.insert(hit[QStringLiteral("role")].toString());
            if (hit[QStringLiteral("offset_ms")].isDouble() &&
                hit[QStringLiteral("role")].toString() == QStringLiteral("main"))
                QVERIFY(std::abs(
                            (hit[QStringLiteral("time_s")].toDouble() - hit[QStringLiteral("grid_time_s")].toDouble()) *
                                1e3 -
                            hit[QStringLiteral("offset_ms")].toDouble()) < 1e-6);
        }
        QVERIFY(roles.contains(QStringLiteral("main")) && roles.contains(QStringLiteral("grace")));
    }

    static TakeRecord fullSidecar() {
        TakeRecord s;
        s.exercise = *builtInExercise("swung-ride");
        s.click.tempo = Bpm(132.5);
        s.click.meter = s.exercise.meter;
        s.click.countInBars = 2;
        s.click.subdivision = 3;
        s.frame.bars = 12;
        s.frame.firstBeatS = 3.25;
        s.frame.latencyS = 0.0061;
        s.device = "Simulated player";
        s.startedAt = "2026-01-02T18:00:00";
        s.frame.damaged = {{1.5, 1.7}};
        s.hits = {heard(3.26, -14.5, 40, 31), heard(3.9, -20, 12, 9)};
        s.hits.back().clipped = true;
        s.hits.front().foreign = s.hits.back().foreign = s.hits.back().refused = true;
        s.durationS = 61.5;
        s.profile = {ProfileKind::Performance, {{GateKind::AccentTapGap, 12}}};
        s.frame.clickBleed = s.recovered = true;
        s.ladder = Ladder{60, 120, 5, 2, true};
        return s;
    }

    void sidecarsComeBackTheSame() {
        const TakeRecord s = fullSidecar();
        const auto back = sidecarFromJson(toJson(s), "s");
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QCOMPARE(back->exercise, s.exercise);
        QCOMPARE(back->click.tempo.value(), 132.5);
        QCOMPARE(back->click.subdivision, 3);
        QCOMPARE(back->frame.bars, 12);
        QCOMPARE(back->hits, s.hits);
        QCOMPARE(back->frame.damaged, s.frame.damaged);
        QCOMPARE(back->frame.latencyS, s.frame.latencyS);
        QCOMPARE(back->startedAt, s.startedAt);
        QCOMPARE(back->ladder, s.ladder);
        QCOMPARE(back->durationS, 61.5);
        QVERIFY(back->frame.clickBleed && back->recovered);
        QCOMPARE(back->profile, (Profile{ProfileKind::Performance, {{GateKind::AccentTapGap, 12}}}));
    }

    void whatNoTakeCanBeIsRefused_data() {
        QTest::addColumn<QByteArray>("from");
        QTest::addColumn<QByteArray>("to");
        QTest::newRow("first beat") << QByteArray("\"first_beat_s\": 3.25") << QByteArray("\"first_beat_s\": -1e300");
        QTest::newRow("bars") << QByteArray("\"bars\": 12") << QByteArray("\"bars\": 900000000");
        QTest::newRow("negative bars") << QByteArray("\"bars\": 12") << QByteArray("\"bars\": -5");
        QTest::newRow("rate") << QByteArray("\"sample_rate\": 48000") << QByteArray("\"sample_rate\": 1");
        QTest::newRow("duration") << QByteArray("\"duration_s\": 61.5") << QByteArray("\"duration_s\": 1e9");
    }
    void whatNoTakeCanBeIsRefused() {
        QFETCH(QByteArray, from);
        QFETCH(QByteArray, to);
        const QByteArray good = QByteArray::fromStdString(toJson(fullSidecar()));
        QVERIFY(good.contains(from));
        const auto read = sidecarFromJson(QByteArray(good).replace(from, to).toStdString(), "s");
        QVERIFY(!read);
        QVERIFY(read.error().sentence().starts_with("s: "));
    }

    void badSidecarsAreRefused() {
        TakeRecord s;
        s.exercise = builtInExercises().front();
        const QByteArray good = QByteArray::fromStdString(toJson(s));
        QVERIFY(sidecarFromJson(good.toStdString(), "s").has_value());
        QVERIFY(!sidecarFromJson("{}", "s"));
        QVERIFY(!sidecarFromJson("", "s"));
        QVERIFY(!sidecarFromJson(QByteArray(good).replace("\"tempo_bpm\": 80.0", "\"tempo_bpm\": -80.0").toStdString(),
                                 "s"));
        QVERIFY(!sidecarFromJson(QByteArray(good).replace("upbeat-check/exercise", "x").toStdString(), "s"));
        for (qsizetype length = 0; length < good.size() - 2; length += 37)
            QVERIFY(!sidecarFromJson(good.left(length).toStdString(), "s"));
    }
};

QTEST_APPLESS_MAIN(TestTakeFiles)
#include "tst_take_files.moc"
