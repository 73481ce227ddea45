// A take looked at in the real window, by keys: lenses, findings, causes, the field, the next step.
#include <QTest>
#include <cmath>
#include <set>

#include "look/finding_card.h"
#include "look/look_place.h"
#include "play/play_place.h"
#include "stage.h"

using namespace upbeat;
using namespace upbeat::test;

class TestLooking : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void theKitIsTaughtFromPrepareAndListeningKeepsItsToggles() {
        const Desk stage;
        const auto buttons = stage.window->place(MainWindow::Prepare)->findChildren<QPushButton*>();
        auto* teach = *std::find_if(buttons.begin(), buttons.end(), [](QPushButton* button) {
            return button->accessibleName() == QStringLiteral("Teach the kit");
        });
        QVERIFY(!teach->isVisible());
        stage.studio->stand().choose("ghosted-backbeat");
        QVERIFY(teach->isVisible());
        stage.window->go(MainWindow::Prepare);
        QTest::mouseClick(teach, Qt::LeftButton);
        QCOMPARE(stage.window->current(), static_cast<int>(MainWindow::Play));
        stage.key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->lessons().isTaught() && stage.window->current() == MainWindow::Prepare,
                                 60000);
        QVERIFY(teach->text().contains(QStringLiteral("told apart")));
        QVERIFY(stage.window->notices()->isVisible());

        stage.key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(stage.window->current() == MainWindow::Look && stage.studio->review().take()->id > 0,
                                 60000);
        QTRY_VERIFY_WITH_TIMEOUT(!stage.studio->playback().isPlaying(), 60000);
        for (const Qt::Key key : {Qt::Key_I, Qt::Key_O, Qt::Key_C}) stage.key(key);
        int on = 0;
        for (const auto* button : stage.window->place(MainWindow::Look)->findChildren<QPushButton*>())
            if (button->isCheckable() && button->isChecked() && !button->property("lens").isValid()) ++on;
        QCOMPARE(on, 3);
        stage.key(Qt::Key_H);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->playback().playheadS() > 0, 60000);
        stage.key(Qt::Key_H);
        QVERIFY(!stage.studio->playback().isPlaying());
    }

    /// Who is made ill by what glides and dances has it still: from beat to beat, and no meter.
    void motionCanBeStilled() {
        const Desk stage;
        stage.playOne();
        auto* look = qobject_cast<LookPlace*>(stage.window->place(MainWindow::Look));
        stage.key(Qt::Key_F10);
        QVERIFY(stage.studio->setup().settings().still);
        const MatchedTake& take = stage.studio->review().take()->analysis.matched;
        const double first = take.firstBeatS + take.latencyS;
        const double beatS = 60 / take.tempoBpm;
        QTRY_VERIFY_WITH_TIMEOUT(!stage.studio->playback().isPlaying(), 60000);
        std::set<long> beats;
        bool isBetween = false;
        connect(&stage.studio->playback(), &Playback::ticked, look, [&] {
            const double now = (look->field()->playheadS() - first) / beatS;
            if (now < 0) return;
            isBetween = isBetween || std::abs(now - std::round(now)) > 1e-6;
            beats.insert(std::lround(now));
        });
        stage.key(Qt::Key_H);
        QTRY_VERIFY_WITH_TIMEOUT(beats.size() >= 3, 60000);
        QVERIFY(!isBetween);
        stage.studio->playback().disconnect(look);
        stage.studio->playback().stop();
        QCOMPARE(beatBefore(*stage.studio->review().take(), first - 0.2), first - 0.2);
        // Where the tempo changes beats are as long as they are played: four at 120, four at 60, and once more.
        TakeView changing;
        changing.analysis.matched.tempoBpm = 120;
        changing.analysis.matched.firstBeatS = 1;
        Exercise& piece = changing.analysis.matched.exercise;
        piece = stage.studio->stand().exercise();
        piece.bars = 2;
        piece.tempoChanges = {{2, 50, 0}};
        QCOMPARE(beatBefore(changing, 1 + 1.7), 1 + 1.5);
        QCOMPARE(beatBefore(changing, 1 + 2 + 2.9), 1 + 2 + 2.0);
        QCOMPARE(beatBefore(changing, 1 + 6 + 0.7), 1 + 6 + 0.5);
        const FieldData page = fieldOf(stage.studio->stand().exercise());
        QCOMPARE(beatPlaceBefore(page, page.columns.back().place), page.columns[page.columns.size() - 4].place);
        QCOMPARE(beatPlaceBefore(page, page.columns[4].place), page.columns[4].place);
        stage.key(Qt::Key_F10);
        QVERIFY(!stage.studio->setup().settings().still);
    }

    void lensesGroupsAndTheCloseUpAreOneKeyAway() {
        const Desk stage;
        stage.playOne();
        auto* look = qobject_cast<LookPlace*>(stage.window->place(MainWindow::Look));
        QCOMPARE(look->lens(), Lens::Timing);
        stage.key(Qt::Key_L);
        QCOMPARE(look->lens(), Lens::Balance);
        stage.key(Qt::Key_L);
        QCOMPARE(look->lens(), Lens::Timing);  // neither swing nor grace notes on this page
        QVERIFY(!look->groups()->isVisible());
        stage.key(Qt::Key_G);
        QVERIFY(look->groups()->isVisible());
        stage.key(Qt::Key_G);
        QVERIFY(!look->groups()->isVisible());
        QVERIFY(!look->closeUp()->isVisible());
        stage.key(Qt::Key_Right);
        QTRY_VERIFY_WITH_TIMEOUT(look->closeUp()->isVisible() && !look->closeUp()->isEmpty(), 60000);
        QTRY_VERIFY_WITH_TIMEOUT(!stage.studio->playback().isPlaying(), 60000);
        stage.key(Qt::Key_S);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->playback().isPlaying(), 60000);
        stage.key(Qt::Key_Escape);
        QVERIFY(!stage.studio->playback().isPlaying());
    }

    void findingsAreWalkedHeardAndDrilled() {
        const Desk stage;
        stage.playOne();
        stage.key(Qt::Key_N);
        const auto cards = stage.window->findChildren<FindingCard*>();
        QVERIFY(!cards.isEmpty());
        QVERIFY(cards.front()->isChecked());
        QVERIFY(cards.front()->accessibleName().contains(QStringLiteral("the a of 2")));
        QTRY_VERIFY_WITH_TIMEOUT(!stage.studio->playback().isPlaying(), 60000);
        stage.key(Qt::Key_H);
        QTRY_VERIFY_WITH_TIMEOUT(stage.studio->playback().isPlaying(), 60000);
        stage.key(Qt::Key_H);
        QVERIFY(!stage.studio->playback().isPlaying());
        stage.key(Qt::Key_D);
        QVERIFY(stage.studio->stand().isPart());
        stage.key(Qt::Key_B);
        QVERIFY(!stage.studio->stand().isPart());
    }

    // One cause lights every stroke on which it is heard, folds out where, and is drawn through the take.
    void aCauseLightsWhatItIsHeardOn() {
        Character left;
        left.spreadMs = 3;
        left.habits = {{std::nullopt, Limb::LeftHand, std::nullopt, std::nullopt, 20, 0, 1}};
        const Desk stage(left);
        stage.playOne();
        auto* look = qobject_cast<LookPlace*>(stage.window->place(MainWindow::Look));
        QCOMPARE(look->findingCount(), 1);
        auto* card = look->findChild<FindingCard*>();
        const int folded = card->heightForWidth(300);
        const QImage before = look->findChild<OffsetStrip*>()->grab().toImage();
        stage.key(Qt::Key_N);
        QVERIFY(card->isChecked());
        QVERIFY(card->heightForWidth(300) > folded);
        QVERIFY2(card->heardOn().startsWith(QStringLiteral("Heard on the e of 1, ")), qPrintable(card->heardOn()));
        QCOMPARE(look->field()->highlighted().size(), std::size_t{8});
        QVERIFY(look->findChild<OffsetStrip*>()->grab().toImage() != before);
        QVERIFY(look->findChild<GateList*>()->accessibleName().startsWith(QStringLiteral("Hands and voices apart")));
        QVERIFY(look->findChild<SpreadBar*>()->accessibleName().contains(QStringLiteral("habit")));
    }

    void arrowsWalkTheFieldAndZoomIt() {
        const Desk stage;
        stage.playOne();
        const auto* look = qobject_cast<LookPlace*>(stage.window->place(MainWindow::Look));
        stage.key(Qt::Key_Right);
        stage.key(Qt::Key_Right);
        stage.key(Qt::Key_Down);
        QVERIFY(look->field()->chosen() != nullptr);
        stage.key(Qt::Key_Plus);
        QVERIFY(look->field()->zoom().span < 1.0);
        stage.key(Qt::Key_Minus);
        QCOMPARE(look->field()->zoom().span, 1.0);
    }

    void enterTakesTheNextStep() {
        Character c;
        c.spreadMs = 2;
        c.wanderMs = 0.3;
        const Desk stage(c);
        const double start = stage.studio->stand().ladder().tempoBpm;
        for (int i = 0; i < 3; ++i) {
            stage.studio->recorder().start();
            const std::size_t wanted = static_cast<std::size_t>(i) + 1;
            QTRY_VERIFY_WITH_TIMEOUT(stage.studio->log().takes().size() == wanted &&
                                         !stage.studio->recorder().isRecording() &&
                                         stage.window->current() == MainWindow::Look,
                                     60000);
        }
        stage.key(Qt::Key_F5);
        QCOMPARE(stage.studio->review().take()->analysis.verdict.action, Action::Up);
        stage.key(Qt::Key_Return);
        QVERIFY(stage.studio->stand().ladder().tempoBpm > start);
    }
};

QTEST_MAIN(TestLooking)
#include "tst_looking.moc"
