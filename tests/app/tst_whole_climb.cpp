// A whole climb in the real window, without a key after the first: up, a spot that fails, a way that stalls, another
// one, back into the whole, a break, the goal; and what the log tells of it afterwards.
#include <QSignalSpy>
#include <QTest>
#include <set>

#include "play/play_place.h"
#include "stage.h"
#include "upbeat/words/words.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

std::optional<Method> methodOf(const Exercise& exercise) {
    if (!exercise.origin) return std::nullopt;
    const auto* stage = std::get_if<StageNumber>(&exercise.origin->part);
    return stage != nullptr ? std::optional(stage->method) : std::nullopt;
}

/// Who trips over one count from 84 on until he has worked on it, and cannot do that by the spot alone.
class Student {
  public:
    [[nodiscard]] Character playing(const Exercise& exercise, double tempoBpm) {
        Character c = machine();
        const auto method = methodOf(exercise);
        if (method == Method::IsolateSpan) c.spreadMs = 45, c.missChance = 0.2;
        m_hasWorked = m_hasWorked || (method && method != Method::IsolateSpan);
        if (!method && tempoBpm > 82 && !m_hasWorked)
            c.habits = {{Beats(5, 4), std::nullopt, std::nullopt, std::nullopt, -45, 0, 1}};
        return c;
    }

  private:
    bool m_hasWorked = false;
};

/// A picture of a state, where somebody wants to look at them.
void picture(const MainWindow& window, const char* name) {
    const QString folder = qEnvironmentVariable("UPBEAT_STORY");
    if (!folder.isEmpty()) const_cast<MainWindow&>(window).grab().save(folder + QLatin1Char('/') + QLatin1String(name));
}

}  // namespace

class TestWholeClimb : public QObject {
    Q_OBJECT

    QTemporaryDir m_dir;
    Student m_student;
    std::unique_ptr<Studio> m_studio;
    std::unique_ptr<MainWindow> m_window;

    [[nodiscard]] bool was(const QSignalSpy& said, const char* part) const {
        return std::any_of(said.begin(), said.end(), [part](const QList<QVariant>& sentence) {
            return sentence.front().toString().contains(QLatin1String(part));
        });
    }

  private Q_SLOTS:
    void initTestCase() {
        QVERIFY(lookAsShipped());
        m_studio = studioIn(m_dir, [this](const Exercise& e, double bpm) { return m_student.playing(e, bpm); });
        PracticeSettings settings = m_studio->setup().settings();
        settings.barsPerTake = 24;
        settings.restS = 0.05;
        m_studio->setup().change(settings);
        m_studio->stand().choose("singles-sixteenths");
        m_studio->stand().setTempo(80);
        m_studio->stand().setCleanNeeded(2);
        m_window = std::make_unique<MainWindow>(*m_studio);
        m_window->show();
        m_window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_window.get()));
    }

    void fromTheFirstRungToTheGoalWithoutAKey() {
        // The page's ladder goes to 140; 88 is a goal for one evening.
        while (m_studio->stand().ladder().ladder.goalBpm > 88) m_studio->stand().setGoal(88);
        QSignalSpy said(&m_studio->notices(), &Notices::said);
        QSignalSpy breaks(&m_studio->handsFree(), &HandsFree::breakBegins);
        std::set<std::string> seen;
        connect(&m_studio->handsFree(), &HandsFree::ticked, m_window.get(), [&] {
            const TakePtr& take = m_studio->review().take();
            if (!take || m_window->current() != MainWindow::Play) return;
            const std::string state = breaks.count() == 1 && !seen.contains("break")
                                          ? "break"
                                          : std::string(toName(take->analysis.verdict.action));
            if (seen.insert(state).second) picture(*m_window, ("rest-" + state + ".png").c_str());
        });
        m_window->go(MainWindow::Play);
        QTest::keyClick(m_window->place(MainWindow::Play), Qt::Key_H);  // the first key, and the last
        QTRY_VERIFY_WITH_TIMEOUT(!m_studio->handsFree().isOn(), 400000);
        QVERIFY(was(said, "The goal is reached: 88"));
        QVERIFY(was(said, "now another way"));
        QVERIFY(was(said, "back to the whole") || was(said, "back into the whole"));
        QVERIFY(breaks.count() >= 1);
        QVERIFY(was(said, "Twenty minutes without a break"));
        QCOMPARE(m_studio->stand().exercise().id, std::string("singles-sixteenths"));
        QCOMPARE(m_studio->stand().ladder().tempoBpm, 88.0);
        for (const char* state : {"up", "again", "isolate", "back"}) QVERIFY2(seen.contains(state), state);
    }

    void theLogTellsItAsAStory() {
        auto takes = m_studio->log().takes();
        std::reverse(takes.begin(), takes.end());
        QVERIFY(takes.size() >= 12);
        QCOMPARE(takes.front().tempoBpm, 80.0);
        QVERIFY(takes.back().verdict.goalReached);
        std::vector<std::string> chapters;  // one page after the other
        for (const TakeSummary& take : takes) {
            QVERIFY(!take.title.empty() && !words::headlineOf(take.verdict).said().empty());
            if (chapters.empty() || chapters.back() != take.title) chapters.push_back(take.title);
        }
        QCOMPARE(chapters.front(), std::string("Singles in sixteenths"));
        QCOMPARE(chapters.back(), chapters.front());
        QVERIFY2(chapters.size() >= 4, qPrintable(QString::number(chapters.size())));
        QVERIFY2(chapters[1].find("the spot and a bar of rest, half as fast") != std::string::npos,
                 chapters[1].c_str());
        m_window->go(MainWindow::Log);
        picture(*m_window, "log.png");
        m_window->go(MainWindow::Climb);
        picture(*m_window, "climb.png");
    }

    void cleanupTestCase() {
        m_window.reset();
        m_studio.reset();
    }
};

QTEST_MAIN(TestWholeClimb)
#include "tst_whole_climb.moc"
