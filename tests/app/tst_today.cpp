// Today's plan in the real window: how it is made, changed, and played through without a key.
#include <QListWidget>
#include <QSignalSpy>
#include <QSpinBox>
#include <QTest>
#include <set>

#include "prepare/plan_strip.h"
#include "prepare/today_panel.h"
#include "stage.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Three exercises in the plan that nothing was played of.
struct Planned : Desk {
    explicit Planned(const Character& character = machine()) : Desk(character) {
        PracticeSettings settings = studio->setup().settings();
        settings.barsPerTake = 2;
        settings.restS = 0.05;
        studio->setup().change(settings);
        for (const char* id : {"paradiddle-accents", "singles-sixteenths", "doubles-sixteenths"})
            studio->routine().plan(id, true);
    }
    [[nodiscard]] Routine& routine() const { return studio->routine(); }
    [[nodiscard]] QListWidget* blocks() const {
        return window->place(MainWindow::Prepare)->findChild<TodayPanel*>()->findChild<QListWidget*>();
    }
    [[nodiscard]] std::string onStand() const { return studio->stand().exercise().id; }
};

}  // namespace

class TestToday : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void aNewPlayerHasAPlanOfThePageOnTheStand() {
        const Desk desk;
        desk.studio->routine().refresh();
        QVERIFY(!desk.studio->routine().plan().empty());
        for (const PlanBlock& block : desk.studio->routine().plan())
            QCOMPARE(block.exerciseId, desk.studio->stand().exercise().id);
    }

    void aDrillOfASpotIsKnownToThePlanAndPutOnTheStand() {
        const Planned desk(faulty());
        desk.studio->stand().isolate(Span{1, Beats(2), Beats(3)});
        const std::string drill = desk.onStand();
        QVERIFY(desk.studio->stand().isPart());
        desk.playOne();
        desk.studio->stand().backToWhole();
        desk.routine().refresh();
        QVERIFY(desk.routine().isPlanned(drill));
        PlanBlock due;
        due.exerciseId = drill;
        QVERIFY(desk.routine().titleOf(due).contains(QLatin1String("Paradiddle")));
    }

    void growingAtTempoBeginsTheMethod() {
        const Planned desk;
        desk.routine().setWay(PlanWay::GrowAtTempo);
        desk.routine().setMinutes(4);  // no loose beginning
        QCOMPARE(desk.routine().plan().size(), std::size_t{1});
        desk.routine().begin();
        QVERIFY(desk.studio->takingApart().isOn());
        QCOMPARE(desk.studio->takingApart().method(), Method::Grow);
        desk.routine().stop();
    }

    void itIsOneKeyAway() {
        const Planned desk;
        QVERIFY(!desk.blocks()->isVisible());
        desk.key(Qt::Key_D);
        QVERIFY(desk.blocks()->isVisible());
        QCOMPARE(desk.blocks()->count(), static_cast<int>(desk.routine().plan().size()));
        QVERIFY(!desk.blocks()->item(0)->data(Qt::AccessibleTextRole).toString().isEmpty());
        desk.key(Qt::Key_Escape);
        QVERIFY(!desk.blocks()->isVisible());
        QTest::mouseClick(desk.in<PlanStrip>(MainWindow::Prepare), Qt::LeftButton);
        QVERIFY(desk.blocks()->isVisible());
    }

    void theMinutesThereAreCanBeChanged() {
        const Planned desk;
        desk.key(Qt::Key_D);
        desk.window->place(MainWindow::Prepare)->findChild<TodayPanel*>()->findChild<QSpinBox*>()->setValue(45);
        int sum = 0;
        for (const PlanBlock& block : desk.routine().plan()) sum += block.minutes;
        QCOMPARE(sum, 45);
        desk.routine().setWay(PlanWay::MinutesALine);
        QCOMPARE(desk.routine().plan().size(), std::size_t{3});
    }

    void blocksAreChangedByKeys() {
        const Planned desk;
        desk.key(Qt::Key_D);
        const auto before = desk.routine().plan();
        desk.key(Qt::Key_Down);
        desk.key(Qt::Key_Plus);
        QCOMPARE(desk.routine().plan()[1].minutes, before[1].minutes + 1);
        for (int k = 0; k < 60; ++k) desk.key(Qt::Key_Minus);
        QCOMPARE(desk.routine().plan()[1].minutes, 1);
        const std::string out = desk.routine().plan()[1].exerciseId;
        desk.key(Qt::Key_Delete);
        for (const PlanBlock& block : desk.routine().plan()) QVERIFY(block.exerciseId != out);
        QVERIFY(!desk.routine().isPlanned(out));
        desk.key(Qt::Key_Escape);
        desk.studio->stand().choose(out);
        desk.key(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(desk.routine().isPlanned(out));
    }

    /// Enter, and nothing more: block after block by its minutes, and done.
    void aPlanIsPlayedThroughWithoutAKey() {
        const Planned desk;
        desk.routine().setMinutes(5);
        desk.routine().setWay(PlanWay::MinutesALine);
        const auto plan = desk.routine().plan();
        QVERIFY(plan.size() >= 1);
        QSignalSpy said(&desk.studio->notices(), &Notices::said);
        desk.key(Qt::Key_D);
        desk.key(Qt::Key_Return);
        QVERIFY(desk.routine().isOn() && desk.studio->handsFree().isOn());
        std::set<std::string> seen;
        QTRY_VERIFY_WITH_TIMEOUT((seen.insert(desk.onStand()), !desk.routine().isOn()), 120000);
        for (const PlanBlock& block : plan) QVERIFY(seen.contains(block.exerciseId));
        QVERIFY(!desk.studio->handsFree().isOn());
        QVERIFY(std::any_of(said.begin(), said.end(), [](const QList<QVariant>& s) {
            return s.front().toString().startsWith(QStringLiteral("Done for today"));
        }));
        QVERIFY(desk.studio->log().takes().size() >= plan.size());
    }

    void aBlockIsSkippedAndTheLastOneEndsIt() {
        const Planned desk;
        desk.routine().setMinutes(60);
        const auto plan = desk.routine().plan();
        QVERIFY(plan.size() > 2);
        desk.routine().begin();
        QCOMPARE(desk.onStand(), plan[0].exerciseId);
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->handsFree().isResting(), 60000);
        desk.studio->handsFree().set(false);  // by Space in the rest: the plan waits
        QVERIFY(desk.routine().isOn());
        const double left = desk.routine().leftS();
        QVERIFY(left > 0 && left <= plan[0].minutes * 60);
        for (std::size_t i = 1; i < plan.size(); ++i) {
            desk.routine().skip();
            QCOMPARE(desk.onStand(), plan[i].exerciseId);
            QCOMPARE(desk.routine().current(), i);
        }
        desk.routine().skip();
        QVERIFY(!desk.routine().isOn());
    }

    void whatWasSlowToWarmUpStandsWhereItStood() {
        const Planned desk;
        desk.studio->stand().choose("paradiddle-accents");
        desk.studio->stand().setTempo(100);
        desk.routine().refresh();
        const auto plan = desk.routine().plan();
        QVERIFY(std::holds_alternative<Easy>(plan.front().why));
        desk.studio->stand().choose(plan.front().exerciseId);
        desk.studio->stand().setTempo(100);
        desk.routine().begin();
        QVERIFY(desk.studio->stand().ladder().tempoBpm < 100);
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->handsFree().isResting(), 60000);
        desk.studio->handsFree().set(false);
        desk.routine().skip();
        desk.studio->stand().choose(plan.front().exerciseId);
        QCOMPARE(desk.studio->stand().ladder().tempoBpm, 100.0);
    }

    void whatHurtsIsNotPlannedToday() {
        const Planned desk;
        restUntilTomorrow(desk.studio->setup(), "paradiddle-accents", QDate::currentDate());
        desk.routine().refresh();
        for (const PlanBlock& block : desk.routine().plan()) QVERIFY(block.exerciseId != "paradiddle-accents");
    }

    void anotherExerciseTakesItsPlace() {
        const Planned desk;
        desk.studio->routine().plan("flam-taps", true);
        desk.routine().setMinutes(10);
        desk.routine().begin();
        QTRY_VERIFY_WITH_TIMEOUT(desk.studio->handsFree().isResting(), 60000);
        const std::string before = desk.onStand();
        desk.routine().swap(desk.routine().current());
        QVERIFY(desk.onStand() != before);
        desk.routine().swap(99);
        desk.routine().stop();
        QVERIFY(!desk.routine().isOn() && !desk.studio->handsFree().isOn());
    }
};

QTEST_MAIN(TestToday)
#include "tst_today.moc"
