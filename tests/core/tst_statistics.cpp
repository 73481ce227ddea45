#include <QTest>
#include <cmath>

#include "upbeat/measure/statistics.h"
#include "upbeat/units/random.h"

using namespace upbeat;

namespace {

std::vector<double> normals(int n, double sd, std::uint64_t seed) {
    Random random(seed);
    std::vector<double> values;
    for (int i = 0; i < n; ++i) values.push_back(sd * random.normal());
    return values;
}

bool near(double a, double b, double tolerance) {
    return std::abs(a - b) <= tolerance;
}

}  // namespace

class TestStatistics : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void mediansAndQuantiles() {
        QCOMPARE(median({}), 0.0);
        QCOMPARE(median({3}), 3.0);
        QCOMPARE(median({5, 1, 3}), 3.0);
        QCOMPARE(median({4, 1, 3, 2}), 2.5);
        QCOMPARE(quantile({0, 10}, 0.25), 2.5);
        QCOMPARE(quantile({1, 2, 3, 4, 5}, 1.0), 5.0);
        QCOMPARE(quantile({1, 2, 3, 4, 5}, -1.0), 1.0);
    }

    void deviationsOfKnownSamples() {
        const std::vector<double> sample{2, 4, 4, 4, 5, 5, 7, 9};
        QVERIFY(near(standardDeviation(sample), 2.13809, 1e-4));
        QCOMPARE(standardDeviation(std::vector<double>{3}), 0.0);
        QVERIFY(near(robustDeviation({1, 2, 3, 4, 5}), 1.4826, 1e-9));
        QCOMPARE(mean(std::vector<double>{1, 2, 6}), 3.0);
    }

    void theRobustDeviationIgnoresAccidents() {
        auto values = normals(400, 5, 1);
        const double before = robustDeviation(values);
        for (int i = 0; i < 20; ++i) values[static_cast<std::size_t>(i)] = 500;
        QVERIFY(near(robustDeviation(values), before, 0.6));
        QVERIFY(near(before, 5, 0.6));
    }

    void studentsTAgreesWithTheTables_data() {
        QTest::addColumn<double>("freedom");
        QTest::addColumn<double>("t");
        QTest::newRow("1") << 1.0 << 12.706;
        QTest::newRow("2") << 2.0 << 4.303;
        QTest::newRow("3") << 3.0 << 3.182;
        QTest::newRow("5") << 5.0 << 2.571;
        QTest::newRow("10") << 10.0 << 2.228;
        QTest::newRow("30") << 30.0 << 2.042;
        QTest::newRow("1000") << 1000.0 << 1.962;
    }
    void studentsTAgreesWithTheTables() {
        QFETCH(double, freedom);
        QFETCH(double, t);
        QVERIFY2(near(studentT975(freedom), t, 0.02 * t), qPrintable(QString::number(studentT975(freedom))));
    }

    void tooFewValuesGiveNoFigure() {
        QVERIFY(!medianFigure({1, 2}));
        QVERIFY(!spreadFigure({1, 2, 3, 4}));
        QVERIFY(!slopeFigure(std::vector<double>{1, 2, 3}, std::vector<double>{1, 2, 3}));
        QVERIFY(!slopeFigure(std::vector<double>{1, 1, 1, 1}, std::vector<double>{1, 2, 3, 4}));
    }

    void aDistanceIsAsFarOnEitherSide() {
        const Figure far{3, 1, 5, 9};
        QCOMPARE(distance(Figure{-3, -5, -1, 9}), far);
        QCOMPARE(distance(far), far);
        QCOMPARE(distance(Figure{-1, -3, 1, 9}), (Figure{1, 0, 3, 9}));
    }

    void theMediansIntervalHoldsTheTruthAsOftenAsItSays() {
        int inside = 0;
        for (std::uint64_t seed = 0; seed < 1000; ++seed) {
            const Figure f = *medianFigure(normals(60, 4, seed));
            inside += f.low <= 0 && f.high >= 0 ? 1 : 0;
        }
        QVERIFY2(inside >= 920 && inside <= 980, qPrintable(QString::number(inside)));
    }

    void theSpreadsIntervalHoldsTheTruthAsOftenAsItSays() {
        int inside = 0;
        for (std::uint64_t seed = 0; seed < 1000; ++seed) {
            const Figure f = *spreadFigure(normals(60, 4, seed));
            inside += f.low <= 4 && f.high >= 4 ? 1 : 0;
        }
        QVERIFY2(inside >= 920 && inside <= 985, qPrintable(QString::number(inside)));
    }

    void valuesThatMoveTogetherWidenTheInterval() {
        std::vector<double> values;
        std::vector<int> groups;
        Random random(3);
        for (int pass = 0; pass < 8; ++pass) {
            const double common = 6 * random.normal();
            for (int i = 0; i < 16; ++i) {
                values.push_back(common + random.normal());
                groups.push_back(pass);
            }
        }
        QVERIFY(medianFigure(values, groups)->halfWidth() > 2 * medianFigure(values)->halfWidth());
        QCOMPARE(medianFigure(values, groups)->value, medianFigure(values)->value);
    }

    void valuesAllAlikeGiveNoCertainty() {
        std::vector<double> values(20, 1.0);
        values.push_back(9.0);
        QVERIFY(medianFigure(values)->halfWidth() > 0);
    }

    void slopesAreFoundWithTheirError() {
        std::vector<double> x;
        std::vector<double> y;
        Random random(4);
        for (int i = 0; i < 200; ++i) {
            x.push_back(i * 0.01);
            y.push_back(3 + 7 * x.back() + 0.5 * random.normal());
        }
        const Figure slope = *slopeFigure(x, y);
        QVERIFY(slope.low < 7 && slope.high > 7);
        QVERIFY(slope.halfWidth() < 0.3);
    }

    void differencesAddTheirErrorsInSquares() {
        const Figure d = difference({10, 7, 13, 5}, {4, 0, 8, 9});
        QCOMPARE(d.value, 6.0);
        QCOMPARE(d.halfWidth(), 5.0);
        QCOMPARE(d.n, 5);
    }

    void sharesFollowWilson() {
        const Figure half = shareFigure(5, 10);
        QVERIFY(near(half.value, 50, 1e-9));
        QVERIFY(near(half.low, 23.66, 0.05));
        QVERIFY(near(half.high, 76.34, 0.05));
        QCOMPARE(shareFigure(0, 8).low, 0.0);
        QVERIFY(shareFigure(0, 8).high > 20);
        QCOMPARE(shareFigure(1, 0).n, 0);
    }
};

QTEST_APPLESS_MAIN(TestStatistics)
#include "tst_statistics.moc"
