#include <QTest>

#include "upbeat/units/beats.h"
#include "upbeat/units/quantity.h"

using namespace upbeat;

class TestBeats : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void thirdsFifthsAndSeventhsAddUpExactly() {
        for (const int parts : {3, 5, 7, 12, 35}) {
            Beats sum(0);
            for (int i = 0; i < parts; ++i) sum = sum + Beats(1, parts);
            QCOMPARE(sum, Beats(1));
        }
    }

    void fractionsAreReducedAndSignsSitAbove() {
        QCOMPARE(Beats(6, 8), Beats(3, 4));
        QCOMPARE(Beats(3, -6).numerator(), -1);
        QCOMPARE(Beats(3, -6).denominator(), 2);
        QVERIFY_EXCEPTION_THROWN(Beats(1, 0), std::invalid_argument);
    }

    void orderFollowsValueNotSpelling() {
        QVERIFY(Beats(2, 3) < Beats(3, 4));
        QVERIFY(Beats(-1, 2) < Beats(0));
        QVERIFY(Beats(4, 2) == Beats(2));
    }

    void floorGoesDownForNegativePositions() {
        QCOMPARE(Beats(7, 2).floor(), 3);
        QCOMPARE(Beats(-1, 4).floor(), -1);
        QCOMPARE(Beats(-8, 4).floor(), -2);
    }

    void wrappingKeepsThePhase() {
        QCOMPARE(wrapped(Beats(17, 4), Beats(4)), Beats(1, 4));
        QCOMPARE(wrapped(Beats(-1, 4), Beats(4)), Beats(15, 4));
        QCOMPARE(wholeTimes(Beats(17, 4), Beats(4)), 1);
        QCOMPARE(wholeTimes(Beats(4), Beats(3, 2)), 2);
    }

    void textIsReadBack_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<bool>("good");
        for (const char* good : {"0", "3", "-1/4", "11/12"}) QTest::newRow(good) << QString::fromLatin1(good) << true;
        for (const char* bad : {"", "a", "1/0", "1/-2", "1/", "/2", "1.5", "99999999999", "1/2/3", "0x1"})
            QTest::newRow(*bad ? bad : "empty") << QString::fromLatin1(bad) << false;
    }
    void textIsReadBack() {
        QFETCH(QString, text);
        QFETCH(bool, good);
        const auto read = Beats::parse(text.toStdString());
        QCOMPARE(read.has_value(), good);
        if (good)
            QCOMPARE(QString::fromStdString(read->toString()), text);
        else
            QVERIFY(!read.error().sentence().empty());
    }

    void unitsConvert() {
        QCOMPARE(toMilliseconds(Seconds(0.25)).value(), 250.0);
        QCOMPARE(beatDuration(Bpm(120)).value(), 0.5);
        QVERIFY(Seconds(1) + Seconds(2) == Seconds(3));
        QCOMPARE(Seconds(3) / Seconds(2), 1.5);
    }

    void anErrorIsOneSentence() {
        const Error error{"the tempo is -3", "a.json", "use 30 to 300"};
        QCOMPARE(QString::fromStdString(error.sentence()), QStringLiteral("a.json: the tempo is -3; use 30 to 300."));
        QCOMPARE(QString::fromStdString(Error{"it broke", {}, {}}.sentence()), QStringLiteral("it broke."));
    }

    void ratiosAreExact() {
        QCOMPARE(ratio(Beats(3, 4), Beats(3, 2)), Beats(1, 2));
        QCOMPARE(ratio(Beats(4), Beats(1, 3)), Beats(12));
        QCOMPARE(ratio(Beats(-1, 5), Beats(1, 5)), Beats(-1));
    }
};

QTEST_APPLESS_MAIN(TestBeats)
#include "tst_beats.moc"
