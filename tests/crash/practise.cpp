#include <QCoreApplication>
#include <QDate>
#include <cstdio>
#include <random>

#include "crash.h"
#include "demo/demo_builder.h"
#include "studio/studio.h"

namespace upbeat::crash {

namespace {

constexpr double kSpeed = 40;

void tell(const char* event) {
    (void)std::printf("%s\n", event);
    (void)std::fflush(stdout);
}

/// Plays take after take, and ends some of them in one of the ways in which takes end.
class Drummer {
  public:
    Drummer(Studio& studio, unsigned seed) : m_studio(studio), m_dice(seed) {
        QObject::connect(&studio.recorder(), &Recorder::ticked, [this] { maybeEnd(); });
        QObject::connect(&studio.recorder(), &Recorder::stopped, [] { tell("ended"); });
        QObject::connect(&studio.review(), &Review::opened, [] { tell("measured"); });
        QObject::connect(&studio.log(), &TakeLog::changed, [] { tell("kept"); });
    }

    void playOn() {
        while (true) {
            if (!m_studio.recorder().isRecording() && !m_studio.recorder().isEnding()) {
                m_endAtBeat = std::uniform_real_distribution(-4.0, 16.0)(m_dice);
                m_throwAway = m_dice() % 8 == 0;
                m_studio.recorder().start();
                tell("begun");
            }
            QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
        }
    }

  private:
    void maybeEnd() {
        if (!m_studio.recorder().isRecording() || m_studio.recorder().live()->beatsNow() < m_endAtBeat) return;
        m_throwAway ? m_studio.recorder().discard() : m_studio.recorder().stop();
    }

    Studio& m_studio;
    std::mt19937 m_dice;
    double m_endAtBeat = 0;
    bool m_throwAway = false;
};

}  // namespace

int practise(const QString& folder, unsigned seed) {
    StudioOptions options;
    options.dataFolder = folder.toStdString();
    options.settingsFile = folder + QStringLiteral("/settings.ini");
    options.simulatedSpeed = kSpeed;
    options.simulatedCounts = true;
    auto studio = Studio::open(options);
    if (!studio) {
        (void)std::fprintf(stderr, "%s\n", studio.error().sentence().c_str());
        return 1;
    }
    tell("open");
    if (!(*studio)->keeper().interrupted().empty()) {
        tell("saving");
        (*studio)->keeper().recoverInterrupted();
        (*studio)->settle();
        tell("saved");
    }
    (*studio)->stand().choose("singles-sixteenths");
    (*studio)->stand().setTempo(120);
    PracticeSettings settings = (*studio)->setup().settings();
    settings.barsPerTake = 2;
    (*studio)->setup().change(settings);
    Drummer(**studio, seed).playOn();
    return 0;
}

int makeDemo(const QString& folder, std::size_t mostDays) {
    auto scenario = readScenario(UPBEAT_SOURCE_DIR "/demodata/scenario.json");
    auto data = DataFolder::open(folder.toStdString());
    if (!scenario || !data) return 1;
    scenario->bars = 2;
    if (scenario->daysAgo.size() > mostDays) scenario->daysAgo.resize(mostDays);
    const DemoSite site{*data, unfinishedDemo(*data).value_or(QDate(2026, 6, 20))};
    tidyDemo(*scenario, site);
    tell("open");
    const std::atomic<bool> stop{false};
    const auto built = buildDemo(
        *scenario, site, [](const DemoProgress&) { tell("kept"); }, stop);
    tell("whole");
    return built ? 0 : 1;
}

}  // namespace upbeat::crash
