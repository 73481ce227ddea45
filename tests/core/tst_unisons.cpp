// Hands and feet that are written together and fall apart: one sound or two, on one microphone and without a lesson.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "takes.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr std::uint64_t kKit = 61;
constexpr int kPasses = 6;

/// The backbeat with one voice so much later than what it is written with.
KnownTake apart(Voice voice, double laterMs, bool hardKit = false) {
    Character player = machine();
    player.spreadMs = 1;
    const bool backbeat = voice == Voice::Snare;
    player.habits = {{{}, {}, voice, backbeat ? std::optional(Level::Accent) : std::nullopt, laterMs, 0, 1}};
    Recording recording;
    recording.kitSeed = kKit;
    recording.hardKit = hardKit;
    return play(*builtInExercise("ghosted-backbeat"), 88, kPasses, player, 17, recording);
}

TakeAnalysis heard(const KnownTake& take) {
    return analyze(take, listenTo(take.rendered.sound.view(), take.rendered.sound.sampleRate));
}

const Unison* unisonOf(const TakeAnalysis& a, Voice voice, Voice against) {
    const auto& all = a.measures.unisons;
    const auto found = std::find_if(all.begin(), all.end(), [&](const Unison& u) {
        return (u.voice == voice && u.against == against) || (u.voice == against && u.against == voice);
    });
    return found == all.end() ? nullptr : &*found;
}

/// How much later a voice comes by the hits it was given, in ms.
double behindMs(const Unison& u, Voice voice) {
    return u.voice == voice ? u.behindMs.value : -u.behindMs.value;
}

}  // namespace

class TestUnisons : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void twoSoundsAreTwoStrokes_data() {
        QTest::addColumn<int>("voice");
        QTest::addColumn<double>("laterMs");
        QTest::newRow("bass drum 20 ms late") << static_cast<int>(Voice::Kick) << 20.0;
        QTest::newRow("bass drum 35 ms late") << static_cast<int>(Voice::Kick) << 35.0;
        QTest::newRow("bass drum 16 ms early") << static_cast<int>(Voice::Kick) << -16.0;
        QTest::newRow("bass drum 30 ms early") << static_cast<int>(Voice::Kick) << -30.0;
        QTest::newRow("snare 25 ms late") << static_cast<int>(Voice::Snare) << 25.0;
    }
    void twoSoundsAreTwoStrokes() {
        QFETCH(int, voice);
        QFETCH(double, laterMs);
        const auto moved = static_cast<Voice>(voice);
        const KnownTake take = apart(moved, laterMs);
        const TakeAnalysis a = heard(take);
        QVERIFY(a.matched.missed.empty());
        QVERIFY(a.matched.extra.empty());
        const Unison* unison = unisonOf(a, moved, Voice::HiHatClosed);
        QVERIFY(unison != nullptr);
        QVERIFY2(std::abs(behindMs(*unison, moved) - laterMs) < 1.5,
                 qPrintable(QString::number(unison->behindMs.value)));
        QVERIFY(std::abs(unison->apartMs.value - std::abs(laterMs)) < 1.5);
        // Every hit that is told has a stroke of the page.
        for (std::size_t i = 0; i < a.matched.hits.size(); ++i)
            QVERIFY(std::any_of(a.matched.strokes.begin(), a.matched.strokes.end(),
                                [i](const MatchedStroke& s) { return s.hit == static_cast<int>(i); }));
    }

    // Before another stroke by less than a level is looked for it would be as loud as the two.
    void whatRunsIntoAnotherSoundTellsNoLevel() {
        const TakeAnalysis a = heard(apart(Voice::Snare, 13));
        int blurred = 0;
        for (const MatchedStroke& s : a.matched.strokes) {
            const auto next = static_cast<std::size_t>(s.hit) + 1;
            if (s.written.role != Role::Main || next >= a.matched.hits.size()) continue;
            if (a.matched.hits[next].timeS - a.matched.hits[next - 1].timeS > 0.02) continue;
            QVERIFY(!s.levelKnown);
            ++blurred;
        }
        QVERIFY2(blurred >= 4, qPrintable(QString::number(blurred)));
        for (const Finding& f : a.findings) QVERIFY(f.unit != "dB");
    }

    // A stroke that was heard for itself has its own level: it no longer shares one.
    void halvesHaveLevelsOfTheirOwn() {
        const TakeAnalysis a = heard(apart(Voice::Kick, 25));
        int own = 0;
        for (const MatchedStroke& s : a.matched.strokes)
            if (s.stroke.voice == Voice::Kick && !s.shared) ++own;
        QVERIFY2(own >= 3 * kPasses - 1, qPrintable(QString::number(own)));
    }

    void oneSoundStaysOne_data() {
        QTest::addColumn<int>("voice");
        QTest::addColumn<double>("laterMs");
        QTest::addColumn<bool>("hardKit");
        for (const bool hard : {false, true})
            for (const Voice voice : {Voice::Kick, Voice::Snare})
                for (const double ms : {-5.0, 0.0, 5.0})
                    QTest::addRow("%s %+.0f ms%s", toName(voice).data(), ms, hard ? ", hard kit" : "")
                        << static_cast<int>(voice) << ms << hard;
    }
    void oneSoundStaysOne() {
        QFETCH(int, voice);
        QFETCH(double, laterMs);
        QFETCH(bool, hardKit);
        const TakeAnalysis a = heard(apart(static_cast<Voice>(voice), laterMs, hardKit));
        QVERIFY(unisonOf(a, static_cast<Voice>(voice), Voice::HiHatClosed) == nullptr);
    }
};

QTEST_APPLESS_MAIN(TestUnisons)
#include "tst_unisons.moc"
