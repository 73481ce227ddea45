// What may happen to a player's work between the stick and the log, and does no harm to it.
#include <QDir>
#include <QFile>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>

#include "place/verdict_bar.h"
#include "puppet_room.h"
#include "said.h"
#include "shell/start_trouble.h"
#include "stage.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

void press(const QWidget& window, const QString& text) {
    for (auto* button : window.findChildren<QPushButton*>())
        if (button->text() == text) return QTest::mouseClick(button, Qt::LeftButton);
    QFAIL(qPrintable(text));
}

bool isSilent(const Sound& sound, double fromS, double toS) {
    const auto at = [&sound](double s) { return sound.samples.begin() + static_cast<std::ptrdiff_t>(s * 48000); };
    return std::all_of(at(fromS), at(toS), [](float v) { return std::abs(v) < 1e-6F; });
}

}  // namespace

class TestNothingLost : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    // ---- the device

    void aDeviceThatLeavesEndsTheTakeAndWhatWasPlayedIsKept() {
        PuppetRoom room;
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.playUntilBeat(9);
        room.strings->gone = true;
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() && room.studio->review().take()->id > 0, 60000);
        QCOMPARE(failed.count(), 1);
        QVERIFY(failed.front().front().toString().contains(QStringLiteral("left")));
        QVERIFY(room.studio->review().take()->stored.frame.bars >= 2);
        QVERIFY(room.studio->review().take()->stored.frame.bars < 8);
        // Still away: said, and no take begins. Back again: the next one does.
        room.studio->recorder().start();
        QVERIFY(!room.studio->recorder().isRecording());
        QCOMPARE(failed.count(), 2);
        room.strings->gone = false;
        room.studio->recorder().start();
        QVERIFY(room.studio->recorder().isRecording());
        QCOMPARE(room.studio->input().name(), QStringLiteral("Puppet"));
        room.studio->settle();
    }

    void neitherStoppingNorThrowingAwayNorLeavingWaitsForADeadDevice_data() {
        QTest::addColumn<int>("key");
        QTest::newRow("space") << static_cast<int>(Qt::Key_Space);
        QTest::newRow("escape") << static_cast<int>(Qt::Key_Escape);
        QTest::newRow("close") << 0;
    }
    void neitherStoppingNorThrowingAwayNorLeavingWaitsForADeadDevice() {
        QFETCH(int, key);
        PuppetRoom room;
        MainWindow window(*room.studio);
        window.show();
        room.playUntilBeat(9);
        room.strings->gone = true;
        if (key != 0)
            QTest::keyClick(window.place(MainWindow::Play), static_cast<Qt::Key>(key));
        else
            window.close();
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->recorder().isRecording() && !room.studio->recorder().isEnding(), 60000);
        room.studio->settle();
        QCOMPARE(room.studio->log().takes().size(), key == Qt::Key_Escape ? std::size_t{0} : std::size_t{1});
    }

    // A server that leaves without a word: no state is waited for without an end.
    void aDeviceThatGivesNothingAnyMoreIsGivenUp() {
        const auto strings = std::make_shared<Strings>();
        AudioInput input(withPuppet(strings, kPuppetSpeed));
        QVERIFY(input.open(JackInput{"puppet"}).has_value());
        TakeRun run(input);
        TakePlan plan;
        plan.exercise = *builtInExercise("singles-sixteenths");
        plan.bars = 400;
        QVERIFY(run.start(plan).has_value());
        QTRY_VERIFY_WITH_TIMEOUT(run.poll() == TakeRun::State::Running && run.live()->beatsNow() > 2, 60000);
        strings->silent = true;
        run.stop(TakeRun::End::Played);
        for (int i = 0; i < 700; ++i) (void)run.poll();  // its patience counts these, not time
        QTRY_VERIFY_WITH_TIMEOUT(run.poll() == TakeRun::State::Done, 60000);
        QCOMPARE(run.end(), TakeRun::End::InputGone);
        QVERIFY(run.take().take.durationS > 1);
    }

    void anUnpluggedInputDamagesTheTakeWhichIsNoPast() {
        PuppetRoom room;
        room.playUntilBeat(2);
        room.strings->unplugged = true;
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() && room.studio->review().take()->id > 0, 60000);
        const TakePtr take = room.studio->review().take();
        QVERIFY(!take->stored.counts());
        QCOMPARE(take->analysis.verdict.action, Action::Again);
        QVERIFY(reason(take->analysis).contains(QLatin1String("does not count")));
        QVERIFY(room.studio->stand().history().empty());
        QVERIFY(take->analysis.matched.missed.size() < 8);
        // Opened again it says the same.
        room.studio->review().open(take->id);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != take, 60000);
        QCOMPARE(reason(room.studio->review().take()->analysis), reason(take->analysis));
    }

    // The machine slept, or the server came back with another clock.
    void aDeviceThatLosesItsTimeIsSaidAndTheRestIsNotMeasured_data() {
        QTest::addColumn<bool>("sleeps");
        QTest::newRow("sleep") << true;
        QTest::newRow("another clock") << false;
    }
    void aDeviceThatLosesItsTimeIsSaidAndTheRestIsNotMeasured() {
        QFETCH(bool, sleeps);
        PuppetRoom room;
        const QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.playUntilBeat(20);
        if (sleeps)
            room.strings->jump = std::int64_t{3600} * 48000;
        else
            room.strings->clock = 7;
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() && room.studio->review().take()->id > 0, 60000);
        const TakeFrame& frame = room.studio->review().take()->stored.frame;
        QCOMPARE(frame.damaged.size(), std::size_t{1});
        QVERIFY(frame.damaged[0].fromS > frame.firstBeatS + 15);
        QVERIFY(failed.back().front().toString().contains(QStringLiteral("lost its time")));
        // The next take begins anew.
        room.studio->recorder().start();
        const auto before = room.studio->review().take();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != before, 60000);
        QVERIFY(room.studio->review().take()->stored.frame.damaged.empty());
    }

    void anInputChosenInATakeIsOpenedWhenItHasEnded() {
        PuppetRoom room;
        QVERIFY(!room.studio->input().isSimulated());
        room.playUntilBeat(5);
        PracticeSettings settings = room.studio->setup().settings();
        settings.input = SimulatedInput{};
        room.studio->setup().change(settings);
        QVERIFY(!room.studio->input().isSimulated());  // the take goes on as it began
        QCOMPARE(room.studio->input().name(), QStringLiteral("Puppet"));
        room.studio->recorder().stop();
        room.studio->settle();
        QVERIFY(room.studio->input().isSimulated());
        QCOMPARE(room.studio->review().take()->stored.device, std::string("Puppet"));
    }

    // ---- the verdict

    void aVerdictIsFollowedOnce() {
        Room room;
        for (int i = 0; i < 3; ++i) room.playOne();
        room.studio->settle();
        QCOMPARE(room.studio->nextSteps().now()->verdict.action, Action::Up);
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 64.0);
        QVERIFY(room.studio->nextSteps().now() == nullptr);
        room.studio->stand().setTempo(100);
        QSignalSpy said(&room.studio->notices(), &Notices::said);
        room.studio->nextSteps().accept();
        QCOMPARE(said.count(), 1);
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 100.0);
    }

    void aVerdictIsNotFollowedOnAnotherExercise() {
        Room room;
        for (int i = 0; i < 3; ++i) room.playOne();
        room.studio->settle();
        room.studio->stand().choose("flam-taps");
        const double before = room.studio->stand().ladder().tempoBpm;
        QVERIFY(room.studio->nextSteps().now() == nullptr);
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->stand().ladder().tempoBpm, before);
        // It still stands where it belongs.
        room.studio->stand().choose("singles-sixteenths");
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 64.0);
    }

    void aSecondEnterOnAStageDoesNotAdvanceTwice() {
        Room room(machine());
        room.studio->stand().choose("unison-hands-foot");
        PracticeSettings settings = room.studio->setup().settings();
        settings.barsPerTake = 4;
        room.studio->setup().change(settings);
        room.studio->takingApart().begin(Method::LimbsApart);
        for (int i = 0; i < kCleanPerStage; ++i) room.playOne();
        room.studio->settle();
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->takingApart().stage(), 1);
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->takingApart().stage(), 1);
    }

    void aStageThatTheTimerMovedIsNotMovedAgainByTheVerdict() {
        Room room(machine());
        room.studio->stand().choose("unison-hands-foot");
        room.studio->takingApart().begin(Method::LimbsApart);
        for (int i = 0; i < kCleanPerStage; ++i) room.playOne();
        room.studio->settle();
        QCOMPARE(room.studio->nextSteps().now()->verdict.action, Action::Up);
        room.studio->takingApart().goTo(1);  // as the timer does
        QVERIFY(room.studio->nextSteps().now() == nullptr);
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->takingApart().stage(), 1);
    }

    void onlyTheNewestTakeOfAnExerciseHasANextStep() {
        const Desk desk(soloist());
        desk.playOne();
        const qint64 first = desk.studio->review().take()->id;
        desk.playOne();
        const qint64 second = desk.studio->review().take()->id;
        desk.studio->settle();
        desk.studio->review().open(first);
        QTRY_COMPARE_WITH_TIMEOUT(desk.studio->review().take()->id, first, 60000);
        QVERIFY(desk.studio->nextSteps().now() == nullptr);
        QVERIFY(desk.in<VerdictBar>(MainWindow::Look)->nextStep().isEmpty());
        desk.studio->review().open(second);
        QTRY_COMPARE_WITH_TIMEOUT(desk.studio->review().take()->id, second, 60000);
        QVERIFY(desk.studio->nextSteps().now() != nullptr);
        QVERIFY(!desk.in<VerdictBar>(MainWindow::Look)->nextStep().isEmpty());
    }

    void aTakeOfADrillIsJudgedByItsOwnLadder() {
        Room room;
        room.studio->stand().setGoal(200);
        room.studio->stand().isolate({1, Beats(2), Beats(3)});
        QVERIFY(room.studio->stand().isPart());
        const double goal = room.studio->stand().ladder().ladder.goalBpm;
        room.playOne();
        room.studio->settle();
        const qint64 id = room.studio->review().take()->id;
        const QString said = headline(room.studio->review().take()->analysis);
        room.studio->stand().backToWhole();
        room.studio->stand().setTempo(180);
        room.studio->review().open(id);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take()->stored.ladder.has_value(), 60000);
        QCOMPARE(room.studio->review().take()->stored.ladder->goalBpm, goal);
        QCOMPARE(headline(room.studio->review().take()->analysis), said);
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 180.0);
    }

    // ---- the folder

    void theSecondProgramLooksAndDoesNotTouch() {
        Room room;
        room.playOne();
        room.studio->settle();
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().live()->beatsNow() > 5, 60000);
        const auto second = studioIn(room.dir, soloist());
        QSignalSpy failed(&second->notices(), &Notices::failed);
        QSignalSpy said(&second->notices(), &Notices::said);
        second->notices().startListening();
        QVERIFY(!second->folder().mayWrite());
        QVERIFY(failed.front().front().toString().contains(QStringLiteral("Another Upbeat Check")));
        QVERIFY(second->keeper().interrupted().empty());  // the running take of the first one
        QCOMPARE(second->log().takes().size(), std::size_t{1});
        second->recorder().start();
        second->logCare().setNote(second->log().takes().front().id, QStringLiteral("x"), {});
        second->manuscript().start(second->stand().exercise());
        QVERIFY(!second->recorder().isRecording());
        QCOMPARE(said.count(), 3);
        QVERIFY(second->log().takes().front().note.empty());
        second->review().open(second->log().takes().front().id);
        QTRY_VERIFY_WITH_TIMEOUT(second->review().take() != nullptr, 60000);
        room.studio->settle();
        QCOMPARE(room.studio->log().takes().size(), std::size_t{2});
    }

    void aDamagedLogbookIsRebuiltFromTheRecordings() {
        Room room;
        for (int i = 0; i < 3; ++i) room.playOne();
        room.studio->nextSteps().accept();
        room.studio->settle();
        const auto before = room.studio->log().takes();
        room.studio.reset();
        const std::string file = room.dir.filePath(QStringLiteral("logbook.db")).toStdString();
        QVERIFY(writeFileAtomically(file, "Dear drummer").has_value());
        StudioOptions options;
        options.dataFolder = room.dir.path().toStdString();
        const auto refused = Studio::open(options);
        QVERIFY(!refused);
        QCOMPARE(troubleWith(file), LogbookTrouble::Damaged);
        const auto aside = setAside(file);
        QVERIFY(aside.has_value());
        room.open(soloist());
        room.studio->keeper().rebuildLog(QString::fromStdString(aside->string()));
        room.studio->settle();
        const auto after = room.studio->log().takes();
        QCOMPARE(after.size(), before.size());
        for (std::size_t i = 0; i < after.size(); ++i) {
            QCOMPARE(after[i].startedAt, before[i].startedAt);
            QCOMPARE(english(words::headlineOf(after[i].verdict)), english(words::headlineOf(before[i].verdict)));
            QCOMPARE(after[i].clean, before[i].clean);
        }
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 60.0);  // of its last take
        QVERIFY(room.studio->keeper().interrupted().empty());
        QCOMPARE(QString::fromStdString(*readFile(*aside)), QStringLiteral("Dear drummer"));
    }

    void troubleAtTheStartIsAWindowWithWaysOut() {
        const Error error{"this is not a logbook", "/x/logbook.db", "set it aside"};
        StartTrouble damaged(error, true);
        damaged.show();
        press(damaged, QStringLiteral("Set it aside and rebuild"));
        QCOMPARE(damaged.wayOut(), StartTrouble::WayOut::Rebuild);
        StartTrouble other(error, false);
        other.show();
        QCOMPARE(other.findChildren<QPushButton*>().size(), 2);
        press(other, QStringLiteral("Another folder"));
        QCOMPARE(other.wayOut(), StartTrouble::WayOut::OtherFolder);
        StartTrouble quit(error, false);
        quit.show();
        QTest::keyClick(&quit, Qt::Key_Escape);
        QCOMPARE(quit.wayOut(), StartTrouble::WayOut::Quit);
    }

    void whatHasToBeAnsweredWaitsForItsAnswer() {
        NoticeBar bar;
        QStringList answers;
        bar.complain(QStringLiteral("first"));
        bar.say(QStringLiteral("a remark"));
        bar.ask(
            QStringLiteral("second"), QStringLiteral("Yes"), [&] { answers << QStringLiteral("yes"); },
            QStringLiteral("No"), nullptr);
        bar.complain(QStringLiteral("first"));
        QCOMPARE(bar.text(), QStringLiteral("first"));
        bar.setQuiet(true);
        QVERIFY(bar.isHidden());
        bar.setQuiet(false);
        press(bar, QStringLiteral("Understood"));
        QCOMPARE(bar.text(), QStringLiteral("second"));
        press(bar, QStringLiteral("Yes"));
        QCOMPARE(answers, QStringList{QStringLiteral("yes")});
        QVERIFY(bar.isHidden());
    }

    // ---- what is heard

    void withTheClickIsTheClickAsItWent() {
        TakeView view;
        TakeRecord& take = view.stored;
        take.exercise = *builtInExercise("singles-sixteenths");
        take.frame = {60, 0.5, 2, 0, false, {}};
        take.click = clickFor(take.exercise, Bpm(60));
        take.click.beats = 1;  // one only
        take.click.tone = static_cast<ClickTone>(2);
        const auto with = soundOf(view, {0.4, 4.4, 1, true, true});
        const auto without = soundOf(view, {0.4, 4.4, 1, false, true});
        QVERIFY(with.has_value() && without.has_value());
        Sound click = *with;
        for (std::size_t i = 0; i < click.samples.size(); ++i) click.samples[i] -= without->samples[i];
        const auto wave = clickSound(ClickKind::Bar, 48000, take.click.tone);
        const auto at = static_cast<std::size_t>(std::llround(0.1 * 48000));
        for (std::size_t i = 0; i < wave.size(); ++i)
            QVERIFY(std::abs(click.samples[at + i] - 0.25F * wave[i]) < 1e-5F);
        QVERIFY(isSilent(click, 1.05, 4.0));  // no click on two, three and four
    }
};

QTEST_MAIN(TestNothingLost)
#include "tst_nothing_lost.moc"
