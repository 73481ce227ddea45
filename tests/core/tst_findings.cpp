#include <QTest>

#include "coverage.h"
#include "faults.h"
#include "said.h"
#include "takes.h"
#include "upbeat/judge/findings.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

std::vector<Finding> findingsOf(const char* id, double tempo, int passes, const Character& c, std::uint64_t seed = 1) {
    const Exercise e = *builtInExercise(id);
    const MatchedTake take =
        matchTake(e, {tempo, 1.0, passes * e.bars, 0, false, {}}, hitsOf(perform(e, Bpm(tempo), passes, c, seed), 1.0));
    return findFaults(take, measure(take), Profile());
}

const Finding* find(const std::vector<Finding>& findings, FindingKind kind) {
    const auto found =
        std::find_if(findings.begin(), findings.end(), [kind](const Finding& f) { return f.kind == kind; });
    return found == findings.end() ? nullptr : &*found;
}

}  // namespace

class TestFindings : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void faultsOfFiguresAreSaid() {
        // Doubles whose second stroke dies, a left hand that is softer, a beat that stretches, a run that fades.
        Character c = calmPlayer();
        for (int i = 1; i < 16; i += 2) c.habits.push_back({Beats(i, 4), {}, {}, {}, 0, -5, 1});
        const auto doubles = findingsOf("doubles-sixteenths", 100, 8, c);
        QVERIFY(std::any_of(doubles.begin(), doubles.end(), [](const Finding& f) {
            return f.kind == FindingKind::Soft &&
                   (std::holds_alternative<SecondsLevel>(f.fault) || std::holds_alternative<SecondsTime>(f.fault));
        }));
        c = calmPlayer();
        c.habits = {{std::nullopt, Limb::LeftHand, std::nullopt, std::nullopt, 0, -5, 1}};
        const auto hands = findingsOf("singles-sixteenths", 100, 8, c);
        const Finding* soft = find(hands, FindingKind::Soft);
        QVERIFY(soft != nullptr && soft->limb == Limb::LeftHand && soft->figure.value < -3);
    }

    void aBeatThatStretchesAtAChangeIsSaid() {
        const auto cases = bench::coverageCases();
        const auto change = std::find_if(cases.begin(), cases.end(), [](const bench::CoverageCase& k) {
            return k.measure == "beat across a change";
        });
        QVERIFY(change != cases.end());
        Character c = change->character;
        c.habits.clear();
        for (int part = 1; part < 6; ++part)  // it stretches, and what follows is late until the page changes again
            c.habits.push_back({Beats(2) + Beats(part, 3), {}, {}, {}, 25 * std::min(1.0, part / 3.0), 0, 1});
        const auto p = perform(change->exercise, Bpm(100), 10, c, 3);
        const MatchedTake take = matchTake(change->exercise, {100, 1.0, 10, 0, false, {}}, hitsOf(p, 1.0));
        const auto findings = findFaults(take, measure(take), Profile());
        const Finding* f = find(findings, FindingKind::Subdivision);
        QVERIFY(f != nullptr);
        QCOMPARE(take.exercise.strokes[static_cast<std::size_t>(*f->stroke)].at, Beats(2));
        QVERIFY(std::abs(f->figure.value - 25) < 6);
    }

    void aFlatCrescendoIsSaid() {
        Exercise e = *builtInExercise("singles-sixteenths");
        e.swells = {{Beats(0), Beats(15, 4), -20, 0}};
        Exercise flat = e;
        flat.swells.front().fromDb = -6;
        const auto p = perform(flat, Bpm(100), 8, calmPlayer(), 3);
        const MatchedTake take = matchTake(e, {100, 1.0, 8, 0, false, {}}, hitsOf(p, 1.0));
        const auto findings = findFaults(take, measure(take), Profile());
        const Finding* f = find(findings, FindingKind::Crescendo);
        QVERIFY(f != nullptr);
        QVERIFY(std::abs(f->figure.value + 14) < 3);
    }

    /// N5: a sudden drop that is not soft enough.
    void aDynamicThatIsTooLoudIsSaid() {
        Exercise e = *builtInExercise("singles-sixteenths");
        e.swells = {{Beats(0), Beats(2), -4, -4}, {Beats(2), Beats(4), -20, -20}};
        Exercise lazy = e;
        lazy.swells.back() = {Beats(2), Beats(4), -8, -8};
        const auto said = [&](const Exercise& played) {
            const auto p = perform(played, Bpm(100), 8, calmPlayer(), 3);
            const MatchedTake take = matchTake(e, {100, 1.0, 8, 0, false, {}}, hitsOf(p, 1.0));
            return findFaults(take, measure(take), Profile());
        };
        const auto findings = said(lazy);
        const Finding* f = find(findings, FindingKind::Loud);
        QVERIFY(f != nullptr);
        QVERIFY(english(words::sentenceOf(e, *f)).startsWith(QStringLiteral("Your p from beat 3 is 6 dB too loud")));
        QVERIFY(find(said(e), FindingKind::Loud) == nullptr && find(said(e), FindingKind::Soft) == nullptr);
    }

    void aLostPlaceIsSaidOnce() {
        const Exercise e = *builtInExercise("singles-sixteenths");
        auto hits = hitsOf(perform(e, Bpm(100), 8, calmPlayer(), 1), 1.0);
        std::erase_if(hits, [](const Hit& h) { return h.timeS > 1 + 9.6 - 0.1 && h.timeS < 1 + 12 - 0.1; });
        const MatchedTake take = matchTake(e, {100, 1.0, 8, 0, false, {}}, hits);
        const auto findings = findFaults(take, measure(take), Profile());
        const auto missed = std::count_if(findings.begin(), findings.end(),
                                          [](const Finding& f) { return f.kind == FindingKind::Missed; });
        QCOMPARE(missed, 1);
        const auto* lost = std::get_if<PlaceLost>(&findings.front().fault);
        QVERIFY(lost != nullptr);
        QCOMPARE(lost->bar, 5);
        QCOMPARE(lost->beat, 1);
        QCOMPARE(lost->beatsLate, 0);
    }

    void plantedFaultsAreNamedAndCleanPlayersAreLeftAlone() {
        const bench::FaultScore score = bench::scoreFaults(60, 60);
        QVERIFY(score.planted > 80);
        QVERIFY2(score.named * 100 >= score.planted * 97, qPrintable(QString::number(score.named)));
        QVERIFY2(score.cleanAccused <= 1, qPrintable(QString::number(score.cleanAccused)));
        QVERIFY2(score.falselySaid * 100 <= score.said * 5, qPrintable(QString::number(score.falselySaid)));
        QVERIFY2(score.said * 10 <= score.planted * 12, qPrintable(QString::number(score.said)));
        QVERIFY2(score.firstRight * 100 >= score.faultyPlayers * 95, qPrintable(QString::number(score.firstRight)));
    }

    void anEarlyCountIsNamedWithPlaceAndHand() {
        Character c = calmPlayer();
        c.habits = {{Beats(7, 4), std::nullopt, std::nullopt, std::nullopt, -16, 0, 1}};
        const auto findings = findingsOf("paradiddle-accents", 100, 8, c);
        QVERIFY(!findings.empty());
        const Finding& f = findings.front();
        QCOMPARE(f.kind, FindingKind::Early);
        QCOMPARE(f.stroke, 7);
        QCOMPARE(f.limb, Limb::LeftHand);
        QVERIFY(f.figure.value < -11 && f.figure.value > -21);
        QCOMPARE(f.of, 8);
        QCOMPARE(f.drill->fromBeat, Beats(2));
        const QString said = english(words::sentenceOf(*builtInExercise("paradiddle-accents"), f));
        QVERIFY(said.startsWith(QStringLiteral("The left tap on the a of 2 comes ")));
        QVERIFY(said.contains(QStringLiteral("early")));
    }

    void aLateCountIsLate() {
        Character c = calmPlayer();
        c.habits = {{Beats(2), std::nullopt, std::nullopt, std::nullopt, 18, 0, 1}};
        const auto findings = findingsOf("singles-sixteenths", 90, 8, c);
        QVERIFY(find(findings, FindingKind::Late) != nullptr);
        QCOMPARE(find(findings, FindingKind::Late)->stroke, 8);
    }

    void oneHandBehindIsSaidOnceNotEightTimes() {
        Character c = calmPlayer();
        c.habits = {{std::nullopt, Limb::LeftHand, std::nullopt, std::nullopt, 16, 0, 1}};
        const auto findings = findingsOf("singles-sixteenths", 90, 8, c);
        QVERIFY(find(findings, FindingKind::HandsApart) != nullptr);
        QVERIFY(find(findings, FindingKind::HandsApart)->figure.value > 10);
        const auto counts = std::count_if(findings.begin(), findings.end(), [](const Finding& f) {
            return f.kind == FindingKind::Early || f.kind == FindingKind::Late;
        });
        QVERIFY2(counts <= 1, qPrintable(QString::number(counts)));
    }

    void aGhostThatGrowsIsLoud() {
        Character c = calmPlayer();
        c.habits = {{Beats(7, 4), std::nullopt, Voice::Snare, std::nullopt, 0, 10, 1}};
        const auto findings = findingsOf("ghosted-backbeat", 80, 8, c);
        const Finding* loud = find(findings, FindingKind::Loud);
        QVERIFY(loud != nullptr);
        QCOMPARE(loud->level, Level::Ghost);
        QCOMPARE(loud->voice, Voice::Snare);
        QVERIFY(loud->figure.value > 6);
    }

    void anAccentThatSinksIsSoft() {
        Character c = calmPlayer();
        c.habits = {{Beats(2), std::nullopt, std::nullopt, std::nullopt, 0, -9, 1}};
        const auto findings = findingsOf("paradiddle-accents", 90, 8, c);
        QVERIFY(find(findings, FindingKind::Soft) != nullptr);
        QCOMPARE(find(findings, FindingKind::Soft)->stroke, 8);
    }

    void aStrokeLeftOutAgainAndAgainIsMissed() {
        const Exercise e = *builtInExercise("singles-sixteenths");
        auto p = perform(e, Bpm(90), 8, calmPlayer(), 1);
        std::erase_if(p.hits, [](const PlayedHit& h) { return h.stroke == 5 && h.pass % 2 == 0; });
        const MatchedTake take = matchTake(e, {90, 1.0, 8, 0, false, {}}, hitsOf(p, 1.0));
        const auto findings = findFaults(take, measure(take), Profile());
        const Finding* missed = find(findings, FindingKind::Missed);
        QVERIFY(missed != nullptr);
        QCOMPARE(missed->stroke, 5);
        QCOMPARE(missed->passes, 4);
        QVERIFY(std::abs(missed->figure.value - 50) < 1e-9);
    }

    // Where a count can hardly be heard, nobody can say that it was not played.
    void whatHardlySoundsIsNotSaidToBeMissing() {
        const Exercise e = *builtInExercise("singles-sixteenths");
        auto p = perform(e, Bpm(90), 8, calmPlayer(), 1);
        std::erase_if(p.hits, [](const PlayedHit& h) { return h.stroke == 5 && h.pass % 2 == 0; });
        auto hits = hitsOf(p, 1.0);
        for (Hit& hit : hits) {
            const double inBar = std::fmod(hit.timeS - 1 + 0.04, 240.0 / 90);
            if (std::abs(inBar - 5 * 15.0 / 90) < 0.08) hit.contrastDb = 6;
        }
        const MatchedTake take = matchTake(e, {90, 1.0, 8, 0, false, {}}, hits);
        QCOMPARE(take.missed.size(), std::size_t{4});
        QVERIFY(find(findFaults(take, measure(take), Profile()), FindingKind::Missed) == nullptr);
    }

    void wholeTakeFaultsAreNamed_data() {
        QTest::addColumn<QString>("id");
        QTest::addColumn<int>("kind");
        QTest::newRow("uneven") << "singles-sixteenths" << static_cast<int>(FindingKind::Uneven);
        QTest::newRow("drift") << "singles-sixteenths" << static_cast<int>(FindingKind::Drift);
        QTest::newRow("swing") << "swung-ride" << static_cast<int>(FindingKind::Swing);
        QTest::newRow("flat accents") << "paradiddle-accents" << static_cast<int>(FindingKind::LevelGap);
        QTest::newRow("loose flams") << "flam-taps" << static_cast<int>(FindingKind::Grace);
        QTest::newRow("extra") << "singles-sixteenths" << static_cast<int>(FindingKind::Extra);
    }
    void wholeTakeFaultsAreNamed() {
        QFETCH(QString, id);
        QFETCH(int, kind);
        Character c = calmPlayer();
        switch (static_cast<FindingKind>(kind)) {
            case FindingKind::Uneven:
                c.spreadMs = 24;
                break;
            case FindingKind::Drift:
                c.driftMsPerMin = 90;
                break;
            case FindingKind::Swing:
                c.swingRatio = 1.3;
                break;
            case FindingKind::LevelGap:
                c.relativeDb = {-12, -5, 0};
                break;
            case FindingKind::Grace:
                c.graceSpreadMs = 20, c.graceMs = 42;
                break;
            case FindingKind::Extra:
                c.extraChance = 0.12;
                break;
            default:
                break;
        }
        const auto findings = findingsOf(id.toUtf8().constData(), 80, 24, c);
        const Finding* f = find(findings, static_cast<FindingKind>(kind));
        QVERIFY2(f != nullptr, qPrintable(QString::number(findings.size())));
        QVERIFY(!f->unit.empty());
        QVERIFY(!f->stroke.has_value());
    }

    void aCleanTakeHasNoFindings() {
        int withFindings = 0;
        for (std::uint64_t seed = 1; seed <= 100; ++seed)
            for (const char* id : {"paradiddle-accents", "singles-sixteenths"})
                withFindings += findingsOf(id, 100, 8, calmPlayer(), seed).empty() ? 0 : 1;
        QVERIFY2(withFindings <= 6, qPrintable(QString::number(withFindings)));
    }

    void theWorstComesFirst() {
        Character c = calmPlayer();
        c.habits = {{Beats(1), std::nullopt, std::nullopt, std::nullopt, 15, 0, 1},
                    {Beats(3), std::nullopt, std::nullopt, std::nullopt, -28, 0, 1}};
        const auto findings = findingsOf("singles-sixteenths", 90, 8, c);
        QVERIFY(findings.size() >= 2);
        QCOMPARE(findings.front().stroke, 12);
        for (std::size_t i = 1; i < findings.size(); ++i) QVERIFY(findings[i - 1].weight >= findings[i].weight);
    }

    void nothingPlayedIsNothingFoundButTheGaps() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        const MatchedTake take = matchTake(e, {100, 1.0, 4, 0, false, {}}, {});
        for (const Finding& f : findFaults(take, measure(take), Profile())) QCOMPARE(f.kind, FindingKind::Missed);
    }
};

QTEST_APPLESS_MAIN(TestFindings)
#include "tst_findings.moc"
