// A fill between two grooves: how each section was played beside the one before it.
#include <QRegularExpression>
#include <QTest>

#include "takes.h"
#include "upbeat/climb/climb.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/words/section_words.h"
#include "upbeat/words/words.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kBpm = 100;

Exercise groovesAndFill() {
    const auto read = exerciseFromText(
        "title: Three and one\nsection: groove from bar 1\nsection: fill from bar 4\n"
        "hi-hat | RR RR RR RR | RR RR RR RR | RR RR RR RR | . . . . |\n"
        "snare | . >L . >L | . >L . >L | . >L . >L | RLRL >RLRL RLRL >RLRL |\n"
        "bass drum | F . F . | F . F . | F . F . | F . F . |\n");
    return read ? *read : Exercise();
}

struct Moved {
    int bar = 4;        ///< Bars of the page from here
    int to = 4;         ///< to here
    double ms = 0;      ///< are played so much later
    double db = 0;      ///< and louder,
    double backMs = 0;  ///< and the first bar of the page so much later.
};

TakeAnalysis playedWith(const Exercise& e, const Moved& moved, int passes, std::uint64_t seed) {
    Performance p = perform(e, Bpm(kBpm), passes, goodPlayer(), seed);
    for (PlayedHit& hit : p.hits) {
        if (hit.stroke < 0) continue;
        const int bar = barAt(e, e.strokes[static_cast<std::size_t>(hit.stroke)].at).number;
        if (bar >= moved.bar && bar <= moved.to) hit.timeS += moved.ms * 1e-3, hit.levelDb += moved.db;
        if (bar == 1) hit.timeS += moved.backMs * 1e-3;
    }
    sortByTime(p);
    return analyzeTake(e, {kBpm, 1.0, passes * e.bars, 0, false, {}}, hitsWithVoices(p, 1.0), {{}, ladderOf(e), {}});
}

std::string said(const TakeAnalysis& take, std::size_t section) {
    return words::contextOf(take.measures.sections.at(section)).said();
}

}  // namespace

