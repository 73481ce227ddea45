// Climb in the real window: the ladder, what many takes say, limits of one's own; and what stops a climb.
#include <QDoubleSpinBox>
#include <QTest>

#include "climb/climb_place.h"
#include "climb/faster_view.h"
#include "climb/limit_editor.h"
#include "stage.h"

using namespace upbeat;
using namespace upbeat::test;

class TestClimbing : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void theLadderIsClimbedByArrows() {
        const Desk stage;
        stage.key(Qt::Key_F5);
        const double start = stage.studio->stand().ladder().tempoBpm;
        stage.key(Qt::Key_Up);
        QCOMPARE(stage.studio->stand().ladder().tempoBpm, start + 4);
        stage.key(Qt::Key_Down);
        QCOMPARE(stage.studio->stand().ladder().tempoBpm, start);
        const double goal = stage.studio->stand().ladder().ladder.goalBpm;
        stage.key(Qt::Key_G);
        QCOMPARE(stage.studio->stand().ladder().ladder.goalBpm, goal + 4);
    }

    void whatHappensAsItGetsFasterIsOneKeyAway() {
        const Desk stage;
        stage.playOne();
        stage.key(Qt::Key_F5);
        auto* climb = qobject_cast<ClimbPlace*>(stage.window->place(MainWindow::Climb));
        QVERIFY(!climb->fasterView()->isVisible());
        stage.key(Qt::Key_V);
        QTRY_VERIFY_WITH_TIMEOUT(climb->isPastKnown(), 60000);
        QVERIFY(climb->fasterView()->isVisible() && climb->fasterView()->chosen() != nullptr);
        const auto keys = climb->keys();
        QVERIFY(std::any_of(keys.begin(), keys.end(), [](const KeyHint& k) { return k.key == QStringLiteral("M"); }));
        const SeasonMeasure first = climb->fasterView()->chosen()->measure;
        stage.key(Qt::Key_M);
        const SeasonMeasure second = climb->fasterView()->chosen()->measure;
        QVERIFY(second != first);
        stage.key(Qt::Key_Up);  // another rung is no reason to look at something else
        QCOMPARE(climb->fasterView()->chosen()->measure, second);
        QVERIFY(!climb->fasterView()->accessibleName().isEmpty());
        stage.key(Qt::Key_V);
        QVERIFY(!climb->fasterView()->isVisible());
    }

    void inTheRestTheNextStepIsLarge() {
        const Desk stage(machine());
        PracticeSettings settings = stage.studio->setup().settings();
        settings.barsPerTake = 2;
        settings.restS = 30;
        stage.studio->setup().change(settings);
        stage.key(Qt::Key_F3);
        stage.key(Qt::Key_H);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->handsFree().isResting(), 60000);
        QVERIFY(stage.studio->handsFree().restLeftS() > 25);
        const QImage picture = stage.window->place(MainWindow::Play)->grab().toImage();
        int dark = 0;
        for (int y = picture.height() / 2; y < picture.height(); y += 4)
            for (int x = 0; x < picture.width(); x += 4)
                dark += picture.pixelColor(x, y) == Theme::light().spine ? 1 : 0;
        QVERIFY2(dark > 5000, qPrintable(QString::number(dark)));
        stage.studio->handsFree().set(false);
    }

    void whatHurtsRestsUntilTomorrow() {
        const Desk stage;
        stage.key(Qt::Key_F3);
        stage.key(Qt::Key_H);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->recorder().isRecording(), 60000);
        stage.key(Qt::Key_X);
        QVERIFY(!stage.studio->handsFree().isOn());
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->recorder().isIdle(), 60000);
        QVERIFY(stage.window->notices()->isVisible());
        QVERIFY(stage.studio->log().takes().empty());
        stage.key(Qt::Key_Space);
        QVERIFY(!stage.studio->recorder().isRecording());
        stage.studio->stand().choose("flam-taps");
        stage.key(Qt::Key_Space);
        QVERIFY(stage.studio->recorder().isRecording());
        stage.studio->recorder().discard();
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->recorder().isIdle(), 60000);
        stage.studio->stand().choose("paradiddle-accents");
        stage.key(Qt::Key_F3);
        stage.key(Qt::Key_X);  // it was a slip of the finger
        stage.key(Qt::Key_Space);
        QVERIFY(stage.studio->recorder().isRecording());
        stage.studio->recorder().discard();
    }

    void takesAskedAreSetByOneKey() {
        const Desk stage;
        stage.key(Qt::Key_F5);
        const auto asked = [&stage] { return stage.studio->stand().ladder().ladder.cleanNeeded; };
        QCOMPARE(asked(), 3);
        stage.key(Qt::Key_T);
        stage.key(Qt::Key_T);
        QCOMPARE(asked(), 5);
        stage.key(Qt::Key_T);
        QCOMPARE(asked(), 1);
    }

    void limitsOfOnesOwnAreSetInClimbAndBroughtBack() {
        const Desk stage;
        stage.key(Qt::Key_F5);
        const double rung = stage.studio->stand().ladder().tempoBpm;
        const auto asked = [&stage] {
            const Profile profile = stage.studio->limits().profileFor(stage.studio->stand().exercise());
            return profile.isOwn(GateKind::Spread) ? profile.limit(GateKind::Spread, 150) : 0.0;
        };
        auto* climb = qobject_cast<ClimbPlace*>(stage.window->place(MainWindow::Climb));
        stage.key(Qt::Key_L);
        QDoubleSpinBox* spread = climb->limitEditor()->fieldOf(GateKind::Spread);
        QVERIFY(spread != nullptr && spread->hasFocus());
        const double builtIn = spread->value();
        stage.key(Qt::Key_Up);  // of the field, not of the ladder
        QCOMPARE(asked(), builtIn + 0.5);
        QCOMPARE(stage.studio->stand().ladder().tempoBpm, rung);
        QVERIFY(spread->font().bold());
        stage.key(Qt::Key_R);
        QCOMPARE(asked(), 0.0);
        QCOMPARE(spread->value(), builtIn);
        stage.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(asked(), builtIn + 0.5);
        stage.key(Qt::Key_A);
        QVERIFY(climb->limitEditor()->isForAll());
        QCOMPARE(spread->value(), builtIn);
        stage.key(Qt::Key_Down);
        QCOMPARE(stage.studio->limits().limits().all.at(GateKind::Spread), builtIn - 0.5);
        QCOMPARE(asked(), builtIn + 0.5);  // that of the exercise comes first
        stage.key(Qt::Key_L);
        QVERIFY(!climb->limitEditor()->isVisible());
        stage.key(Qt::Key_Up);
        QVERIFY(stage.studio->stand().ladder().tempoBpm > rung);
    }

    void limitsArePassedOnAndATakeIsJudgedByThem() {
        Desk stage;
        LimitSet strict{"For the band", {{GateKind::Spread, 1}}, {}};
        const QString file = stage.dir.filePath(QStringLiteral("band.json"));
        stage.studio->limits().change(strict);
        stage.studio->limits().saveAs(file);
        QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(file), 60000);
        stage.studio->limits().change({});
        stage.studio->limits().open(file);
        QTRY_COMPARE_WITH_TIMEOUT(stage.studio->limits().limits(), strict, 60000);
        stage.playOne();
        const TakePtr& take = stage.studio->review().take();
        QCOMPARE(take->stored.profile.own, strict.all);
        QVERIFY(take->analysis.gates.front().ownLimit && take->analysis.gates.front().state == GateState::Missed);
        stage.window.reset();  // and they are there again after a restart
        stage.studio.reset();
        stage.open(faulty());
        QCOMPARE(stage.studio->limits().limits(), strict);
        stage.studio->review().open(1);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->review().take() != nullptr, 60000);
        QVERIFY(stage.studio->review().take()->analysis.evidence.front().gate.ownLimit);
    }
};

QTEST_MAIN(TestClimbing)
#include "tst_climbing.moc"
