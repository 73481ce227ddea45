// The sound check, through the window: from a first start to a proof, and what stands in the way.
#include <QSignalSpy>
#include <QTest>

#include "first_start.h"

using namespace upbeat;
using namespace upbeat::test;

class TestSoundCheck : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        QVERIFY(lookAsShipped());
        if (qEnvironmentVariableIsSet("UPBEAT_PICTURES")) QApplication::setFont(typeFace(Type::kText));
    }

    void aFirstStartLeadsThroughAllSteps() {
        FirstStart start;
        start.press(QStringLiteral("Understood"));
        start.press(QStringLiteral("Sound check"));
        QVERIFY(start.check().isOpen());
        // The one that moves is offered.
        QTRY_COMPARE_WITH_TIMEOUT(start.check().levels().levels().size(), std::size_t{2}, 60000);
        // Until it is plain; between strokes the level must have fallen.
        start.strikeUntil(-12, [&] { return start.check().levels().played() != nullptr; });
        QVERIFY(start.check().levels().played()->id == InputId(kKitchen));
        start.picture("sound-check-input");
        start.key(Qt::Key_Return);
        QVERIFY(start.studio->setup().settings().input == InputId(kKitchen));
        QCOMPARE(start.check().step(), SoundCheck::Step::Level);
        // Too faint, then good.
        start.untilOpen();
        start.strikeUntil(-46, [&] { return start.says(QStringLiteral("Too faint")); });
        start.strikeUntil(-18, [&] { return start.check().loudness() == SoundCheck::Loudness::Good; });
        start.key(Qt::Key_Return);
        // The way round.
        start.key(Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(start.check().roundTrip().has_value(), 60000);
        QVERIFY(start.check().roundTrip()->has_value());
        QVERIFY(std::abs((*start.check().roundTrip())->latencyS * 48000 - 700) < 1);
        start.key(Qt::Key_Return);
        // Eight of each.
        start.strikeAllLevels();
        const auto own = ownLevelsIn(start.studio->setup());
        QVERIFY(own && std::abs(own->ghostDb + 12) < 2 && std::abs(own->accentDb - 12) < 2);
        const PageLevels page = pageLevelsIn(start.studio->setup());
        QVERIFY(std::abs(page.ghostDb + 24) < 2 && std::abs(page.tapDb + 12) < 2);
        start.key(Qt::Key_Return);
        // And the proof: struck 8 ms behind the click.
        start.drummer->onClickMs = 8;
        start.key(Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(start.check().proof().has_value(), 60000);
        QCOMPARE(start.check().proof()->anchor, AnchorKind::Calibrated);
        QVERIFY(start.check().proof()->placementMs.has_value());
        QVERIFY2(std::abs(start.check().proof()->placementMs->value - 8) < 0.6,
                 qPrintable(QString::number(start.check().proof()->placementMs->value)));
        for (const SoundCheck::Step step : start.check().steps()) QVERIFY(start.check().isDone(step));
        // The voices of a kit come by a lesson, where the page has several.
        start.studio->stand().choose("groove-eighths");
        QSignalSpy said(&start.studio->notices(), &Notices::said);
        start.key(Qt::Key_Right);
        QVERIFY(!start.check().isOpen());
        QVERIFY(said.count() == 1 && said[0][0].toString().contains(QStringLiteral("Ctrl+T")));
    }

    // Kept for this input, output, rate and period, and used in takes.
    void theRoundTripIsKeptAndUsed() {
        FirstStart start;
        start.choose(kKitchen);
        start.check().goTo(SoundCheck::Step::RoundTrip);
        start.check().measureRoundTrip();
        QTRY_VERIFY_WITH_TIMEOUT(start.check().roundTrip().has_value(), 60000);
        const auto kept = start.studio->calibrations().of(start.studio->input());
        QVERIFY(kept && std::abs(kept->latencyMs - 700 / 48.0) < 0.05);
        start.choose(kWebcam);
        QVERIFY(!start.studio->calibrations().of(start.studio->input()));
        start.choose(kKitchen);
        start.drummer->onClickMs = 5;
        PracticeSettings settings = start.studio->setup().settings();
        settings.barsPerTake = 4;
        start.studio->setup().change(settings);
        start.studio->stand().choose("singles-sixteenths");
        start.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(start.studio->review().take() && start.studio->review().take()->id > 0, 60000);
        const TakeRecord take = start.studio->review().take()->stored;
        QCOMPARE(take.frame.anchor.kind, AnchorKind::Calibrated);
        QVERIFY(std::abs(take.frame.latencyS * 48000 - 700) < 1);
        // It comes back from the logbook as it was.
        start.studio->review().open(start.studio->review().take()->id);
        QTRY_COMPARE_WITH_TIMEOUT(start.studio->review().take()->stored.frame.anchor, take.frame.anchor, 60000);
    }

    // Never calibrated: the click that is heard says where the take lies; a quiet room says nothing.
    void withoutCalibrationTheClickInTheTakeTells() {
        FirstStart start;
        start.choose(kKitchen);
        PracticeSettings settings = start.studio->setup().settings();
        settings.barsPerTake = 8;
        start.studio->setup().change(settings);
        start.studio->stand().choose("singles-sixteenths");
        start.drummer->onClickMs = 5;
        const auto played = [&] {
            const auto& review = start.studio->review();
            const qint64 before = review.take() ? review.take()->id : 0;
            start.studio->recorder().start();
            (void)QTest::qWaitFor([&] { return review.take() && review.take()->id > before; }, 60000);
            return start.studio->review().take();
        };
        const TakePtr heard = played();
        QCOMPARE(heard->stored.frame.anchor.kind, AnchorKind::Click);
        QVERIFY2(std::abs(heard->stored.frame.latencyS * 1e3 - 700 / 48.0) < 0.3,
                 qPrintable(QString::number(heard->stored.frame.latencyS * 1e3)));
        start.drummer->echo = 0;
        const TakePtr unheard = played();
        QCOMPARE(unheard->stored.frame.anchor.kind, AnchorKind::None);
        QVERIFY(!unheard->analysis.measures.timing.placementMs.has_value());
        QVERIFY(unheard->analysis.measures.timing.spreadMs.has_value());
    }

    // The device slips in the middle of a take: what came after it is hatched, and the rest stands.
    void aSlipInsideATakeIsMarked() {
        FirstStart start;
        start.choose(kKitchen);
        start.drummer->onClickMs = 5;
        start.studio->stand().choose("singles-sixteenths");
        const int delay = start.drummer->delay;
        TakeFrame frame;
        for (int tries = 0; tries < 5 && frame.damaged.size() != 1; ++tries) {  // the machine may stall besides
            const qint64 before = start.studio->review().take() ? start.studio->review().take()->id : 0;
            start.drummer->delay = delay;
            start.studio->recorder().start();
            QTRY_VERIFY_WITH_TIMEOUT(
                start.studio->recorder().live() && start.studio->recorder().live()->beatsNow() > 17, 60000);
            start.drummer->delay = 1600;
            QTRY_VERIFY_WITH_TIMEOUT(start.studio->review().take() && start.studio->review().take()->id > before,
                                     60000);
            frame = start.studio->review().take()->stored.frame;
        }
        QCOMPARE(frame.anchor.kind, AnchorKind::Click);
        QCOMPARE(frame.damaged.size(), std::size_t{1});
        QVERIFY(std::abs(frame.latencyS * 48000 - 700) < 15);
        QVERIFY(frame.damaged.front().fromS > frame.firstBeatS + 4);
        start.window->go(MainWindow::Look);
        start.press(QStringLiteral("Understood"));
    }

    void whatDoesNotWorkSaysWhatToDo() {
        FirstStart start;
        start.choose(kKitchen);
        start.drummer->echo = 0;
        start.check().goTo(SoundCheck::Step::RoundTrip);
        start.check().measureRoundTrip();
        QTRY_VERIFY_WITH_TIMEOUT(start.says(QStringLiteral("not heard")), 60000);
        QVERIFY(!start.check().isDone(SoundCheck::Step::RoundTrip));
        QVERIFY(!start.studio->calibrations().of(start.studio->input()));
    }

    void withoutAMicrophoneTheSimulatedPlayerIsOneKeyAway() {
        FirstStart start(false);
        start.press(QStringLiteral("Understood"));
        start.window->showSoundCheck();
        QTRY_VERIFY_WITH_TIMEOUT(start.says(QStringLiteral("No microphone is offered: PipeWire does not answer")),
                                 60000);
        start.key(Qt::Key_Return);
        QVERIFY(start.studio->input().isSimulated());
        QVERIFY(start.studio->setup().settings().inputChosen);
        start.key(Qt::Key_Escape);
        QVERIFY(!start.check().isOpen());
    }

    void stepsAreSkippedAndTheCheckGoesOnWhereItWasLeft() {
        FirstStart start;
        start.window->showSoundCheck();
        start.key(Qt::Key_Down);
        start.key(Qt::Key_Return);
        QCOMPARE(start.check().step(), SoundCheck::Step::Level);
        start.key(Qt::Key_Right);
        start.key(Qt::Key_Right);
        QCOMPARE(start.check().step(), SoundCheck::Step::Strokes);
        start.window->go(MainWindow::Log);
        QVERIFY(!start.check().isOpen());
        start.window->go(MainWindow::Prepare);
        QVERIFY(start.check().isOpen());
        QCOMPARE(start.check().step(), SoundCheck::Step::Level);
    }
};

QTEST_MAIN(TestSoundCheck)
#include "tst_sound_check.moc"