class TestContexts : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aPageWithoutSectionsHasNone() {
        Exercise e = groovesAndFill();
        e.sections.clear();
        QVERIFY(playedWith(e, {}, 4, 1).measures.sections.empty());
    }

    void aFillThatRunsAheadIsSaidWithItsReturn() {
        int right = 0;
        for (std::uint64_t seed = 1; seed <= 20; ++seed) {
            const auto take = playedWith(groovesAndFill(), {4, 4, -14}, 8, seed);
            const SectionPlayed& fill = take.measures.sections.at(1);
            const auto sentence = said(take, 1);
            const bool held = fill.here.pulseMs->low <= -14 && fill.here.pulseMs->high >= -14;
            right += held && sentence.find("early") != std::string::npos &&
                             sentence.find("you are back") != std::string::npos
                         ? 1
                         : 0;
            QVERIFY2(std::abs(fill.here.pulseMs->value + 14) < 3, sentence.c_str());
            QCOMPARE(fill.here.pulseMs->n, 8);
        }
        QVERIFY2(right >= 18, qPrintable(QString::number(right)));
    }

    void whoIsNotBackIsTold() {
        const auto e = *exerciseFromText(
            "title: There and back\nsection: groove from bar 1\nsection: fill from bar 3\nsection: after from bar 4\n"
            "snare | R L R L | R L R L | RLRL RLRL RLRL RLRL | R L R L | R L R L |\n");
        Performance p = perform(e, Bpm(kBpm), 8, goodPlayer(), 3);
        for (PlayedHit& hit : p.hits)
            if (hit.stroke >= 8) hit.timeS -= hit.stroke < 24 ? 0.014 : 0.010;
        const auto take = analyzeTake(e, {kBpm, 1.0, 40, 0, false, {}}, hitsWithVoices(p, 1.0), {{}, ladderOf(e), {}});
        QVERIFY2(said(take, 1).find("you are still 1") != std::string::npos, said(take, 1).c_str());
    }

    void whoPlaysAllAlikeIsToldNothing() {
        int told = 0;
        for (std::uint64_t seed = 1; seed <= 50; ++seed) {
            const auto take = playedWith(groovesAndFill(), {}, 8, seed);
            told += (said(take, 0).empty() ? 0 : 1) + (said(take, 1).empty() ? 0 : 1);
        }
        QVERIFY2(told <= 2, qPrintable(QString::number(told)));
    }

    /// The fill has louder accents and taps where the groove has a hi-hat: like for like nothing changes.
    void levelsAreComparedLikeForLike() {
        const auto alike = playedWith(groovesAndFill(), {}, 8, 5);
        const LikeForLike& fill = alike.measures.sections.at(1).here;
        QCOMPARE(fill.by, LikeForLike::By::CountAndVoice);
        QVERIFY(fill.levelDb && std::abs(fill.levelDb->value) < 1);
        const auto louder = playedWith(groovesAndFill(), {4, 4, 0, 4}, 8, 5);
        QVERIFY2(said(louder, 1).find("dB louder") != std::string::npos, said(louder, 1).c_str());
        QVERIFY(std::abs(louder.measures.sections.at(1).here.levelDb->value - 4) < 1);
    }

    void whatSharesNoVoiceIsComparedByCounts() {
        auto e = *exerciseFromText(
            "title: Toms\nsection: groove from bar 1\nsection: fill from bar 2\n"
            "snare | R L R L | . . . . |\nlow tom | . . . . | R L R L |\n");
        const auto take = playedWith(e, {2, 2, 12}, 8, 1);
        const LikeForLike& fill = take.measures.sections.at(1).here;
        QCOMPARE(fill.by, LikeForLike::By::Count);
        QVERIFY(!fill.levelDb && std::abs(fill.pulseMs->value - 12) < 3);
    }

    void theTempoOfASectionIsTheOnePlayed() {
        Exercise e = groovesAndFill();
        Performance p = perform(e, Bpm(kBpm), 8, goodPlayer(), 4);
        const double barS = barDurationS(e, Bpm(kBpm));
        for (PlayedHit& hit : p.hits) {  // 1 % faster in every fill
            const double inPass = std::fmod(hit.gridS, 4 * barS);
            if (inPass >= 3 * barS) hit.timeS -= 0.01 * (inPass - 3 * barS);
        }
        const auto take = analyzeTake(e, {kBpm, 1.0, 32, 0, false, {}}, hitsWithVoices(p, 1.0), {{}, ladderOf(e), {}});
        const auto& sections = take.measures.sections;
        QVERIFY(sections[1].tempoBpm && std::abs(sections[1].tempoBpm->value - 101) < 0.3);
        QVERIFY(sections[1].tempoBpm->low > 100);
        QVERIFY(sections[0].tempoBpm && std::abs(sections[0].tempoBpm->value - 100) < 0.2);
    }

    void aSinglePassIsComparedByItsCounts() {
        const auto take = playedWith(groovesAndFill(), {4, 4, -20}, 1, 2);
        const SectionPlayed& fill = take.measures.sections.at(1);
        QVERIFY(fill.here.pulseMs && std::abs(fill.here.pulseMs->value + 20) < 4);
        QVERIFY(!fill.behind.pulseMs);
        QVERIFY(!take.measures.sections.at(0).here.pulseMs);
    }

    /// One fault, one sentence.
    void aFillThatLeansIsFoundAndNothingElse_data() {
        QTest::addColumn<double>("ms");
        QTest::addColumn<double>("db");
        QTest::addColumn<QString>("says");
        QTest::newRow("early") << -14.0 << 0.0 << "In fill: The pulse is .+ early";
        QTest::newRow("late") << 16.0 << 0.0 << "In fill: The pulse is .+ late";
        QTest::newRow("louder") << 0.0 << 5.0 << "In fill: The strokes are .+ louder";
    }
    void aFillThatLeansIsFoundAndNothingElse() {
        QFETCH(double, ms);
        QFETCH(double, db);
        QFETCH(QString, says);
        const Exercise e = groovesAndFill();
        int right = 0;
        int others = 0;
        QString last;
        for (std::uint64_t seed = 1; seed <= 20; ++seed)
            for (const Finding& finding : playedWith(e, {4, 4, ms, db}, 8, seed).findings) {
                const auto sentence = QString::fromStdString(words::sentenceOf(e, finding).said());
                const bool isIt = QRegularExpression(says).match(sentence).hasMatch() && finding.section &&
                                  finding.section->name == "fill";
                (isIt ? right : others) += 1;
                if (!isIt) last = sentence;
            }
        QVERIFY2(right >= 19 && others <= 1, qPrintable(QString("%1, %2: %3").arg(right).arg(others).arg(last)));
    }
};

QTEST_APPLESS_MAIN(TestContexts)
#include "tst_contexts.moc"
