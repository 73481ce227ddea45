// What a drummer has who keeps the sticks: a voice, a switch under the foot, ways up, sets with a day, a break in time.
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QSignalSpy>
#include <QTest>

#include "climb/climb_place.h"
#include "first_start.h"
#include "studio/count_voice.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// A voice that is always there: it says the same short sound for everything, with silence around it.
class Parrot {
  public:
    static constexpr double kSilentS = 0.2;
    static constexpr double kSoundS = 0.25;

    Parrot() : m_path(qgetenv("PATH")) {
        Sound sound{{}, 22050};
        sound.samples.resize(static_cast<std::size_t>((2 * kSilentS + kSoundS) * 22050));
        for (std::size_t i = 0; i < static_cast<std::size_t>(kSoundS * 22050); ++i) {
            const double t = static_cast<double>(i) / 22050;  // a hum with overtones
            double v = 0;
            for (int k = 1; k <= 8; ++k) v += 0.08 * std::cos(6.283185 * 140 * k * t);
            sound.samples[i + static_cast<std::size_t>(kSilentS * 22050)] = static_cast<float>(v);
        }
        (void)writeSound(m_dir.filePath(QStringLiteral("word.wav")).toStdString(), sound, AudioFormat::Wav16);
        QFile script(m_dir.filePath(QStringLiteral("espeak-ng")));
        (void)script.open(QFile::WriteOnly);
        script.write("#!/bin/sh\ncp \"$(dirname \"$0\")/word.wav\" \"$6\"\n");
        script.close();
        script.setPermissions(QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
        qputenv("PATH", m_dir.path().toLocal8Bit() + ':' + m_path);
    }
    ~Parrot() { qputenv("PATH", m_path); }

  private:
    QTemporaryDir m_dir;
    QByteArray m_path;
};

TakePlan countIn(double bpm, int bars = 1) {
    TakePlan plan;
    plan.exercise = *builtInExercise("singles-sixteenths");
    plan.click = clickFor(plan.exercise, Bpm(bpm));
    plan.click.countInBars = bars;
    plan.bars = 2;
    return plan;
}

std::shared_ptr<const Sound> word(double seconds) {
    Sound sound{{}, 48000};
    sound.samples.assign(static_cast<std::size_t>(seconds * 48000), 0.5F);
    return std::make_shared<const Sound>(std::move(sound));
}

void setVoice(Studio& studio, VoiceUse use) {
    PracticeSettings settings = studio.setup().settings();
    settings.voice = use;
    studio.setup().change(settings);
}

bool wasSaid(const QSignalSpy& said, const char* part) {
    return std::any_of(said.begin(), said.end(), [part](const QList<QVariant>& sentence) {
        return sentence.front().toString().contains(QLatin1String(part));
    });
}

/// Take after take more uneven and softer.
class TiringDesk : public Desk {
  public:
    TiringDesk() : Desk(machine()) {
        studio.reset();
        window.reset();
        studio = studioIn(dir, [this](const Exercise&, double) {
            Character c;
            c.spreadMs = 3 + 1.2 * m_takes;
            c.accentDb = -14 - 0.8 * m_takes;
            ++m_takes;
            return c;
        });
        studio->stand().choose("singles-sixteenths");
        studio->stand().setCleanNeeded(kMostCleanNeeded);
    }

  private:
    int m_takes = 0;
};

}  // namespace

