// The sound check, through the window: from a first start to a proof, and what stands in the way.
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>

#include "drummer.h"
#include "prepare/prepare_place.h"
#include "stage.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

const PipeWireInput kKitchen{"kitchen", "capture_1"};
const PipeWireInput kWebcam{"webcam", "capture_1"};
const PipeWireMidi kPads{"pads:out"};

/// A first start on a desktop with two microphones; somebody plays at one of them.
struct FirstStart {
    QTemporaryDir dir;
    std::shared_ptr<Drummer> drummer = std::make_shared<Drummer>();
    std::shared_ptr<Drummer> nobody = std::make_shared<Drummer>();
    std::unique_ptr<Studio> studio;
    std::unique_ptr<MainWindow> window;

    explicit FirstStart(bool microphones = true) {
        StudioOptions options;
        options.dataFolder = dir.path().toStdString();
        options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
        options.simulatedSpeed = 40;
        options.findInputs = [microphones]() -> FoundInputs {
            if (!microphones) return {{}, {{"PipeWire does not answer", "sound", "log in again"}}};
            return {{{kWebcam, "Webcam microphone"}, {kKitchen, "Kitchen microphone"}}, {}};
        };
        options.makeStream = [this](const InputId& id, const AudioEngine& engine) -> std::unique_ptr<DuplexStream> {
            if (id == InputId(kKitchen)) return std::make_unique<DrummerStream>(drummer);
            if (id == InputId(kPads)) return std::make_unique<DrummerStream>(drummer, true);
            if (id == InputId(kWebcam)) return std::make_unique<DrummerStream>(nobody);
            return realStreams(40)(id, engine);
        };
        nobody->echo = 0;
        auto opened = Studio::open(options);
        if (!opened) qFatal("%s", opened.error().sentence().c_str());
        studio = std::move(*opened);
        window = std::make_unique<MainWindow>(*studio);
        window->show();
        window->activateWindow();
        (void)QTest::qWaitForWindowActive(window.get());
        window->greet();
    }
    [[nodiscard]] SoundCheck& check() const { return studio->soundCheck(); }
    void press(const QString& text) const {
        for (auto* button : window->findChildren<QPushButton*>())
            if (button->isVisible() && button->text().contains(text)) return QTest::mouseClick(button, Qt::LeftButton);
        QFAIL(qPrintable(text));
    }
    void key(Qt::Key key) const { QTest::keyClick(window->focusWidget(), key); }
    [[nodiscard]] bool says(const QString& part) const {
        const auto labels = window->findChildren<QLabel*>();
        return std::any_of(labels.begin(), labels.end(),
                           [&](const QLabel* l) { return l->isVisible() && l->text().contains(part); });
    }
    void choose(const InputId& id) const {
        PracticeSettings settings = studio->setup().settings();
        settings.input = id;
        settings.inputChosen = settings.careShown = true;
        studio->setup().change(settings);
        untilOpen();
        window->showSoundCheck();
    }
    /// A busy machine takes its time; what is struck before is heard by nobody.
    void untilOpen() const { QTRY_VERIFY_WITH_TIMEOUT(studio->input().isAlive(), 60000); }
    /// As somebody does who plays until the screen answers.
    template <typename Condition>
    void strikeUntil(double peakDb, Condition isMet, int key = 38) const {
        for (int i = 0; i < 300 && !isMet(); ++i) {
            drummer->strike(peakDb, key);
            (void)QTest::qWaitFor([&] { return isMet() || drummer->isDone(); }, 60000);
            (void)QTest::qWaitFor(isMet, 300);  // until it is heard and has died away
        }
        QVERIFY(isMet());
    }
    /// Eight of each, as asked for.
    void strikeAllLevels() const {
        const auto heard = [this] {
            const auto& strokes = check().strokesDb();
            return strokes[0].size() + strokes[1].size() + strokes[2].size();
        };
        while (const auto level = check().asked()) {
            constexpr std::array kPeaksDb{-34.0, -22.0, -10.0};
            strikeUntil(kPeaksDb.at(static_cast<std::size_t>(*level)),
                        [&, before = heard()] { return heard() > before; });
        }
    }
    /// For docs/screenshots, where scripts/screenshots asks for it.
    void picture(const char* name) const {
        const QString folder = qEnvironmentVariable("UPBEAT_PICTURES");
        if (folder.isEmpty()) return;
        window->resize(1280, 800);
        QCoreApplication::processEvents();
        QVERIFY(window->grab().save(folder + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png")));
    }
};

}  // namespace

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
        start.picture("sound-check-level");
        start.key(Qt::Key_Return);
        // The way round.
        start.key(Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(start.check().roundTrip().has_value(), 60000);
        QVERIFY(start.check().roundTrip()->has_value());
        QVERIFY(std::abs((*start.check().roundTrip())->latencyS * 48000 - 700) < 1);
        start.picture("sound-check-round-trip");
        start.key(Qt::Key_Return);
        // Eight of each.
        start.strikeAllLevels();
        const auto own = ownLevelsIn(start.studio->setup());
        QVERIFY(own && std::abs(own->ghostDb + 12) < 2 && std::abs(own->accentDb - 12) < 2);
        const PageLevels page = pageLevelsIn(start.studio->setup());
        QVERIFY(std::abs(page.ghostDb + 24) < 2 && std::abs(page.tapDb + 12) < 2);
        start.picture("sound-check-levels");
        start.key(Qt::Key_Return);
        // And the proof: struck 8 ms behind the click.
        start.drummer->onClickMs = 8;
        start.key(Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(start.check().proof().has_value(), 60000);
        QCOMPARE(start.check().proof()->anchor, AnchorKind::Calibrated);
        QVERIFY(start.check().proof()->placementMs.has_value());
        QVERIFY2(std::abs(start.check().proof()->placementMs->value - 8) < 0.6,
                 qPrintable(QString::number(start.check().proof()->placementMs->value)));
        start.picture("sound-check-proof");
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
        const TakeRecord& take = start.studio->review().take()->stored;
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
        start.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(start.studio->recorder().live() && start.studio->recorder().live()->beatsNow() > 17,
                                 60000);
        start.drummer->delay = 1600;
        QTRY_VERIFY_WITH_TIMEOUT(start.studio->review().take() && start.studio->review().take()->id > 0, 60000);
        const TakeFrame& frame = start.studio->review().take()->stored.frame;
        QCOMPARE(frame.anchor.kind, AnchorKind::Click);
        QCOMPARE(frame.damaged.size(), std::size_t{1});
        QVERIFY(std::abs(frame.latencyS * 48000 - 700) < 15);
        QVERIFY(frame.damaged.front().fromS > frame.firstBeatS + 4);
        start.window->go(MainWindow::Look);
        start.press(QStringLiteral("Understood"));
        start.picture("look-damaged");
    }

    // A kit that numbers its pads in its own way, counts its pedal backwards and shakes a tom with every stroke.
    void anElectronicKitIsLearnedByHitting() {
        FirstStart start;
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
        start.picture("sound-check-pads");
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
            start.picture("play-first-stroke");
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
        start.picture("sound-check-none");
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
