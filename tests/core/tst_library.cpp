#include <QTest>
#include <map>
#include <set>

#include "takes.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/signal/take_listener.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

TakeAnalysis analysisOf(const Exercise& e, const Character& character) {
    const int passes = std::max(2, 8 / e.bars);
    const KnownTake take = play(e, e.tempo.start, passes, character, 5);
    return analyze(take, listenTo(take.rendered.sound.view(), take.rendered.sound.sampleRate));
}

std::string openGates(const TakeAnalysis& analysis) {
    std::string text = std::to_string(analysis.matched.missed.size()) + " missed, " +
                       std::to_string(analysis.matched.extra.size()) + " extra;";
    for (const Gate& gate : analysis.gates)
        if (gate.state == GateState::Missed) text += " " + std::string(toName(gate.kind));
    return text;
}

}  // namespace

/// N9: rudiments, grooves, fills and control exercises, ready to play.
class TestLibrary : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void thereIsEnoughOfEveryKind() {
        std::map<std::string, int> tagged;
        std::set<std::string> titles;
        for (const Exercise& e : builtInExercises()) {
            QVERIFY2(titles.insert(e.title).second, e.title.c_str());
            QVERIFY2(!e.tags.empty() && !e.trains.empty(), e.id.c_str());
            QVERIFY2(e.tempo.goal >= 1.4 * e.tempo.start, e.id.c_str());
            for (const std::string& tag : e.tags) ++tagged[tag];
        }
        QVERIFY2(titles.size() >= 80, qPrintable(QString::number(titles.size())));
        QVERIFY(tagged["rudiment"] >= 35);
        QVERIFY(tagged["rolls"] >= 10);
        QVERIFY(tagged["groove"] >= 15);
        for (const char* kind : {"control", "timing", "grids", "fill", "linear", "independence", "crescendo"})
            QVERIFY2(tagged[kind] >= 2, kind);
    }

    void everyExerciseSurvivesText_data() { rows(); }
    void everyExerciseSurvivesText() {
        QFETCH(QString, id);
        const Exercise e = *builtInExercise(id.toStdString());
        const auto back = exerciseFromText(toText(e));
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QCOMPARE(toText(*back), toText(e));
        QCOMPARE(*back, e);
    }

    void playedWellItIsCleanAndPlayedBadlyItIsNot_data() { rows(); }
    void playedWellItIsCleanAndPlayedBadlyItIsNot() {
        QFETCH(QString, id);
        const Exercise e = *builtInExercise(id.toStdString());
        const TakeAnalysis good = analysisOf(e, machine());
        QVERIFY2(good.clean(), openGates(good).c_str());
        Character sloppy;
        sloppy.spreadMs = 30;
        sloppy.missChance = 0.05;
        QVERIFY(!analysisOf(e, sloppy).clean());
    }

  private:
    static void rows() {
        QTest::addColumn<QString>("id");
        for (const Exercise& e : builtInExercises()) QTest::newRow(e.id.c_str()) << QString::fromStdString(e.id);
    }
};

QTEST_APPLESS_MAIN(TestLibrary)
#include "tst_library.moc"
