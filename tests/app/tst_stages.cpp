// Exercises taken apart in the window: stages played, measured, gated, and moved between by the verdict.
#include <QApplication>
#include <QSignalSpy>
#include <QTest>
#include <set>

#include "studio/click_presets.h"
#include "theme/theme.h"
#include "typing.h"
#include "upbeat/music/library.h"
#include "upbeat/signal/take_listener.h"

using namespace upbeat;
using namespace upbeat::test;

class TestStages : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    /// N12 to N19: stages are played, measured and gated like any exercise, and the verdict moves between them.
    void anExerciseIsTakenApartAndPutTogether() {
        const Desk desk(machine());
        desk.studio->stand().choose("unison-hands-foot");
        PracticeSettings settings = desk.studio->setup().settings();
        settings.barsPerTake = 4;
        desk.studio->setup().change(settings);
        type(desk, QStringLiteral("a"));
        auto* panel = desk.in<StagesPanel>(MainWindow::Prepare);
        QCOMPARE(panel->method(), Method::LimbsApart);
        type(desk, QStringLiteral("<Return>"));
        QCOMPARE(desk.window->current(), static_cast<int>(MainWindow::Play));
        QCOMPARE(desk.studio->stand().exercise().id, std::string("unison-hands-foot~limbs-apart.1"));
        const auto playClean = [&] {
            for (int i = 0; i < kCleanPerStage; ++i) desk.playOne();
            desk.studio->settle();
            desk.studio->nextSteps().accept();
        };
        playClean();
        QCOMPARE(desk.studio->takingApart().stage(), 1);
        desk.studio->takingApart().goTo(static_cast<int>(desk.studio->takingApart().stages().size()) - 1);
        playClean();
        QVERIFY(desk.studio->takingApart().stages().empty());
        QCOMPARE(desk.studio->stand().exercise().id, std::string("unison-hands-foot"));
    }

    void aWayThatStallsIsLeftForAnother() {
        const Desk desk;
        desk.studio->stand().choose("groove-eighths");
        desk.studio->takingApart().begin(Method::Grow);
        Verdict stalled;
        stalled.action = Action::Back;
        desk.studio->takingApart().follow(stalled);
        QVERIFY(desk.studio->takingApart().isOn() && desk.studio->takingApart().method() != Method::Grow);
        QCOMPARE(desk.studio->takingApart().stage(), 0);
        QVERIFY(desk.window->notices()->isVisible());
        desk.studio->stand().backToWhole();
        QVERIFY(!desk.studio->takingApart().isOn());
        QCOMPARE(desk.studio->stand().exercise().id, std::string("groove-eighths"));
    }

    /// N18: the spot is where the last take had its trouble.
    void theSpotIsWhereTheTroubleIs() {
        const Desk desk;  // plays the last sixteenth of two early
        desk.playOne();
        desk.studio->takingApart().begin(Method::IsolateSpan);
        const Exercise& spot = desk.studio->stand().exercise();
        QCOMPARE(spot.bars, 2);
        for (const Stroke& s : spot.strokes) QVERIFY(!(s.at < Beats(1)) && !(Beats(2) < s.at));
    }

    void waysAreCombined() {
        const Desk desk;
        desk.studio->stand().choose("groove-eighths");
        type(desk, QStringLiteral("a"));
        auto* panel = desk.in<StagesPanel>(MainWindow::Prepare);
        panel->setInner(Method::Grow);
        type(desk, QStringLiteral("<Return>"));
        QCOMPARE(desk.studio->stand().exercise().id, std::string("groove-eighths~limbs-apart+grow.1"));
        QVERIFY(desk.studio->takingApart().stages().size() > 8);
        desk.studio->takingApart().goTo(3);
        QCOMPARE(desk.studio->takingApart().stage(), 3);
        desk.studio->stand().backToWhole();
        QCOMPARE(desk.studio->stand().exercise().id, std::string("groove-eighths"));
    }

    void thePartReachedIsKeptOverARestart() {
        Desk desk;
        desk.studio->takingApart().begin(Method::Grow);
        desk.studio->takingApart().goTo(3);
        desk.window.reset();
        desk.studio.reset();
        desk.studio = studioIn(desk.dir, faulty());
        desk.studio->stand().choose("paradiddle-accents");
        desk.window = std::make_unique<MainWindow>(*desk.studio);
        desk.window->show();
        desk.window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(desk.window.get()));
        type(desk, QStringLiteral("a"));
        auto* panel = desk.in<StagesPanel>(MainWindow::Prepare);
        for (int i = 0; i < kMethodCount && panel->method() != Method::Grow; ++i) panel->turn(1);
        panel->chooseCurrent();
        QCOMPARE(desk.studio->takingApart().stage(), 3);
        QCOMPARE(desk.studio->takingApart().reached(Method::LimbsApart, std::nullopt), 0);
    }

    void voicesFoldIntoOneRow() {
        const Desk desk;
        desk.studio->stand().choose("groove-eighths");
        auto* line = desk.in<CountLineEditor>(MainWindow::Prepare);
        const QImage open = line->grab().toImage();
        type(desk, QStringLiteral("v"));
        QVERIFY(line->isFolded());
        QVERIFY(line->grab().toImage() != open);
        type(desk, QStringLiteral("v"));
        QCOMPARE(line->grab().toImage(), open);
    }

    void aStageThatWobblesFallsBack() {
        Character wild;
        wild.spreadMs = 60;
        wild.missChance = 0.4;
        const Desk desk(wild);
        desk.studio->takingApart().begin(Method::Grow);
        desk.studio->takingApart().goTo(3);
        desk.playOne();
        desk.studio->settle();
        QCOMPARE(desk.studio->review().take()->analysis.verdict.action, Action::Back);
        desk.studio->nextSteps().accept();
        QCOMPARE(desk.studio->takingApart().stage(), 2);
        desk.key(Qt::Key_B);
        QVERIFY(desk.studio->takingApart().stages().empty());
        QCOMPARE(desk.studio->stand().exercise().id, std::string("paradiddle-accents"));
    }

    /// N20 and N21: the click, a tapped tempo, the timer.
    void theClickIsChosenAndTheTempoTapped() {
        const Desk desk;
        const auto boxes = prepareOf(desk)->findChildren<QComboBox*>();
        auto* click = *std::find_if(boxes.begin(), boxes.end(),
                                    [](QComboBox* box) { return box->accessibleName() == QStringLiteral("Click"); });
        for (int i = 0; i < click->count(); ++i) {
            Q_EMIT click->activated(i);
            QCOMPARE(click->currentIndex(), i);
            QCOMPARE(desk.studio->setup().settings().click, clickPresets().at(i).click);
            Exercise odd = desk.studio->stand().exercise();
            odd.meter = {7, 8};
            QVERIFY(check(clickPlanOf(desk.studio->setup().settings(), 100, odd)).has_value());
        }
        auto* prepare = prepareOf(desk);
        const double before = desk.studio->stand().ladder().tempoBpm;
        for (const double at : {0.0, 0.6}) prepare->tapAt(at);
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, before);
        for (const double at : {1.2, 1.8}) prepare->tapAt(at);
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, 100.0);
        type(desk, QStringLiteral("t"));
        QCOMPARE(prepare->taps(), std::size_t{5});
    }

    void aTimerEndsAPart() {
        const Desk desk;  // forty times as fast as the clock
        PracticeSettings settings = desk.studio->setup().settings();
        settings.minutes = 1;
        settings.barsPerTake = 1;
        desk.studio->setup().change(settings);
        QSignalSpy said(&desk.studio->notices(), &Notices::said);
        desk.studio->takingApart().begin(Method::Grow);
        desk.studio->recorder().start();
        QTRY_COMPARE_WITH_TIMEOUT(desk.studio->takingApart().stage(), 1, 60000);
        QVERIFY(said.last().first().toString().contains(QStringLiteral("1 minute")));
        desk.studio->stand().backToWhole();
        desk.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(said.last().first().toString().contains(QStringLiteral("take a break")), 60000);
    }

    void theExerciseIsHeardBeforeItIsPlayed() {
        const Desk desk;
        type(desk, QStringLiteral("p"));
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->playback().isPlaying(), 20000);
        type(desk, QStringLiteral("p"));
        QTRY_VERIFY(!desk.studio->playback().isPlaying());
        type(desk, QStringLiteral("e<Shift+Right><Shift+Right><Ctrl+P>"));
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->playback().isPlaying(), 20000);
        desk.studio->playback().stop();
    }

    void whatIsHeardIsThePage() {
        TakeRecord take;
        take.exercise = *builtInExercise("flam-taps");
        take.frame = {60, 0, 3, 0, false, {}};
        const Sound exact = idealSound(take, 4, 8);
        const Sound felt = idealSound(take, 4, 8, true);
        QCOMPARE(exact.samples.size(), static_cast<std::size_t>(4 * take.sampleRate));
        QVERIFY(exact.samples != felt.samples);
        const auto hits = detectHits(exact.view(), take.sampleRate);
        const auto firm =
            std::count_if(hits.begin(), hits.end(), [](const Hit& hit) { return hit.strength >= kFirmStrength; });
        QVERIFY2(firm >= 8 && firm <= 13, qPrintable(QString::number(firm)));
    }

    void everyWayIsOffered() {
        const Desk desk;
        desk.studio->stand().choose("groove-bossa");
        type(desk, QStringLiteral("a"));
        auto* panel = desk.in<StagesPanel>(MainWindow::Prepare);
        std::set<Method> seen;
        for (int i = 0; i < kMethodCount; ++i) {
            seen.insert(panel->method());
            type(desk, QStringLiteral("w"));
        }
        QCOMPARE(seen.size(), methodsFor(desk.studio->stand().exercise()).size());
        type(desk, QStringLiteral("<Esc>"));
        QCOMPARE(prepareOf(desk)->panel(), PreparePlace::Controls);
    }
};

QTEST_MAIN(TestStages)
#include "tst_stages.moc"
