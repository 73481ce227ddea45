#include "studio/studio.h"

#include <QPointer>
#include <algorithm>
#include <cmath>

#include "upbeat/audio/jack_stream.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/exercise_repository.h"
#include "upbeat/methods/drill.h"
#include "upbeat/music/library.h"

namespace upbeat {

namespace {

constexpr int kTickMs = 16;

}  // namespace

Result<std::unique_ptr<Studio>> Studio::open(StudioOptions options) {
    auto folder = DataFolder::open(options.dataFolder);
    if (!folder) return tl::unexpected(folder.error());
    auto logbook =
        Logbook::open(folder->logbook(), folder->mayWrite() ? LogbookAccess::Writing : LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    // A first look: what is damaged is said now and not in the middle of practice.
    if (const auto takes = TakeRepository(**logbook).total(); !takes) return tl::unexpected(takes.error());
    std::unique_ptr<Studio> studio(new Studio(std::move(options), *std::move(folder), std::move(*logbook)));
    studio->openDevice();
    if (auto left = studio->m_archive.unfinished())
        studio->m_interrupted = *std::move(left);
    else
        studio->complain(left.error());
    return studio;
}

Studio::Studio(StudioOptions options, DataFolder folder, std::unique_ptr<Logbook> logbook)
    : m_options(std::move(options)),
      m_folder(std::move(folder)),
      m_logbook(std::move(logbook)),
      m_archive(m_folder),
      m_settingsStore(m_options.settingsFile, QSettings::IniFormat),
      m_settings(readSettings(m_settingsStore)),
      m_exercises(m_options.ownExercises),
      m_input(m_options.makeStream ? m_options.makeStream : realStreams(m_options.simulatedSpeed)),
      m_run(m_input),
      m_log(*m_logbook, m_folder.mayWrite(), m_notices),
      m_playback({m_input, m_run, m_worker, m_notices}) {
    if (m_folder.access() == DataFolder::Access::TakenByAnother)
        m_notices.complain(
            tr("Another Upbeat Check has this folder open. Everything can be looked at here; to record, close the "
               "other one and start again."));
    if (m_folder.access() == DataFolder::Access::ReadOnly)
        m_notices.complain(tr("The folder %1 cannot be written. Everything can be looked at here, but nothing is kept.")
                               .arg(QString::fromStdString(m_folder.root().string())));
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
        Q_EMIT nextStepChanged();
    });
}

Studio::~Studio() {
    m_input.close();
}

bool Studio::refusesToWrite() {
    if (mayWrite()) return false;
    say(tr("This folder is only open for reading: nothing can be kept in it."));
    return true;
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
        complain(saved.error());
    else if (*saved)
        m_ladder = **saved;
}

void Studio::saveLadder() {
    if (mayWrite())
        if (const auto saved = LadderRepository(*m_logbook).save(m_exercise.id, m_ladder); !saved)
            complain(saved.error());
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
    m_settings = settings;
    writeSettings(m_settingsStore, m_settings);
    // In a take the input stays; the other one is opened when the take has ended.
    if (m_settings.input != m_input.id() && !isRecording() && !isEnding()) openDevice();
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
        say(tr("There is nothing to play in these bars."));
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

void Studio::openDevice() {
    const QString wanted = m_settings.input;
    if (const auto opened = m_input.open(wanted); !opened) {
        m_settings.input = QStringLiteral("simulated");
        (void)m_input.open(m_settings.input);  // nothing can keep it away
        complain(opened.error());
    }
    readKitOfInput();
}

QString Studio::deviceName() const {
    return m_input.isAlive() ? m_input.name() : tr("no input: it has left");
}

double Studio::inputPeakDb() {
    const float peak = m_input.engine().newPeak();
    return peak > 1e-6F ? 20.0 * std::log10(static_cast<double>(peak)) : -120.0;
}

Character Studio::characterNow() const {
    return m_options.characterOf ? m_options.characterOf(m_exercise, m_ladder.tempoBpm) : Character{};
}

}  // namespace upbeat
