// Why strokes lie where they lie: few causes for many strokes.
#include <QTest>
#include <cmath>
#include <random>

#include "planted_faults.h"
#include "takes.h"
#include "upbeat/causes/causes.h"
#include "upbeat/causes/search.h"
#include "upbeat/judge/findings.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr int kCells = 8;
constexpr int kPasses = 10;

/// Eight cells on ten passes, scattered by 5 about `truth` of the cell.
Observed scattered(const std::vector<double>& truth, unsigned seed) {
    std::mt19937 generator(seed);
    std::normal_distribution<double> noise(0, 5);
    Observed observed;
    for (int pass = 0; pass < kPasses; ++pass)
        for (int cell = 0; cell < kCells; ++cell) {
            observed.values.push_back(truth[static_cast<std::size_t>(cell)] + noise(generator));
            observed.cells.push_back(cell);
            observed.passes.push_back(pass);
            observed.levels.push_back(0);
        }
    return observed;
}

CauseColumn columnOf(const std::vector<int>& cells, std::size_t alternatives) {
    CauseColumn column;
    column.cost = costOfOneIn(alternatives, 2);
    for (int i = 0; i < kPasses * kCells; ++i)
        column.of.push_back(std::find(cells.begin(), cells.end(), i % kCells) != cells.end() ? 1 : 0);
    return column;
}

/// Each cell for itself, then the odd ones together (column 8).
std::vector<CauseColumn> cellsAndOddOnes() {
    std::vector<CauseColumn> columns;
    for (int cell = 0; cell < kCells; ++cell) columns.push_back(columnOf({cell}, kCells));
    columns.push_back(columnOf({1, 3, 5, 7}, 1));
    return columns;
}

MatchedTake taken(const Exercise& e, const Character& c, std::uint64_t seed = 3) {
    std::vector<Hit> hits = hitsOf(perform(e, Bpm(100), 8, c, seed), 1.0);
    return matchTake(e, {100, 1.0, 8 * e.bars, 0, false, {}}, hits);
}

}  // namespace

