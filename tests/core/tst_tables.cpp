// What ./bench prints: a figure that misses what is asked is not left to whoever reads it.
#include <QTest>

#include "table.h"

using namespace upbeat::bench;

class TestTables : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aFigureIsHeldAgainstWhatIsAsked_data() {
        QTest::addColumn<QString>("figure");
        QTest::addColumn<QString>("asked");
        QTest::addColumn<bool>("missed");
        QTest::newRow("less") << "0.59"
                              << "<= 0.6" << false;
        QTest::newRow("as much") << "0.6"
                                 << "<= 0.6" << false;
        QTest::newRow("more") << "0.61 times its time"
                              << "<= 0.6" << true;
        QTest::newRow("too few") << "94.9 %"
                                 << ">= 95 %" << true;
        QTest::newRow("enough") << "97.0 %"
                                << ">= 95 %" << false;
        QTest::newRow("with the longest") << "2.7 (longest 25.8)"
                                          << "<= 16" << false;
        QTest::newRow("nothing asked") << "4800"
                                       << "" << false;
    }
    void aFigureIsHeldAgainstWhatIsAsked() {
        QFETCH(QString, figure);
        QFETCH(QString, asked);
        QTEST(isMissed(figure.toStdString(), asked.toStdString()), "missed");
    }

    void onlyTheRowThatMissesIsMarked() {
        const std::string text =
            toText({"Speed", {"what", "figure", "asked"}, {{"a", "3", "<= 4"}, {"b", "5", "<= 4"}}});
        QCOMPARE(QString::fromStdString(text).count(QStringLiteral("<- missed")), 1);
        QVERIFY(text.ends_with("<= 4  <- missed\n"));
        QVERIFY(toText({"T", {"asked"}, {{"<= 4"}}}).find("missed") == std::string::npos);
    }
};

QTEST_APPLESS_MAIN(TestTables)
#include "tst_tables.moc"
