// A whole piece in the real window: chosen by its sections, played, looked at section by section, climbed where it is
// hardest.
#include <QLabel>
#include <QSpinBox>
#include <QTest>

#include "climb/climb_place.h"
#include "look/look_place.h"
#include "play/play_place.h"
#include "prepare/prepare_place.h"
#include "stage.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/music/transform.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Calm, but for one section that is rushed and uneven; and one who runs ahead in a fill.
Character calm(const Exercise& page) {
    Character c = machine();
    c.spreadMs = 0.5;
    if (page.id == "fill-sixteenths-down") {
        c.spreadMs = 2;
        c.levelSpreadDb = {1, 1, 1};
        for (const Stroke& s : page.strokes)
            if (s.at >= Beats(4)) c.habits.push_back({s.at, s.limb, s.voice, {}, -14});
    }
    const bool isBridge = page.firstBar == 57 && page.bars == 16;
    if (isBridge) c.spreadMs = 14;
    return c;
}

struct Song : Desk {
    Song() : Desk(machine()) {
        window.reset();
        studio.reset();
        studio = studioIn(dir, [](const Exercise& page, double) { return calm(page); });
        window = std::make_unique<MainWindow>(*studio);
        window->resize(1280, 800);
        window->show();
        window->activateWindow();
        (void)QTest::qWaitForWindowActive(window.get());
        studio->shelf().importFile(QStringLiteral(UPBEAT_SOURCE_DIR "/demodata/pieces/harbour-lights.txt"));
        (void)QTest::qWaitFor([this] { return studio->stand().exercise().bars == 96; }, 60000);
        studio->stand().setTempo(116);
    }
    [[nodiscard]] SectionStrip* strip(int place) const { return window->place(place)->findChild<SectionStrip*>(); }
    void take() const {
        const std::size_t before = studio->log().takes().size();
        studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(studio->log().takes().size() > before, 120000);
    }
    void picture(const char* name) const {
        const QString folder = qEnvironmentVariable("UPBEAT_PICTURES");
        QCoreApplication::processEvents();  // what has moved is laid out
        if (!folder.isEmpty()) window->grab().save(QDir(folder).filePath(QLatin1String(name) + QStringLiteral(".png")));
    }
};

}  // namespace

