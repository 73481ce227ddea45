// A season told by the log: 90 days, three exercises, one that climbs, one that stalls, one that rests, and three weeks
// in which nobody played.
#include "log/log_place.h"
#include "log/plot_dress.h"
#include "stage.h"
#include "takes.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr int kDays = 90;
constexpr int kPauseFrom = 40;  // days
constexpr int kPauseTo = 61;
constexpr const char* kClimbs = "paradiddle-accents";
constexpr const char* kStalls = "flam-taps";
constexpr const char* kRests = "singles-sixteenths";

bool isPause(int day) {
    return day >= kPauseFrom && day < kPauseTo;
}

/// Up to which tempo a day is clean.
double ceilingOn(const std::string& id, int day) {
    const Ladder ladder = ladderOf(*builtInExercise(id));
    const double share = static_cast<double>(day) / kDays;
    const double lost = day >= kPauseTo && day < kPauseTo + 6 ? 6 : 0;  // what three weeks take away
    if (id == kClimbs) return ladder.startBpm + 4 + share * (ladder.goalBpm - ladder.startBpm - 8) - lost;
    if (id == kStalls) return ladder.startBpm + std::min(share * 60, 20.0) + 3 - lost;
    return ladder.startBpm + 20;
}

struct Season : Desk {
    Season() {
        const auto logbook = Logbook::open(studio->folder().logbook());
        for (int day = 0; day < kDays; day += 3)
            for (const char* id : {kClimbs, kStalls, kRests})
                if (!isPause(day) && (id != kRests || day < 30)) practise(**logbook, id, day);
        studio->readLogAgain();
        window->go(MainWindow::Log);
    }
    static void practise(const Logbook& logbook, const std::string& id, int day) {
        const Exercise page = *builtInExercise(id);
        const double ceiling = ceilingOn(id, day);
        const double step = ladderOf(page).stepBpm;
        const double rung = ladderOf(page).startBpm + step * std::floor((ceiling - ladderOf(page).startBpm) / step);
        const int passes = id == kStalls ? 8 : 4;  // flams are judged by their grace notes, and these are few
        for (int k = 0; k < 3; ++k) {
            const double tempo = rung + (k == 2 ? step : 0);
            Character player = machine();
            player.spreadMs = tempo > ceiling ? 20 : 7 - 3.0 * day / kDays;
            const auto seed = static_cast<std::uint64_t>(1000 * day + 10 * k) + id.size();
            TakeRecord take;
            take.exercise = page;
            take.click = clickFor(page, Bpm(tempo));
            take.frame = {tempo, 1.0, passes * page.bars, 0, false, {}};
            take.startedAt = stampOf(QDateTime(QDate::currentDate().addDays(day + 1 - kDays), QTime(18, 0))
                                         .addSecs(600 * k + static_cast<int>(id.size())));
            take.durationS = 1.5 + passes * passDurationS(page, Bpm(tempo));
            take.hits = hitsOf(perform(page, Bpm(tempo), passes, player, seed), 1.0);
            const CoachPlan plan{Profile(), ladderOf(page), {}};
            if (!TakeRepository(logbook).add(take, analyzeTake(page, take.frame, take.hits, plan))) qFatal("not kept");
        }
    }
    [[nodiscard]] OverTimeView* view() const {
        return qobject_cast<LogPlace*>(window->place(MainWindow::Log))->overTimeView();
    }
    void over(const char* id) const {
        studio->stand().choose(id);
        qobject_cast<LogPlace*>(window->place(MainWindow::Log))->showOverTime(true);
        QTRY_VERIFY_WITH_TIMEOUT(view()->isWeighed(), 60000);
    }
    void save(const char* name) const {
        if (const QString into = qEnvironmentVariable("UPBEAT_PICTURES"); !into.isEmpty())
            QVERIFY(window->grab().save(into + QLatin1Char('/') + QLatin1String(name)));
    }
};

/// The fastest clean take between two days, as the picture has it.
double fastestClean(const QCustomPlot& plot, int fromDay, int toDay) {
    double fastest = 0;
    const QDate first = QDate::currentDate().addDays(1 - kDays);
    for (const QCPGraphData& take : *plot.graph(3)->data())
        if (take.key >= noonOf(first.addDays(fromDay)) - 43200 && take.key < noonOf(first.addDays(toDay)) - 43200)
            fastest = std::max(fastest, take.value);
    return fastest;
}

}  // namespace

class TestSeasonStory : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void initTestCase() { QVERIFY(lookAsShipped()); }

    void theLogTellsWhatClimbedWhatStalledAndWhenNobodyPlayed() {
        const Season season;
        season.over(kClimbs);
        const QCustomPlot& climbs = *season.view()->tempoPlot();
        const double step = ladderOf(*builtInExercise(kClimbs)).stepBpm;
        // The band is not drawn over weeks of which nothing is known.
        const auto band = climbs.graph(0)->data();
        QCOMPARE(std::count_if(band->begin(), band->end(), [](const QCPGraphData& at) { return std::isnan(at.value); }),
                 1);
        QVERIFY(fastestClean(climbs, 75, 90) >= fastestClean(climbs, 0, 15) + 5 * step);
        QCOMPARE(fastestClean(climbs, kPauseFrom, kPauseTo), 0.0);
        season.save("log-over-time.png");
        season.over(kStalls);
        const QCustomPlot& stalls = *season.view()->tempoPlot();
        QCOMPARE(fastestClean(stalls, 75, 90), fastestClean(stalls, 32, kPauseFrom));
        QVERIFY(fastestClean(stalls, 75, 90) > 0);
        season.save("season-stalls.png");
        season.key(Qt::Key_A);
        QCOMPARE(season.view()->tempoPlot()->graphCount(), 3);
        QCoreApplication::processEvents();
        season.save("season-all.png");
    }
};

QTEST_MAIN(TestSeasonStory)
#include "tst_season_story.moc"
