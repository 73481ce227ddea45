// Commands tapped in rests and everything else that goes on in them, through sound and detector; a small part of
// `./bench --only taps`, with other seeds.
#include <QTest>

#include "rests.h"

using namespace upbeat;
using namespace upbeat::bench;

class TestRests : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void commandsAreTakenForWhatTheyAre() {
        int taken = 0;
        for (std::uint64_t seed = 0; seed < 20; ++seed) {
            const RestOutcome rest = listenToRest(RestScene::Command, 770000 + seed);
            QVERIFY(rest.asked);
            QVERIFY2(!rest.taken || rest.taken == rest.asked, qPrintable(QString::number(seed)));
            taken += rest.taken ? 1 : 0;
        }
        QVERIFY2(taken >= 18, qPrintable(QString::number(taken)));
    }

    void nothingElseIsOne() {
        for (const RestScene scene : {RestScene::Fiddling, RestScene::Talk, RestScene::Adjusting, RestScene::Quiet})
            for (std::uint64_t seed = 0; seed < 10; ++seed)
                QVERIFY2(!listenToRest(scene, 780000 + seed).taken,
                         qPrintable(QStringLiteral("%1, %2").arg(static_cast<int>(scene)).arg(seed)));
    }
};

QTEST_APPLESS_MAIN(TestRests)
#include "tst_rests.moc"
