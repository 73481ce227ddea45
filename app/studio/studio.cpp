#include "studio/studio.h"

#include <QPointer>
#include <algorithm>
#include <cmath>

#include "upbeat/audio/cue.h"
#include "upbeat/audio/jack_stream.h"
#include "upbeat/coach/drill.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/exercise_repository.h"
#include "upbeat/music/library.h"

namespace upbeat {

namespace {

constexpr int kTickMs = 16;

}  // namespace

Result<std::unique_ptr<Studio>> Studio::open(StudioOptions options) {
    auto logbook = Logbook::open(options.logbookFile);
    if (!logbook) return tl::unexpected(logbook.error());
    std::unique_ptr<Studio> studio(new Studio(std::move(options), std::move(*logbook)));
    studio->openDevice();
    return studio;
}

Studio::Studio(StudioOptions options, std::unique_ptr<Logbook> logbook)
    : m_options(std::move(options)),
      m_logbook(std::move(logbook)),
      m_store(m_logbook->takesFolder()),
      m_settingsStore(m_options.settingsFile, QSettings::IniFormat),
      m_settings(readSettings(m_settingsStore)),
      m_exercises(m_options.ownExercises),
      m_engine(std::make_unique<AudioEngine>()) {
    m_pool.setMaxThreadCount(1);  // one after the other: takes enter the logbook in the order they were played
    readOwnExercises();
    m_exercises.insert(m_exercises.end(), builtInExercises().begin(), builtInExercises().end());
    m_exercise = m_exercises.front();
    readLadder();
    m_ticker.setInterval(kTickMs);
    m_restTimer.setSingleShot(true);
    connect(&m_ticker, &QTimer::timeout, this, &Studio::tick);
    connect(&m_restTimer, &QTimer::timeout, this, &Studio::startTake);
    m_practiceTimer.setSingleShot(true);
    connect(&m_practiceTimer, &QTimer::timeout, this, [this] {
        m_timeIsUp = true;
        if (!isRecording()) endOfTime();
    });
    connect(this, &Studio::takeStarted, this, [this] {
        if (!m_practiceTimer.isActive() && !m_timeIsUp) restartTimer();
    });
    connect(this, &Studio::exerciseChanged, this, [this] {
        m_practiceTimer.stop();  // it runs from the first take on
        m_timeIsUp = false;
    });
}

Studio::~Studio() {
    m_pool.waitForDone();
    if (m_stream) m_stream->stop();
}

// ---- what is played

void Studio::chooseExercise(const std::string& id) {
    const auto found =
        std::find_if(m_exercises.begin(), m_exercises.end(), [&id](const Exercise& e) { return e.id == id; });
    if (found == m_exercises.end() || isRecording()) return;
    m_stages.clear();
    putOnStand(*found);
}

void Studio::putOnStand(Exercise exercise) {
    m_exercise = std::move(exercise);
    readLadder();
    Q_EMIT exerciseChanged();
}

void Studio::readLadder() {
    m_ladder = {ladderOf(m_exercise), m_exercise.tempo.start};
    const auto saved = LadderRepository(*m_logbook).find(m_exercise.id);
    if (!saved)
        Q_EMIT failed(sentenceOf(saved.error()));
    else if (*saved)
        m_ladder = **saved;
}

void Studio::saveLadder() {
    if (const auto saved = LadderRepository(*m_logbook).save(m_exercise.id, m_ladder); !saved)
        Q_EMIT failed(sentenceOf(saved.error()));
    Q_EMIT ladderChanged();
}

std::vector<RungTake> Studio::history() const {
    const auto history = LadderRepository(*m_logbook).history(m_exercise.id);
    return history ? *history : std::vector<RungTake>();
}

void Studio::setTempo(double bpm) {
    m_ladder.tempoBpm = std::clamp(bpm, kSlowestTempo, kFastestTempo);
    m_ladder.ladder.startBpm = std::min(m_ladder.ladder.startBpm, m_ladder.tempoBpm);
    m_ladder.ladder.goalBpm = std::max(m_ladder.ladder.goalBpm, m_ladder.tempoBpm);
    saveLadder();
}

void Studio::setGoal(double bpm) {
    m_ladder.ladder.goalBpm = std::clamp(bpm, std::max(m_ladder.tempoBpm, m_ladder.ladder.startBpm), kFastestTempo);
    saveLadder();
}

void Studio::changeSettings(const PracticeSettings& settings) {
    if (settings == m_settings) return;
    const bool otherInput = settings.input != m_settings.input;
    m_settings = settings;
    writeSettings(m_settingsStore, m_settings);
    if (otherInput && !isRecording()) openDevice();
    Q_EMIT settingsChanged();
}

void Studio::isolate(const Span& span) {
    if (isRecording() || isDrill()) return;
    putOnStand(drillFor(m_exercise, span));
}

void Studio::practiseBars(int from, int to) {
    if (isRecording() || isDrill()) return;
    Exercise drill = drillOfBars(m_exercise, from, to);
    if (drill.strokes.empty()) {
        Q_EMIT said(tr("There is nothing to play in these bars."));
        return;
    }
    putOnStand(std::move(drill));
}

bool Studio::isDrill() const {
    return m_exercise.id.find('~') != std::string::npos;
}

const Exercise& Studio::whole() const {
    const std::string id = m_exercise.id.substr(0, m_exercise.id.find('~'));
    const auto found =
        std::find_if(m_exercises.begin(), m_exercises.end(), [&id](const Exercise& e) { return e.id == id; });
    return found == m_exercises.end() ? m_exercise : *found;
}

void Studio::backToWhole() {
    if (isDrill()) chooseExercise(whole().id);
}

// ---- the device

std::vector<InputDevice> Studio::inputs() const {
    std::vector<InputDevice> devices{{"simulated", tr("Simulated player").toStdString()}};
    const auto jack = jackInputs();
    devices.insert(devices.end(), jack.begin(), jack.end());
    return devices;
}

bool Studio::isSimulated() const {
    return !m_settings.input.startsWith(QLatin1String("jack:")) && !isMidi();
}

bool Studio::isMidi() const {
    return m_settings.input.startsWith(QLatin1String("midi:"));
}

void Studio::openDevice() {
    readKitOfInput();
    if (m_stream) m_stream->stop();
    if (isSimulated())
        m_stream = std::make_unique<SimulatedStream>(*m_engine, characterNow(), 4711, m_options.simulatedSpeed);
    else if (isMidi())
        m_stream = std::make_unique<JackStream>(std::string(), m_settings.input.mid(5).toStdString());
    else
        m_stream = std::make_unique<JackStream>(m_settings.input.mid(5).toStdString());
    if (const auto started = m_stream->start(*m_engine); !started) {
        const QString why = sentenceOf(started.error());
        m_settings.input = QStringLiteral("simulated");
        openDevice();
        Q_EMIT failed(why);
    }
}

QString Studio::deviceName() const {
    return m_stream ? QString::fromStdString(m_stream->name()) : QString();
}

double Studio::inputPeakDb() {
    const float peak = m_engine->newPeak();
    return peak > 1e-6F ? 20.0 * std::log10(static_cast<double>(peak)) : -120.0;
}

Character Studio::characterNow() const {
    return m_options.characterOf ? m_options.characterOf(m_exercise, m_ladder.tempoBpm) : Character{};
}

}  // namespace upbeat
