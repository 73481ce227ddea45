// What is tapped in the rests, heard by a microphone in a room with a loudspeaker.
#include <QSignalSpy>
#include <QTest>

#include "first_start.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Somebody who strikes with every click, and taps when the test says so.
struct Tapping : FirstStart {
    Tapping() {
        PracticeSettings settings = studio->setup().settings();
        settings.input = kKitchen;
        settings.inputChosen = settings.careShown = true;
        settings.barsPerTake = 2;
        settings.restS = 300;
        studio->setup().change(settings);
        studio->stand().choose("singles-sixteenths");
        window->go(MainWindow::Play);
    }
    [[nodiscard]] HandsFree& handsFree() const { return studio->handsFree(); }
    [[nodiscard]] TapCommands& taps() const { return handsFree().taps(); }
    /// So many taps, with silence before and behind them.
    void tap(int count) const {
        constexpr double kSilenceS = 1.5;
        QTRY_VERIFY_WITH_TIMEOUT(drummer->quietS() > kSilenceS, 60000);
        for (int k = 0; k < count; ++k) drummer->strike(-14);
        QTRY_VERIFY_WITH_TIMEOUT(drummer->isDone() && drummer->quietS() > kSilenceS, 60000);
    }
    void toTheRest() const {
        drummer->onClickMs = 4;
        QTRY_VERIFY_WITH_TIMEOUT(handsFree().isResting() && taps().isListening(), 120000);
        drummer->onClickMs = -1e9;
    }
    void teach() const {
        QSignalSpy learned(&taps(), &TapCommands::learned);
        key(Qt::Key_K);
        for (int group = 0; group < 4 && learned.isEmpty(); ++group) tap(3);
        QTRY_COMPARE_WITH_TIMEOUT(learned.count(), 1, 60000);
    }
};

}  // namespace

class TestTaps : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void tapsAreLearnedOnceAndKept() {
        const Tapping room;
        QVERIFY(!room.taps().style().learned);
        room.teach();
        const TapStyle style = room.taps().style();
        QVERIFY(style.learned && isKnown(style.colour));
        QVERIFY2(std::abs(style.gapS - 0.25) < 0.03, qPrintable(QString::number(style.gapS)));
        room.key(Qt::Key_K);
        QVERIFY(room.taps().isLearning());
        room.key(Qt::Key_K);  // not now
        QVERIFY(!room.taps().isLearning() && room.taps().style() == style);
    }

    void inARestTheyGoOnPlayItAgainAndStop() {
        const Tapping room;
        room.teach();
        room.handsFree().set(true);
        room.studio->recorder().start();
        room.toTheRest();
        room.tap(3);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().isRecording() || room.studio->log().takes().size() > 1, 60000);
        room.toTheRest();
        const double before = room.studio->log().takes().front().tempoBpm;
        room.studio->stand().setTempo(before + 7);  // as a step would
        room.tap(4);
        room.toTheRest();
        QVERIFY(room.studio->log().takes().size() >= 3);
        room.tap(5);
        QTRY_VERIFY_WITH_TIMEOUT(!room.handsFree().isOn(), 60000);
        QVERIFY(room.studio->recorder().isIdle());
    }

    void idleInPlayThreeTapsBeginIt() {
        const Tapping room;
        room.teach();
        QTRY_VERIFY_WITH_TIMEOUT(room.taps().isListening(), 60000);
        room.tap(4);  // says nothing here
        QVERIFY(!room.handsFree().isOn());
        QTRY_VERIFY_WITH_TIMEOUT(room.taps().isListening(), 60000);
        room.tap(3);
        QTRY_VERIFY_WITH_TIMEOUT(room.handsFree().isOn(), 60000);
        room.handsFree().set(false);
        room.window->go(MainWindow::Climb);  // nobody waits there
        QVERIFY(!room.taps().isListening());
    }

    void whileATakeRunsNothingIsOne() {
        const Tapping room;
        room.drummer->onClickMs = 4;
        room.handsFree().set(true);
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().isRecording(), 60000);
        for (int k = 0; k < 5; ++k) room.drummer->strike(-14);
        QVERIFY(!room.taps().isListening());
        QTRY_VERIFY_WITH_TIMEOUT(room.handsFree().isResting(), 120000);
        QVERIFY(room.handsFree().isOn());
        room.handsFree().set(false);
        QVERIFY(!room.taps().isListening());
    }

    void aStepIsTakenBackByAKey() {
        const Desk desk(machine());
        desk.playOne();
        const double before = desk.studio->stand().ladder().tempoBpm;
        Verdict up = desk.studio->review().take()->analysis.verdict;
        up.action = Action::Up;
        up.nextTempoBpm = before + 4;
        desk.studio->nextSteps().follow(
            std::make_shared<NextStep>(NextStep{desk.studio->stand().exercise().id, up, false}));
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, before + 4);
        desk.key(Qt::Key_F3);
        desk.key(Qt::Key_Z);
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, before);
        desk.key(Qt::Key_Z);  // there is none any more
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, before);
    }

    void aDrillIsTakenBackToo() {
        const Desk desk(machine());
        desk.playOne();
        Verdict isolate = desk.studio->review().take()->analysis.verdict;
        isolate.action = Action::Isolate;
        isolate.span = Span{1, Beats(1), Beats(2)};
        desk.studio->nextSteps().follow(
            std::make_shared<NextStep>(NextStep{desk.studio->stand().exercise().id, isolate, false}));
        QVERIFY(desk.studio->stand().isPart());
        desk.studio->nextSteps().takeBack();
        QVERIFY(!desk.studio->stand().isPart());
    }
};

QTEST_MAIN(TestTaps)
#include "tst_taps.moc"