class TestPiece : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void aSectionIsChosenAndPractised() {
        const Song song;
        QCOMPARE(song.studio->stand().exercise().sections.size(), std::size_t{8});
        song.window->go(MainWindow::Prepare);
        SectionStrip* strip = song.strip(MainWindow::Prepare);
        QVERIFY(strip->isVisible() && strip->accessibleName().contains(QStringLiteral("verse 2, bars 33 to 48")));
        song.key(Qt::Key_PageDown, Qt::ControlModifier);
        song.key(Qt::Key_PageDown, Qt::ControlModifier);
        QCOMPARE(strip->chosen(), std::optional(1));
        song.key(Qt::Key_R);
        const Exercise& verse = song.studio->stand().exercise();
        QVERIFY(song.studio->stand().isPart() && verse.bars == 16 && verse.firstBar == 9);
        song.key(Qt::Key_R);  // the whole again
        QVERIFY(!song.studio->stand().isPart());
        // Dragged from bar 33 to bar 40.
        const double bar = (strip->width() - 4.0) / 96;
        const auto at = [&](int number) { return QPoint(static_cast<int>(2 + bar * (number - 0.5)), 20); };
        QTest::mousePress(strip, Qt::LeftButton, {}, at(33));
        QTest::mouseMove(strip, at(36));
        QTest::mouseMove(strip, at(40));
        QTest::mouseRelease(strip, Qt::LeftButton, {}, at(40));
        song.key(Qt::Key_R);
        QCOMPARE(song.studio->stand().exercise().firstBar, 33);
        QCOMPARE(song.studio->stand().exercise().bars, 8);
    }

    void theNextSectionIsAnnouncedABarAhead() {
        const Song song;
        const Exercise& page = song.studio->stand().exercise();
        const auto at = [&](double bar) { return *sectionNow(page, (bar - 1) / 96); };
        QCOMPARE(at(1.0).name, QStringLiteral("intro"));
        QVERIFY(at(7.9).next.isEmpty());
        QCOMPARE(at(8.0).next, QStringLiteral("verse 1"));
        QCOMPARE(at(8.99).bar, 8);
        QCOMPARE(at(9.0).name, QStringLiteral("verse 1"));
        QVERIFY(at(96.5).next.isEmpty());
        QVERIFY(!sectionNow(*builtInExercise("paradiddle-accents"), 0.5));
        song.window->go(MainWindow::Play);
        song.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(song.studio->recorder().live() && song.studio->recorder().live()->beatsNow() > 29,
                                 60000);
        song.studio->recorder().discard();
        QTRY_VERIFY_WITH_TIMEOUT(song.studio->recorder().isIdle(), 60000);
    }

    void aPageWithoutSectionsHasNoStrip() {
        const Desk desk;
        for (const int place : {MainWindow::Prepare, MainWindow::Look, MainWindow::Climb})
            QVERIFY(!desk.window->place(place)->findChild<SectionStrip*>()->isVisible());
    }

    void aTakeOfThePieceIsLookedAtSectionBySection() {
        const Song song;
        song.take();
        song.window->go(MainWindow::Look);
        const auto* look = qobject_cast<LookPlace*>(song.window->place(MainWindow::Look));
        const TakeAnalysis& take = song.studio->review().take()->analysis;
        QCOMPARE(take.matched.exercise.bars, 96);
        QVERIFY(take.matched.missed.size() + take.matched.extra.size() <= 1);
        QVERIFY(look->sections()->isVisible() && look->sections()->chosen());
        QVERIFY(look->field()->isVisible());
        const int first = *look->sections()->chosen();
        song.key(Qt::Key_BracketRight);
        QCOMPARE(look->sections()->chosen(), std::optional((first + 1) % 8));
        song.key(Qt::Key_BracketLeft);
        QCOMPARE(look->sections()->chosen(), std::optional(first));
        song.key(Qt::Key_Right);  // a hit, named by its place in the piece
        song.key(Qt::Key_T);
        song.key(Qt::Key_N);
        QTRY_VERIFY_WITH_TIMEOUT(!look->closeUp()->isVisible() || !look->closeUp()->isEmpty(), 60000);
        song.picture("look-piece");
        song.key(Qt::Key_L);
        const QPoint outro(look->sections()->width() - 10, 20);
        if (look->sections()->chosen() != 7) QTest::mouseClick(look->sections(), Qt::LeftButton, {}, outro);
        QCOMPARE(look->sections()->chosen(), std::optional(7));
        QTest::mouseClick(look->sections(), Qt::LeftButton, {}, outro);  // all of it
        QVERIFY(!look->sections()->chosen());
    }

    void aFillIsComparedWithTheGrooveAroundIt() {
        const Song song;
        song.studio->stand().choose("fill-sixteenths-down");
        song.studio->stand().setTempo(96);
        PracticeSettings settings = song.studio->setup().settings();
        settings.barsPerTake = 16;
        song.studio->setup().change(settings);
        song.take();
        song.window->go(MainWindow::Look);
        const auto* look = qobject_cast<LookPlace*>(song.window->place(MainWindow::Look));
        QVERIFY(look->contexts()->sections().size() == 2 && !look->contexts()->isVisible());
        song.key(Qt::Key_G);
        QVERIFY(look->contexts()->isVisible());
        QVERIFY(look->contexts()->said(0).isEmpty());  // what the fill differs from
        QVERIFY2(look->contexts()->said(1).startsWith(QStringLiteral("fill: the pulse is 1")),
                 qPrintable(look->contexts()->said(1)));
        QVERIFY(look->contexts()->said(1).contains(QStringLiteral("early")) &&
                look->contexts()->said(1).contains(QStringLiteral("you are back")));
        QVERIFY(!song.studio->review().take()->analysis.findings.empty());
        song.picture("look-context");
    }

    /// Slower in the middle, a held bar, back again: counted in, clicked, recorded and measured in the window.
    void aPageWhoseTempoChangesIsPlayed() {
        const Song song;
        Exercise moving = *builtInExercise("singles-sixteenths");
        moving.id = "moving";
        while (moving.bars < 4) moving = *formOf(moving, std::vector<FormPart>{{moving, 2}});
        moving.sections.clear();
        moving.tempoChanges = {{2, 70}, {3, 100, 3}};
        moving.heldBars = {{2, 2}};
        QVERIFY(check(moving));
        const QString path = song.dir.filePath(QStringLiteral("moving.txt"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(QByteArray::fromStdString(toText(moving))) > 0);
        file.close();
        song.studio->shelf().importFile(path);
        QTRY_COMPARE_WITH_TIMEOUT(song.studio->stand().exercise().tempoChanges, moving.tempoChanges, 60000);
        song.take();
        const TakeAnalysis& take = song.studio->review().take()->analysis;
        QCOMPARE(take.matched.exercise.heldBars, moving.heldBars);
        QVERIFY2(take.matched.missed.size() + take.matched.extra.size() <= 1,
                 qPrintable(QString::number(take.matched.missed.size())));
        QVERIFY(std::abs(take.measures.timing.centreMs) < 1);
        QVERIFY(take.measures.timing.spreadMs->value < 2);
        song.window->go(MainWindow::Prepare);
        song.key(Qt::Key_PageDown);
        song.picture("prepare-tempo");
    }

    void theHardestSectionHoldsThePiece() {
        const Song song;
        PracticeSettings settings = song.studio->setup().settings();
        settings.barsPerTake = 16;
        song.studio->setup().change(settings);
        song.window->go(MainWindow::Climb);
        SectionStrip* strip = song.strip(MainWindow::Climb);
        QVERIFY(strip->isVisible());
        const auto practise = [&](int section, double bpm) {
            const SectionSpan span = strip->sections()[static_cast<std::size_t>(section)];
            song.studio->stand().backToWhole();
            song.studio->stand().practiseBars(span.from, span.to);
            song.studio->stand().setTempo(bpm);
            song.take();
            QVERIFY(song.studio->review().take()->analysis.clean());
        };
        practise(0, 112);
        practise(2, 100);
        song.window->go(MainWindow::Climb);
        const auto labels = song.window->place(MainWindow::Climb)->findChildren<QLabel*>();
        QVERIFY(std::any_of(labels.begin(), labels.end(), [](const QLabel* label) {
            return label->isVisible() &&
                   label->text() == QStringLiteral("chorus 1 holds the piece at 100; intro would go at 112.");
        }));
        song.picture("climb-piece");
        song.key(Qt::Key_B, Qt::ShiftModifier);  // not before every section was clean
        QVERIFY(song.studio->stand().isPart());
        QTest::mouseClick(strip, Qt::LeftButton, {}, QPoint(strip->width() / 2 + 120, 20));  // the bridge
        QCOMPARE(song.studio->stand().exercise().firstBar, 57);
        QVERIFY(song.studio->stand().isPart());
    }

    void theWholeIsPutAtTheTempoItsSectionsStand() {
        const Song song;
        Exercise two = *builtInExercise("singles-sixteenths");
        const std::vector<Stroke> bar = two.strokes;
        for (Stroke stroke : bar) {
            stroke.at = stroke.at + two.length();
            two.strokes.push_back(stroke);
        }
        two.bars = 2;
        two.sections = {{1, "A"}, {2, "B"}};
        song.studio->stand().choose(song.studio->shelf().add(two));
        PracticeSettings settings = song.studio->setup().settings();
        settings.barsPerTake = 8;
        song.studio->setup().change(settings);
        for (const int section : {1, 2}) {
            song.studio->stand().backToWhole();
            song.studio->stand().practiseBars(section, section);
            song.studio->stand().setTempo(section == 1 ? 100 : 88);
            song.take();
            QVERIFY(song.studio->review().take()->analysis.clean());
        }
        song.window->go(MainWindow::Climb);
        const auto labels = song.window->place(MainWindow::Climb)->findChildren<QLabel*>();
        QVERIFY(std::any_of(labels.begin(), labels.end(), [](const QLabel* label) {
            return label->text().endsWith(QStringLiteral("Today the whole goes at 88: Shift B."));
        }));
        song.key(Qt::Key_B, Qt::ShiftModifier);
        QVERIFY(!song.studio->stand().isPart());
        QCOMPARE(song.studio->stand().exercise().bars, 2);
        QCOMPARE(song.studio->stand().ladder().tempoBpm, 88.0);
    }
};

QTEST_MAIN(TestPiece)
#include "tst_piece.moc"
