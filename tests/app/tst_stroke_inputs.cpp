// What is struck: an electronic kit that is learned and timed, and a take that starts on its first stroke.
#include <QTest>

#include "first_start.h"

using namespace upbeat;
using namespace upbeat::test;

class TestStrokeInputs : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() {
        QVERIFY(lookAsShipped());
        if (qEnvironmentVariableIsSet("UPBEAT_PICTURES")) QApplication::setFont(typeFace(Type::kText));
    }

    // A kit that numbers its pads in its own way, counts its pedal backwards and shakes a tom with every stroke.
    void anElectronicKitIsLearnedByHitting() {
        FirstStart start;
        start.press(QStringLiteral("Understood"));
        start.choose(kPads);
        PadMap& map = start.check().padMap();
        QCOMPARE(start.check().steps()[1], SoundCheck::Step::Pads);
        start.check().goTo(SoundCheck::Step::Pads);
        start.drummer->shakes = 45;
        const auto hit = [&](int key, int pedal = -1) {
            start.drummer->pedal = pedal;
            const int row = map.asked();
            start.strikeUntil(
                -8, [&] { return map.asked() != row; }, key);
        };
        hit(31);                            // snare
        start.key(Qt::Key_Down);            // no rim shots
        start.key(Qt::Key_Down);            // no cross-sticks
        hit(33);                            // bass drum
        hit(22, 10), hit(22, 90), hit(21);  // hi-hat closed, open, by foot
        hit(51), hit(53);                   // ride, bell
        for (int row = map.asked(); row < PadMap::kRows; ++row) start.key(Qt::Key_Down);
        QVERIFY(start.check().isDone(SoundCheck::Step::Pads));
        QVERIFY(start.says(QStringLiteral("shaken pads left out")));
        const PadKit kit = start.studio->padKits().of(kPads);
        QCOMPARE(kit.voices[31], Voice::Snare);
        QCOMPARE(kit.voices[33], Voice::Kick);
        QCOMPARE(kit.voices[45], Voice::TomMid);
        QCOMPARE(voiceOf(kit, {0, 22, 90, 12}), Voice::HiHatClosed);
        QCOMPARE(voiceOf(kit, {0, 22, 90, 88}), Voice::HiHatOpen);
        QCOMPARE(voiceOf(kit, {0, 22, 90, 50}), Voice::HiHatLoose);
        QCOMPARE(map.ghosts().doubles, 0);
        // The three levels bend the velocities.
        start.check().goTo(SoundCheck::Step::Strokes);
        start.strikeAllLevels();
        const auto curve = start.studio->padKits().of(kPads).curve;
        QVERIFY(curve && std::abs(curve->ghostDb + 34) < 0.5 && std::abs(curve->accentDb + 10) < 0.5);
        QVERIFY(!ownLevelsIn(start.studio->setup()));
    }

    // What the sound check shows stands in one stack with the page's controls: it takes none of the page's room.
    void theMapOfPadsLeavesThePageItsRoom() {
        FirstStart start;
        start.press(QStringLiteral("Understood"));
        start.window->resize(1280, 800);
        start.studio->stand().choose("groove-eighths");
        const auto* line = start.window->findChild<CountLineEditor*>();
        QCoreApplication::processEvents();
        const int before = line->height();
        QVERIFY2(before > 200, qPrintable(QString::number(before)));
        start.choose(kPads);
        start.check().goTo(SoundCheck::Step::Pads);
        QCoreApplication::processEvents();
        const auto* map = start.window->findChild<PadMapView*>();
        QVERIFY(map->isVisible() && map->height() == map->maximumHeight());
        start.key(Qt::Key_Escape);
        QCoreApplication::processEvents();
        QCOMPARE(line->height(), before);
        start.key(Qt::Key_E);  // writing: a row for every voice
        QCoreApplication::processEvents();
        QVERIFY2(line->height() > 200, qPrintable(QString::number(line->height())));
    }

    // How long notes take: unknown, and then from strokes that the microphone hears, too.
    void notesAreTimedByAMicrophone() {
        FirstStart start;
        start.choose(kPads);
        start.check().goTo(SoundCheck::Step::RoundTrip);
        QVERIFY(start.says(QStringLiteral("evenness only")));
        start.drummer->onClickMs = 6;
        start.studio->stand().choose("singles-sixteenths");
        const auto play = [&start] {
            const auto before = start.studio->review().take();
            start.studio->recorder().start();
            const auto isThere = [&] {
                const auto take = start.studio->review().take();
                return take && take != before && take->id > 0;
            };
            return QTest::qWaitFor(isThere, 60000);
        };
        QVERIFY(play());
        const auto uncalibrated = start.studio->review().take();
        QCOMPARE(uncalibrated->stored.frame.anchor.kind, AnchorKind::None);
        QVERIFY(!uncalibrated->analysis.measures.timing.placementMs.has_value());
        start.drummer->onClickMs = -1e9;
        start.choose(kKitchen);
        start.check().goTo(SoundCheck::Step::RoundTrip);
        start.check().measureRoundTrip();
        QTRY_VERIFY_WITH_TIMEOUT(start.check().isDone(SoundCheck::Step::RoundTrip), 60000);
        start.choose(kPads);
        start.check().goTo(SoundCheck::Step::RoundTrip);
        start.key(Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(start.check().isMeasuring(), 60000);
        while (start.check().isMeasuring() && start.check().padTimer().strokes() < kTimingStrokes)
            start.strikeUntil(-14, [&, before = start.check().padTimer().strokes()] {
                return start.check().padTimer().strokes() > before;
            });
        QTRY_VERIFY_WITH_TIMEOUT(start.check().padTimer().outcome().has_value(), 60000);
        QVERIFY(start.check().padTimer().outcome()->has_value());
        const double latencyMs = 1e3 * (*start.check().padTimer().outcome())->latencyS;
        QVERIFY2(std::abs(latencyMs - (700 - 240) / 48.0) < 0.4, qPrintable(QString::number(latencyMs)));
        start.drummer->onClickMs = 6;
        QVERIFY(play());
        const auto calibrated = start.studio->review().take();
        QCOMPARE(calibrated->stored.frame.anchor.kind, AnchorKind::Calibrated);
        const auto placement = calibrated->analysis.measures.timing.placementMs;
        QVERIFY(placement.has_value());
        QVERIFY2(std::abs(placement->value - 6) < 0.5, qPrintable(QString::number(placement->value)));
    }

    // No count-in: the first stroke is beat 1, though it was over before anybody knew; the click joins on the second.
    void aTakeCanStartOnTheFirstStroke() {
        for (const InputId& id : {InputId(kKitchen), InputId(kPads)}) {
            FirstStart start;
            PracticeSettings settings = start.studio->setup().settings();
            settings.countInBars = 0;
            settings.barsPerTake = 4;
            settings.latencyMs = 700 / 48.0;
            start.studio->setup().change(settings);
            start.choose(id);
            start.studio->stand().choose("singles-sixteenths");
            start.studio->stand().setTempo(100);
            start.press(QStringLiteral("Understood"));
            start.window->go(MainWindow::Play);
            start.key(Qt::Key_Space);
            QVERIFY(start.studio->recorder().isWaiting());
            QVERIFY(start.studio->recorder().isIdle());
            start.key(Qt::Key_Space);  // not yet
            QVERIFY(!start.studio->recorder().isWaiting());
            start.key(Qt::Key_Space);
            QTest::qWait(200);  // some of what came before has to be there
            start.drummer->cycleUs = 2500;
            start.drummer->onClickMs = 4;
            start.strikeUntil(-12, [&] { return start.studio->recorder().isRecording(); });
            QTRY_VERIFY_WITH_TIMEOUT(start.studio->review().take() && start.studio->review().take()->id > 0, 60000);
            const auto take = start.studio->review().take();
            QCOMPARE(take->stored.frame.bars, 4);
            QVERIFY(take->stored.frame.damaged.empty());
            // It is there, and where it was said to be; then those on the clicks, and none between. (A machine that
            // stalls may have left out the first of the clicks.)
            const double beatS = take->stored.frame.firstBeatS + take->stored.frame.latencyS;
            std::vector<Hit> firm = take->stored.hits;
            std::erase_if(firm, [&](const Hit& hit) {
                return hit.strength < kFirmStrength || hit.timeS < beatS - 0.2 || hit.timeS > beatS + 9.5;
            });
            QVERIFY(firm.size() >= 13 && firm.size() <= 16);
            QVERIFY2(std::abs(firm.front().timeS - beatS) < 0.003, qPrintable(QString::number(firm.front().timeS)));
            for (std::size_t i = 1; i < firm.size(); ++i) {
                const double beats = (firm[i].timeS - firm.front().timeS) / 0.6;
                QVERIFY2(std::abs(beats - std::round(beats)) * 0.6 < 0.025, qPrintable(QString::number(beats)));
            }
        }
    }
};

QTEST_MAIN(TestStrokeInputs)
#include "tst_stroke_inputs.moc"