class TestStool : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void aVoiceSpeaksBeforehandAndFromItsFirstSound() {
        const Parrot parrot;
        Worker worker;
        Speaker speaker(worker);
        QVERIFY(speaker.isThere() && !speaker.sound("up", 48000));
        QSignalSpy prepared(&speaker, &Speaker::prepared);
        speaker.prepare({"up", "again", "up"}, 48000);
        QTRY_COMPARE_WITH_TIMEOUT(prepared.count(), 1, 60000);
        const auto sound = speaker.sound("up", 48000);
        QVERIFY(sound && sound->sampleRate == 48000);
        QVERIFY2(std::abs(sound->durationS() - Parrot::kSoundS) < 0.03,
                 qPrintable(QString::number(sound->durationS())));
        QVERIFY(!speaker.sound("up", 44100));
    }

    void withoutAVoiceNothingIsSaidAndNothingFails() {
        const QByteArray path = qgetenv("PATH");
        qputenv("PATH", "/nowhere");
        Worker worker;
        Speaker speaker(worker);
        qputenv("PATH", path);
        QVERIFY(!speaker.isThere());
        speaker.prepare({"up"}, 48000);
        QVERIFY(!speaker.sound("up", 48000));
    }

    void wordsBeginOnTheBeatAndEndBeforeTheNext() {
        const TakePlan plan = countIn(120);
        const auto track = countTrack(plan, 48000, false, [](const QString&) { return word(3); });
        QVERIFY(track);
        const auto& v = track->samples;
        for (int beat = 0; beat < 4; ++beat) {
            const auto at = static_cast<std::size_t>(std::llround((TakePlan::kLeadS + 0.5 * beat) * 48000));
            QVERIFY(v[at] > 0.1F && v[at - 1] == 0.0F);
            QVERIFY(v[at + static_cast<std::size_t>(0.44 * 48000)] == 0.0F);
        }
        for (std::size_t i = static_cast<std::size_t>(plan.firstBeatS() * 48000); i < v.size(); ++i)
            QVERIFY(v[i] == 0.0F);
        const auto all = countTrack(plan, 48000, true, [](const QString&) { return word(0.1); });
        QVERIFY(all->samples[static_cast<std::size_t>((plan.firstBeatS() + 1.5) * 48000) + 10] > 0.1F);
        QVERIFY(!countTrack(plan, 48000, false, [](const QString&) { return nullptr; }));
        QVERIFY(!countTrack(countIn(120, 0), 48000, false, [](const QString&) { return word(0.1); }));
    }

    void theNextSectionIsSaidInTheBarBeforeIt() {
        TakePlan plan = countIn(120);
        plan.exercise.bars = 4;
        plan.exercise.sections = {{1, "intro"}, {3, "verse"}};
        plan.bars = 8;
        const auto said = announcementsIn(plan);
        QCOMPARE(said.size(), std::size_t{3});
        QCOMPARE(said[0].bar, 1);
        QCOMPARE(said[0].name, QStringLiteral("verse"));
        QCOMPARE(said[1].bar, 3);
        QCOMPARE(said[1].name, QStringLiteral("intro"));
        // Names last a second and a half, numbers a tenth: the second bar holds a name and is not counted.
        const auto sound = [](const QString& what) { return word(what == "intro" || what == "verse" ? 1.5 : 0.1); };
        const auto track = countTrack(plan, 48000, true, sound);
        const auto at = [&](double beats) {
            return track->samples[static_cast<std::size_t>((plan.firstBeatS() + 0.5 * beats) * 48000) + 20];
        };
        QVERIFY(at(1) > 0.1F && at(1.8) == 0.0F && at(8) > 0.1F);
        for (const double beats : {4.0, 4.5, 6.9, 12.5}) QVERIFY(at(beats) > 0.1F);
        QVERIFY(at(7.2) == 0.0F);
        // A name that nobody has spoken yet is left out, and the bar is counted.
        const auto nameless = countTrack(plan, 48000, true, [&](const QString& what) {
            return what == "verse" || what == "intro" ? nullptr : word(0.1);
        });
        QVERIFY(nameless->samples[static_cast<std::size_t>((plan.firstBeatS() + 2.5) * 48000) + 20] > 0.1F);
        // In the count-in alone nothing is announced; nor on a page without sections.
        QVERIFY(countTrack(plan, 48000, false, sound)->samples.size() < 48000 * 3);
        plan.exercise.sections.clear();
        QVERIFY(announcementsIn(plan).empty());
    }

    void aVoiceInTheCountInMovesNoStroke() {
        const Parrot parrot;
        const FirstStart room;
        room.choose(kKitchen);
        PracticeSettings settings = room.studio->setup().settings();
        settings.barsPerTake = 8;
        room.studio->setup().change(settings);
        room.studio->stand().choose("singles-sixteenths");
        const Recorder& recorder = room.studio->recorder();
        std::vector<double> placed;
        for (const VoiceUse use : {VoiceUse::Silent, VoiceUse::Throughout}) {
            setVoice(*room.studio, use);
            if (use != VoiceUse::Silent) QTRY_VERIFY_WITH_TIMEOUT(room.studio->speaker().sound("twelve", 48000), 60000);
            const std::size_t before = room.studio->log().takes().size();
            room.studio->recorder().start();
            QTRY_VERIFY_WITH_TIMEOUT(recorder.live() && recorder.isRecording() && recorder.live()->beatsNow() > -0.3,
                                     60000);
            room.drummer->onClickMs = 5;  // the drummer answers every sound: only the clicks of the take
            QTRY_VERIFY_WITH_TIMEOUT(room.studio->log().takes().size() > before, 120000);
            room.drummer->onClickMs = -1e9;
            const TakeView& take = *room.studio->review().take();
            QCOMPARE(take.stored.frame.anchor.kind, AnchorKind::Click);
            QCOMPARE(take.analysis.matched.extra.size(), std::size_t{0});
            QVERIFY(take.analysis.matched.strokes.size() >= 24);
            placed.push_back(take.analysis.measures.timing.placementMs->value);
        }
        QVERIFY2(std::abs(placed[0] - placed[1]) < 0.15, qPrintable(QString::number(placed[0] - placed[1])));
    }

    void aSwitchUnderTheFootIsLearnedByPressing() {
        const Desk desk(machine());
        desk.window->go(MainWindow::Play);
        desk.key(Qt::Key_F);
        QVERIFY(desk.studio->footSwitch().isLearning());
        desk.key(Qt::Key_PageDown);
        QVERIFY(desk.studio->footSwitch().isKnown() && !desk.studio->handsFree().isOn());
        desk.window->go(MainWindow::Log);
        desk.key(Qt::Key_PageDown);  // it works wherever one is
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->handsFree().isOn(), 60000);
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->recorder().isRecording(), 60000);
        desk.key(Qt::Key_PageDown);
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->recorder().isIdle() && !desk.studio->handsFree().isOn(), 60000);
        desk.window->go(MainWindow::Play);
        desk.key(Qt::Key_F);
        desk.key(Qt::Key_Escape);  // as it was
        QVERIFY(!desk.studio->footSwitch().isLearning() && desk.studio->footSwitch().isKnown());
    }

    void aControllerOfThePadsIsASwitchToo() {
        QTemporaryDir dir;
        Setup setup(dir.filePath("settings.ini"));
        AudioInput input(realStreams(40));
        FootSwitch foot(setup, input);
        QSignalSpy learned(&foot, &FootSwitch::learned);
        QSignalSpy pressed(&foot, &FootSwitch::pressed);
        input.engine().switched(64);  // before it was asked for
        foot.learn();
        input.engine().switched(67);
        QTRY_COMPARE_WITH_TIMEOUT(learned.count(), 1, 60000);
        input.engine().note({0, 67, 100, -1});  // a note of that number is another thing
        QTest::qWait(60);
        QCOMPARE(pressed.count(), 0);
        input.engine().switched(67);
        QTRY_COMPARE_WITH_TIMEOUT(pressed.count(), 1, 60000);
    }

    void theWayUpIsChosenAndKept() {
        Desk desk(machine());
        desk.window->go(MainWindow::Climb);
        desk.key(Qt::Key_W);
        desk.key(Qt::Key_W);
        desk.key(Qt::Key_U);
        const Ladder chosen = desk.studio->stand().ladder().ladder;
        QVERIFY(chosen.rule == LadderRule::TwoUpOneBack && chosen.byMinutes);
        QCOMPARE(desk.studio->setup().settings().minutes, 5);
        desk.window.reset();
        desk.studio.reset();
        desk.open(machine());
        QVERIFY(desk.studio->stand().ladder().ladder == chosen);
        desk.playOne();
        const auto logbook = Logbook::open(desk.dir.filePath("logbook.db").toStdString(), LogbookAccess::Reading);
        QVERIFY(logbook);
        const auto take = TakeRepository(**logbook).find(desk.studio->review().take()->id);
        QVERIFY(take && take->ladder == chosen);
    }

    void minutesLeadUpHoweverItWasPlayed() {
        const Desk desk(faulty());
        PracticeSettings settings = desk.studio->setup().settings();
        settings.barsPerTake = 2;
        settings.restS = 1;
        settings.minutes = 1;  // a second and a half here
        desk.studio->setup().change(settings);
        desk.studio->stand().setByMinutes(true);
        const double before = desk.studio->stand().ladder().tempoBpm;
        desk.studio->handsFree().set(true);
        desk.studio->recorder().start();
        QTRY_COMPARE_WITH_TIMEOUT(desk.studio->stand().ladder().tempoBpm, before + 4, 60000);
        QTRY_COMPARE_WITH_TIMEOUT(desk.studio->log().takes().front().tempoBpm, before + 4, 60000);
        desk.studio->handsFree().set(false);
    }

    void aLetterIsALetterWhereSomethingIsWritten() {
        const Desk desk(machine());
        desk.window->go(MainWindow::Play);
        desk.key(Qt::Key_F);
        desk.key(Qt::Key_B);
        desk.window->go(MainWindow::Prepare);
        auto* search = desk.in<QLineEdit>(MainWindow::Prepare);
        search->setFocus();
        QTest::keyClick(search, Qt::Key_B);
        QVERIFY(!desk.studio->handsFree().isOn() && search->text() == QStringLiteral("b"));
    }

    void theHardestSpotComesBeforeTheWhole() {
        const Desk desk(faulty());
        desk.studio->stand().setRule(LadderRule::HardestSpotFirst);
        desk.playOne();
        const double before = desk.studio->stand().ladder().tempoBpm;
        Verdict up = desk.studio->review().take()->analysis.verdict;
        up.action = Action::Up;
        up.nextTempoBpm = before + 4;
        desk.studio->nextSteps().follow(
            std::make_shared<NextStep>(NextStep{desk.studio->stand().exercise().id, up, false}));
        QVERIFY(desk.studio->takingApart().isOn() && desk.studio->stand().isPart());
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, before + 4);
        Verdict clean = up;
        clean.stage = true;
        while (desk.studio->takingApart().isOn()) desk.studio->takingApart().follow(clean);
        QVERIFY(!desk.studio->stand().isPart());
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, before + 4);
    }

    void theClickGoesAwayBeforeTheTempoGoesUp() {
        const Desk desk(machine());
        desk.studio->stand().setRule(LadderRule::LessClick);
        desk.studio->stand().setCleanNeeded(1);
        const double tempo = desk.studio->stand().ladder().tempoBpm;
        const auto silentBars = [&] { return desk.studio->setup().settings().click.silent.off; };
        desk.studio->handsFree().set(true);
        desk.studio->recorder().start();
        QTRY_COMPARE_WITH_TIMEOUT(silentBars(), 1, 60000);
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, tempo);
        QCOMPARE(desk.studio->setup().settings().barsPerTake, 16);
        QTRY_COMPARE_WITH_TIMEOUT(silentBars(), 2, 60000);
        QTRY_COMPARE_WITH_TIMEOUT(silentBars(), 3, 60000);
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->stand().ladder().tempoBpm > tempo, 60000);
        QCOMPARE(silentBars(), 0);
        desk.studio->handsFree().set(false);
        const TakeAnalysis& take = desk.studio->review().take()->analysis;
        QVERIFY(take.measures.returns && take.measures.returns->all.size() == 3);
        QVERIFY(std::any_of(take.gates.begin(), take.gates.end(),
                            [](const Gate& gate) { return gate.kind == GateKind::Return; }));
    }

    void lessClickIsTakenBack() {
        const Desk desk(machine());
        desk.studio->stand().setRule(LadderRule::LessClick);
        desk.playOne();
        Verdict less = desk.studio->review().take()->analysis.verdict;
        less.action = Action::Up;
        less.nextTempoBpm = less.tempoBpm;
        less.click = SilentBars{3, 1};
        const auto silent = [&] { return desk.studio->setup().settings().click.silent; };
        desk.studio->nextSteps().follow(
            std::make_shared<NextStep>(NextStep{desk.studio->stand().exercise().id, less, false}));
        QCOMPARE(silent(), (SilentBars{3, 1}));
        desk.studio->nextSteps().takeBack();
        QCOMPARE(silent(), SilentBars{});
    }

    void setsAreWantedByADay() {
        Desk desk(machine());
        desk.window->go(MainWindow::Prepare);
        desk.key(Qt::Key_S);
        desk.key(Qt::Key_N);
        QTest::keyClicks(desk.window->focusWidget(), "Lesson");
        QTest::keyClick(desk.window->focusWidget(), Qt::Key_Return);
        QCOMPARE(desk.studio->sets().all().size(), std::size_t{1});
        QCOMPARE(desk.studio->sets().all().front().name, std::string("Lesson"));
        desk.key(Qt::Key_G);
        QCOMPARE(desk.studio->sets().all().front().exerciseIds, (std::vector<std::string>{"paradiddle-accents"}));
        desk.studio->routine().refresh();
        QVERIFY(desk.studio->routine().isPlanned("paradiddle-accents"));
        desk.window.reset();
        desk.studio.reset();
        desk.open(machine());
        QCOMPARE(desk.studio->sets().all().size(), std::size_t{1});
        desk.studio->sets().change(0, "Gig", QDate::currentDate().addDays(3));
        QCOMPARE(desk.studio->sets().all().front().name, std::string("Gig"));
        desk.studio->sets().toggle(0, "paradiddle-accents");
        QVERIFY(desk.studio->sets().all().front().exerciseIds.empty());
        desk.studio->sets().remove(0);
        QVERIFY(desk.studio->sets().all().empty());
    }

    void whoTiresIsTakenToABreak() {
        const TiringDesk desk;
        QSignalSpy said(&desk.studio->notices(), &Notices::said);
        QSignalSpy tires(&desk.studio->handsFree(), &HandsFree::tires);
        PracticeSettings settings = desk.studio->setup().settings();
        settings.barsPerTake = 16;
        settings.restS = 1;
        desk.studio->setup().change(settings);
        desk.studio->handsFree().set(true);
        desk.studio->recorder().start();
        for (int take = 0; take < 12 && tires.isEmpty(); ++take) {
            QTRY_VERIFY_WITH_TIMEOUT(desk.studio->handsFree().isResting() || !desk.studio->handsFree().isOn(), 60000);
            desk.studio->stand().backToWhole();
            desk.studio->stand().setTempo(80);  // whatever the verdict says
            if (tires.isEmpty()) desk.studio->handsFree().goOn();
            QTRY_VERIFY_WITH_TIMEOUT(!desk.studio->recorder().isIdle() || !tires.isEmpty(), 60000);
        }
        QVERIFY(!tires.isEmpty());
        QVERIFY(wasSaid(said, "more uneven") && wasSaid(said, "It says nothing of why"));
    }
};

QTEST_MAIN(TestStool)
#include "tst_stool.moc"