class TestCauses : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void manyThatAreOutAlikeAreOneCause() {
        const auto found = searchCauses(scattered({0, 20, 0, 20, 0, 20, 0, 20}, 1), cellsAndOddOnes());
        QCOMPARE(found.causes.size(), std::size_t{1});
        QCOMPARE(found.causes.front().column, std::size_t{8});
        const Figure& size = found.causes.front().size;
        QVERIFY(size.low < 20 && size.high > 20 && size.halfWidth() < 4);
        QVERIFY(std::abs(found.scatter - 5) < 1.5);
    }

    void oneOfAGroupThatIsOutIsACount() {
        const auto found = searchCauses(scattered({0, 0, 0, 20, 0, 0, 0, 0}, 2), cellsAndOddOnes());
        QCOMPARE(found.causes.size(), std::size_t{1});
        QCOMPARE(found.causes.front().column, std::size_t{3});
    }

    void aGroupAndOneThatGoesTheOtherWay() {
        const auto found = searchCauses(scattered({0, 20, 0, 20, 0, 0, 0, 20}, 3), cellsAndOddOnes());
        QCOMPARE(found.causes.size(), std::size_t{2});
        QCOMPARE(found.causes[0].column, std::size_t{8});
        QCOMPARE(found.causes[1].column, std::size_t{5});
        QVERIFY(std::abs(found.causes[0].size.value - 20) < 4 && std::abs(found.causes[1].size.value + 20) < 7);
    }

    void wildStrokesDecideNothing() {
        Observed observed = scattered(std::vector<double>(kCells, 0.0), 4);
        observed.values[3] = observed.values[11] = 300;
        QVERIFY(searchCauses(observed, cellsAndOddOnes()).causes.empty());
    }

    void chanceIsNoCause() {
        int alarms = 0;
        for (unsigned seed = 100; seed < 400; ++seed)
            alarms += searchCauses(scattered(std::vector<double>(kCells, 0.0), seed), cellsAndOddOnes()).causes.empty()
                          ? 0
                          : 1;
        QVERIFY2(alarms <= 6, qPrintable(QString::number(alarms)));  // 3 of 300 are expected at 1 %
    }

    void tooLittleIsNoEvidence() {
        QVERIFY(searchCauses({}, {}).causes.empty());
        Observed once = scattered({0, 40, 0, 40, 0, 40, 0, 40}, 5);
        for (auto* row : {&once.cells, &once.passes, &once.levels}) row->resize(kCells);
        once.values.resize(kCells);
        auto columns = cellsAndOddOnes();
        for (CauseColumn& column : columns) column.of.resize(kCells);
        QVERIFY(searchCauses(once, columns).causes.empty());
    }

    void aCauseKnowsItsStrokesAndWhatIsLeft() {
        const Exercise e = *builtInExercise("singles-sixteenths");
        Character c = calmPlayer();
        c.habits = {{{}, Limb::LeftHand, {}, {}, 18, 0, 1}};
        const Causes causes = measureCauses(taken(e, c));
        QCOMPARE(causes.offsets.causes.size(), std::size_t{1});
        const Cause& cause = causes.offsets.causes.front();
        QVERIFY(std::holds_alternative<LimbLies>(cause.of));
        QCOMPARE(cause.strokes.size(), e.strokes.size() / 2);
        QVERIFY(std::abs(cause.size.value - 18) < 2);
        // What a hand is late is no scatter of the player's.
        QVERIFY(causes.spreadMs && std::abs(causes.spreadMs->value - 4) < 1.2);
        QVERIFY(causes.habitMs && causes.habitMs->high < 4);
    }

    void aLoudGhostIsNoLoudHand() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        const auto ghost = std::find_if(e.strokes.begin(), e.strokes.end(), [](const Stroke& s) {
            return s.limb == Limb::LeftHand && s.level != Level::Accent;
        });
        QVERIFY(ghost != e.strokes.end());
        Character c = calmPlayer();
        c.habits = {{ghost->at, {}, {}, {}, 0, 11, 1}};
        const Explanation levels = explainLevels(taken(e, c));
        QCOMPARE(levels.causes.size(), std::size_t{1});
        QVERIFY(std::holds_alternative<StrokeLies>(levels.causes.front().of));
        QVERIFY(std::abs(levels.causes.front().size.value - 11) < 2);
    }

    // One microphone that melts what is struck together: the sound begins with the snare where that is early.
    void whatSoundsFirstTellsWhereASharedSoundBegins() {
        const Exercise e = *builtInExercise("ghosted-backbeat");
        Character c = calmPlayer();
        c.habits = {{{}, {}, Voice::Snare, {}, -16, 0, 1}};
        auto hits = hitsOf(perform(e, Bpm(100), 8, c, 3), 1.0);
        for (std::size_t i = 1; i < hits.size();)
            hits[i].timeS - hits[i - 1].timeS < 0.03 ? void(hits.erase(hits.begin() + static_cast<std::ptrdiff_t>(i)))
                                                     : void(++i);
        const Explanation offsets = explainOffsets(matchTake(e, {100, 1.0, 8, 0, false, {}}, hits));
        QCOMPARE(offsets.causes.size(), std::size_t{1});
        const auto* voice = std::get_if<VoiceLies>(&offsets.causes.front().of);
        QVERIFY(voice != nullptr && voice->voice == Voice::Snare);
        QVERIFY(std::abs(offsets.causes.front().size.value + 16) < 3);
    }

    // What is one sound most of the time is two where it lies farthest apart: those passes say nothing of the others.
    void theFewPassesOnWhichASoundSplitsDecideNothing() {
        const Exercise e = *builtInExercise("ghosted-backbeat");
        MatchedTake take =
            matchTake(e, {100, 1.0, 10, 0, false, {}}, hitsOf(perform(e, Bpm(100), 10, machine(), 3), 1.0));
        int split = 0;
        for (MatchedStroke& s : take.strokes) {
            s.offsetMs = 3.0 * ((s.written.pass * 7 + s.written.stroke * 5) % 3 - 1);
            if (s.stroke.voice != Voice::Kick || !s.shared || s.written.pass % 3 != 2) continue;
            take.hits.push_back(take.hits[static_cast<std::size_t>(s.hit)]);
            s.hit = static_cast<int>(take.hits.size()) - 1;
            s.shared = false;
            s.offsetMs += 16;
            ++split;
        }
        QVERIFY(split >= 6);
        QVERIFY(explainOffsets(take).causes.empty());
    }

    // Through sound, one microphone: where the hi-hat falls together with another drum its lateness is not heard, or
    // only on the passes on which it is largest. Neither makes a second sentence.
    void aLateDrumIsOneSentenceThroughSound() {
        for (const std::uint64_t seed : {3U, 4U, 5U, 6U}) {
            Character c = calmPlayer();
            c.habits = {{{}, {}, Voice::HiHatClosed, {}, 21, 0, 1}};
            const KnownTake take = play(*builtInExercise("ghosted-backbeat"), 100, 10, c, seed);
            const Sound& sound = take.rendered.sound;
            const auto findings = analyze(take, listenTo(sound.view(), sound.sampleRate)).findings;
            QCOMPARE(findings.size(), std::size_t{1});
            QCOMPARE(findings.front().kind, FindingKind::HandsApart);
            QVERIFY(findings.front().voice == Voice::HiHatClosed && std::abs(findings.front().figure.value - 21) < 4);
        }
    }

    /// Plants one fault of each kind into players of every page that has a place for it, and counts what is said.
    void oneFaultIsOneSentence() {
        int planted = 0;
        int sentences = 0;
        for (const char* id :
             {"singles-sixteenths", "paradiddle-accents", "triplet-accents", "swung-ride", "flam-taps"})
            for (std::size_t kind = 0; kind < bench::planters().size(); ++kind) {
                const Exercise e = *builtInExercise(id);
                Random random(40 + kind);
                Character c = calmPlayer();
                const auto fault = bench::planters()[kind](c, e, random);
                if (!fault || fault->leftOut) continue;
                const MatchedTake take = taken(e, c, 50 + kind);
                const auto findings = findFaults(take, measure(take), Profile());
                ++planted;
                sentences += static_cast<int>(findings.size());
                QVERIFY2(!findings.empty() && fault->isNamedBy(findings.front()),
                         qPrintable(QString::fromLatin1(id) + QLatin1Char(' ') + QString::fromStdString(fault->kind)));
            }
        QVERIFY(planted > 20);
        QVERIFY2(sentences * 10 <= planted * 11, qPrintable(QStringLiteral("%1 of %2").arg(sentences).arg(planted)));
    }
};

QTEST_APPLESS_MAIN(TestCauses)
#include "tst_causes.moc"
