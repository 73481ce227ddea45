// The log over time, in the window.
#include <QSignalSpy>

#include "log/log_place.h"
#include "log/plot_dress.h"
#include "stage.h"
#include "takes.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Two weeks of an exercise: clean up to a tempo, uneven above it, the second week more even than the first.
struct TwoWeeks : Desk {
    TwoWeeks() {
        for (int ago = 13; ago >= 0; --ago)
            for (const double tempo : {80.0, 84.0, 112.0, 116.0}) keep(ago, tempo);
        studio->readLogAgain();
        window->go(MainWindow::Log);
        log()->showOverTime(true);
    }
    void keep(int ago, double tempo) const {
        Character player = machine();
        player.spreadMs = (tempo > 100 ? 22 : 6) - (ago < 7 ? 3 : 0);
        const Exercise page = *builtInExercise("paradiddle-accents");
        const auto seed = static_cast<std::uint64_t>(1000 * ago) + static_cast<std::uint64_t>(tempo);
        const Performance played = perform(page, Bpm(tempo), 8, player, seed);
        TakeRecord take;
        take.exercise = page;
        take.click = clickFor(page, Bpm(tempo));
        take.frame = {tempo, 1.0, 8 * page.bars, 0, false, {}};
        take.startedAt =
            stampOf(QDateTime(QDate::currentDate().addDays(-ago), QTime(9, 0)).addSecs(static_cast<int>(tempo) * 60));
        take.durationS = 1.5 + 8 * passDurationS(page, Bpm(tempo));
        take.hits = hitsOf(played, 1.0);
        const auto logbook = Logbook::open(studio->folder().logbook());
        const CoachPlan plan{Profile(), ladderOf(page), {}};
        if (!TakeRepository(**logbook).add(take, analyzeTake(page, take.frame, take.hits, plan))) qFatal("not kept");
    }
    [[nodiscard]] LogPlace* log() const { return qobject_cast<LogPlace*>(window->place(MainWindow::Log)); }
    [[nodiscard]] OverTimeView* view() const { return log()->overTimeView(); }
};

}  // namespace

class TestOverTimeView : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void theWeeksAreDrawnAndCompared() {
        const TwoWeeks weeks;
        QVERIFY(weeks.view()->isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(weeks.view()->isWeighed(), 60000);
        const QCustomPlot* plot = weeks.view()->tempoPlot();
        QCOMPARE(plot->graph(3)->dataCount() + plot->graph(4)->dataCount(), 56);
        QVERIFY(plot->graph(3)->dataCount() >= 20 && plot->graph(4)->dataCount() >= 20);
        // The ceiling lies between what was clean and what was not.
        QTRY_VERIFY_WITH_TIMEOUT(plot->graph(0)->dataCount() > 8, 60000);
        const auto& low = *plot->graph(0)->data()->at(plot->graph(0)->dataCount() - 1);
        const auto& high = *plot->graph(1)->data()->at(plot->graph(1)->dataCount() - 1);
        QVERIFY(low.value > 78 && high.value < 118 && low.value < high.value);
        QVERIFY(plot->yAxis->range().contains(weeks.studio->stand().ladder().ladder.goalBpm));
        const QString change = weeks.view()->changeInWords();
        QVERIFY2(change.startsWith(QStringLiteral("Spread:")) &&
                     change.contains(QStringLiteral("less than the week before")),
                 qPrintable(change));
        weeks.key(Qt::Key_M);
        QCOMPARE(weeks.view()->measure(), SeasonMeasure::Ghosts);
        QVERIFY(weeks.view()->changeInWords().startsWith(QStringLiteral("Ghosts below taps:")));
    }

    void aTakeIsChosenAndOpened() {
        const TwoWeeks weeks;
        QCOMPARE(weeks.view()->chosenTake(), qint64{0});
        weeks.key(Qt::Key_Left);
        const auto takes = weeks.studio->log().takes("paradiddle-accents");
        QCOMPARE(weeks.view()->chosenTake(), takes.front().id);
        weeks.key(Qt::Key_Left);
        QCOMPARE(weeks.view()->chosenTake(), takes[1].id);
        weeks.key(Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(weeks.studio->review().take() != nullptr, 60000);
        QCOMPARE(weeks.studio->review().take()->id, takes[1].id);
        QCOMPARE(weeks.window->current(), static_cast<int>(MainWindow::Look));
    }

    void aPointThatIsClickedOpensItsTake() {
        const TwoWeeks weeks;
        QTRY_VERIFY_WITH_TIMEOUT(weeks.view()->isWeighed(), 60000);
        QCustomPlot* plot = weeks.view()->tempoPlot();
        plot->replot();
        QSignalSpy chosen(weeks.view(), &OverTimeView::takeChosen);
        const auto& point = *plot->graph(4)->data()->at(3);
        const QPoint at(static_cast<int>(plot->xAxis->coordToPixel(point.key)),
                        static_cast<int>(plot->yAxis->coordToPixel(point.value)));
        QTest::mouseClick(plot, Qt::LeftButton, {}, at);
        QCOMPARE(chosen.count(), 1);
        const auto takes = weeks.studio->log().takes("paradiddle-accents");
        const auto one = std::find_if(takes.begin(), takes.end(),
                                      [&](const TakeSummary& take) { return take.id == chosen[0][0].toLongLong(); });
        QVERIFY(one != takes.end() && one->tempoBpm == point.value);
    }

    void allExercisesAreSharesOfTheirGoals() {
        const TwoWeeks weeks;
        weeks.key(Qt::Key_A);
        QVERIFY(weeks.view()->showsAll() && !weeks.view()->measurePlot()->isVisible());
        const QCustomPlot* plot = weeks.view()->tempoPlot();
        QCOMPARE(plot->graphCount(), 1);
        const double goal = builtInExercise("paradiddle-accents")->tempo.goal;
        const auto& last = *plot->graph(0)->data()->at(plot->graph(0)->dataCount() - 1);
        QVERIFY(last.value >= 100 * 84 / goal - 0.1 && last.value < 100 * 113 / goal);
        weeks.key(Qt::Key_Left);  // there is no take to choose here
        QCOMPARE(weeks.view()->chosenTake(), qint64{0});
        weeks.key(Qt::Key_V);
        QVERIFY(!weeks.view()->isVisible());
    }

    void anEmptyLogSaysWhatIsMissing() {
        const Desk desk;
        desk.window->go(MainWindow::Log);
        auto* log = qobject_cast<LogPlace*>(desk.window->place(MainWindow::Log));
        desk.key(Qt::Key_V);
        QVERIFY(log->overTimeView()->isVisible());
        QVERIFY(log->overTimeView()->changeInWords().contains(QStringLiteral("nothing measured yet")));
        desk.key(Qt::Key_Right);
        desk.key(Qt::Key_Return);
        QCOMPARE(desk.window->current(), static_cast<int>(MainWindow::Log));
    }
};

QTEST_MAIN(TestOverTimeView)
#include "tst_over_time_view.moc"
