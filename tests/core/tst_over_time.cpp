// What days and weeks brought.
#include <QTest>
#include <cmath>

#include "upbeat/season/over_time.h"
#include "upbeat/season/two_takes.h"
#include "upbeat/units/random.h"
#include "upbeat/words/season_words.h"

using namespace upbeat;

namespace {

/// Two weeks of a measure that grows with the tempo, with good days and bad ones; `change`: of the second week.
std::vector<FigureThen> twoWeeks(double change, bool faster, std::uint64_t seed) {
    Random random(seed);
    std::vector<FigureThen> all;
    for (int ago = 13; ago >= 0; --ago) {
        if (ago % 3 == 2) continue;  // days without practice
        const double day = 0.8 * random.normal();
        for (int take = 0; take < 6; ++take) {
            const double tempo = (take < 3 ? 100 : 104) + (faster && ago < 7 ? 40 : 0);
            const double value = 5 + 0.05 * (tempo - 100) + day + 0.5 * random.normal() + (ago < 7 ? change : 0);
            all.push_back({ago + 3, tempo, value});
        }
    }
    return all;
}

}  // namespace

class TestOverTime : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aDayHasItsFastestCleanTake() {
        const std::vector<PastTake> takes{{80, 3, 1}, {92, 3, 1}, {96, 3, 0}, {90, 1, 0.5}, {90, 1, 0}};
        const auto days = overTime(takes);
        QCOMPARE(days.size(), std::size_t{2});
        QCOMPARE(days[0].daysAgo, 3);
        QCOMPARE(days[0].takes, 3);
        QCOMPARE(days[0].cleanBpm, std::optional(92.0));
        QVERIFY(!days[1].cleanBpm && !days[0].ceiling);
        QVERIFY(overTime({}).empty());
    }

    // The ceiling of a day knows nothing of what came after it.
    void aCeilingIsThatOfItsDay() {
        std::vector<PastTake> takes;
        for (int ago = 20; ago >= 0; --ago) {
            const double ceiling = 100 + (20 - ago);
            for (const double tempo : {ceiling - 12, ceiling - 6, ceiling + 6, ceiling + 12})
                takes.push_back({tempo, ago, tempo < ceiling ? 1.0 : 0.0});
        }
        const auto days = overTime(takes);
        QCOMPARE(days.size(), std::size_t{21});
        const std::vector<PastTake> half(takes.begin(), takes.begin() + 4 * 11);
        const auto then = overTime(half);
        QVERIFY(days[10].ceiling && then[10].ceiling);
        QVERIFY(std::abs(days[10].ceiling->value - then[10].ceiling->value) < 0.5);
        QVERIFY(days[20].ceiling->value > days[8].ceiling->value + 5);
        QVERIFY2(std::abs(days[20].ceiling->value - 120) < 6, qPrintable(QString::number(days[20].ceiling->value)));
    }

    void aChangeIsTrueAndItsIntervalHonest_data() {
        QTest::addColumn<double>("change");
        QTest::newRow("none") << 0.0;
        QTest::newRow("better") << -1.5;
        QTest::newRow("much worse") << 3.0;
    }
    void aChangeIsTrueAndItsIntervalHonest() {
        QFETCH(double, change);
        int held = 0;
        int told = 0;
        double sum = 0;
        constexpr int kTimes = 600;
        for (std::uint64_t seed = 0; seed < kTimes; ++seed) {
            const auto found = changeOverWeeks(twoWeeks(change, false, seed));
            QVERIFY(found.has_value());
            held += found->difference.low <= change && change <= found->difference.high ? 1 : 0;
            told += found->isTold() ? 1 : 0;
            sum += found->difference.value;
            QVERIFY(std::abs(found->after - found->before - found->difference.value) < 1e-9);
        }
        qInfo("change of %.1f: mean %.3f, in the interval %.1f %%, told %.1f %%", change, sum / kTimes,
              100.0 * held / kTimes, 100.0 * told / kTimes);
        QVERIFY2(held >= 0.93 * kTimes, qPrintable(QString::number(held)));
        QVERIFY(std::abs(sum / kTimes - change) < 0.1);
        if (change == 0) QVERIFY2(told <= 0.07 * kTimes, qPrintable(QString::number(told)));
        if (change == 3) QVERIFY2(told >= 0.90 * kTimes, qPrintable(QString::number(told)));
    }

    void otherTemposAreNotCompared() {
        QVERIFY(!changeOverWeeks(twoWeeks(0, true, 3)));
        QVERIFY(!changeOverWeeks({}));
        QVERIFY(!changeOverWeeks({{1, 100, 5}, {9, 100, 6}}));
        // A pause of a month is no week: what is compared are the last days of playing and those before them.
        auto all = twoWeeks(0, false, 3);
        for (FigureThen& f : all)
            if (f.daysAgo >= 10) f.daysAgo += 30;
        QVERIFY(!changeOverWeeks(all));
    }

    void twoTakesAreComparedGateByGate() {
        const auto gate = [](GateKind kind, double value, double half) {
            Gate one;
            one.kind = kind;
            one.measured = {value, value - half, value + half, 40};
            return one;
        };
        const std::vector<Gate> before{gate(GateKind::Spread, 12, 1), gate(GateKind::AccentTapGap, 6, 1),
                                       gate(GateKind::Mistakes, 9, 0), gate(GateKind::Placement, 3, 2)};
        const std::vector<Gate> after{gate(GateKind::Mistakes, 2, 0), gate(GateKind::Spread, 9, 1),
                                      gate(GateKind::AccentTapGap, 4, 1), gate(GateKind::Drift, 3, 2)};
        const auto changes = compareTakes(before, after);
        QCOMPARE(changes.size(), std::size_t{3});  // what only one has is not compared
        const auto said = [&changes](std::size_t i) {
            return QString::fromStdString(words::changeOf(changes[i]).said());
        };
        // 1 and 1 in squares are 1.41: a difference of 3 is from 1.6 to 4.4.
        QCOMPARE(said(0), QStringLiteral("Spread: 12.0 then 9.0 ms, better by 3.0 (1.6 to 4.4)"));
        QCOMPARE(said(1), QStringLiteral("Accents above taps: 6.0 then 4.0 dB, worse by 2.0 (0.6 to 3.4)"));
        // 9 and 2 mistakes: 1.96 times the root of 11 is 6.5, and 7 are more.
        QCOMPARE(said(2), QStringLiteral("Missed and extra: 9 then 2, better by 7 (0 to 14)"));
        const auto same = compareTakes(before, before);
        QCOMPARE(QString::fromStdString(words::changeOf(same[3]).said()),
                 QStringLiteral("Placement: 3.0 then 3.0 ms, no difference that can be told"));
        QCOMPARE(same[2].how, GateChange::How::Untold);
    }
};

QTEST_GUILESS_MAIN(TestOverTime)
#include "tst_over_time.moc"
