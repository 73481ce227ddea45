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

QString sentenceOf(const Error& error) {
    return QString::fromStdString(error.sentence());
}

}  // namespace

template <class Work, class Done>
void Studio::inBackground(Work work, Done done) {
    m_pool.start([this, work = std::move(work), done = std::move(done)]() mutable {
        auto result = std::make_shared<decltype(work())>(work());
        QMetaObject::invokeMethod(
            this, [done = std::move(done), result]() mutable { done(std::move(*result)); }, Qt::QueuedConnection);
    });
}

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
    m_exercises.insert(m_exercises.end(), builtInExercises().begin(), builtInExercises().end());
    m_exercise = m_exercises.front();
    readLadder();
    m_ticker.setInterval(kTickMs);
    m_restTimer.setSingleShot(true);
    connect(&m_ticker, &QTimer::timeout, this, &Studio::tick);
    connect(&m_restTimer, &QTimer::timeout, this, &Studio::startTake);
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
    m_exercise = *found;
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
    m_exercise = drillFor(m_exercise, span);
    readLadder();
    Q_EMIT exerciseChanged();
}

bool Studio::isDrill() const {
    return m_exercise.id.find('~') != std::string::npos;
}

void Studio::backToWhole() {
    if (isDrill()) chooseExercise(m_exercise.id.substr(0, m_exercise.id.find('~')));
}

// ---- the device

std::vector<InputDevice> Studio::inputs() const {
    std::vector<InputDevice> devices{{"simulated", tr("Simulated player").toStdString()}};
    const auto jack = jackInputs();
    devices.insert(devices.end(), jack.begin(), jack.end());
    return devices;
}

bool Studio::isSimulated() const {
    return !m_settings.input.startsWith(QLatin1String("jack:"));
}

void Studio::openDevice() {
    if (m_stream) m_stream->stop();
    if (isSimulated())
        m_stream = std::make_unique<SimulatedStream>(*m_engine, characterNow(), 4711, m_options.simulatedSpeed);
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

// ---- the take that runs

TakePlan Studio::planNow() const {
    TakePlan plan;
    plan.exercise = m_exercise;
    plan.click.tempo = Bpm(m_ladder.tempoBpm);
    plan.click.meter = m_exercise.meter;
    plan.click.countInBars = m_settings.countInBars;
    plan.click.subdivision = m_settings.clickSubdivision;
    plan.click.audibleAfterCountIn = m_settings.clickInTake;
    plan.clickGain = m_settings.clickGain;
    const int passes = std::max(1, (m_settings.barsPerTake + m_exercise.bars - 1) / m_exercise.bars);
    plan.bars = passes * m_exercise.bars;
    plan.latencyS = isSimulated() ? 0.0 : m_settings.latencyMs * 1e-3;
    return plan;
}

Profile Studio::profile() const {
    return m_settings.profile == QLatin1String("performance") ? performanceProfile() : practiceProfile();
}

CoachPlan Studio::coachPlan() const {
    return {profile(), m_ladder.ladder, history()};
}

void Studio::startTake() {
    if (isRecording()) return;
    m_restTimer.stop();
    stopPlaying();
    TakePlan plan = planNow();
    m_takeStarted = QDateTime::currentDateTime();
    const TakeSidecar sidecar{plan.exercise,
                              plan.click,
                              plan.bars,
                              plan.firstBeatS(),
                              plan.latencyS,
                              deviceName().toStdString(),
                              m_takeStarted.toString(Qt::ISODate).toStdString(),
                              m_stream->sampleRate(),
                              {},
                              {}};
    const auto name = m_store.begin(sidecar, m_takeStarted);
    if (!name) {
        setHandsFree(false);
        Q_EMIT failed(sentenceOf(name.error()));
        return;
    }
    m_takeName = *name;
    plan.file = m_store.partFile(m_takeName);
    auto run = std::make_shared<RecordingRun>(plan, m_stream->sampleRate());
    auto writer = TakeWriter::start(run);
    if (!writer) {
        m_store.discard(m_takeName);
        setHandsFree(false);
        Q_EMIT failed(sentenceOf(writer.error()));
        return;
    }
    m_run = run;
    m_writer = std::move(*writer);
    m_live = std::make_unique<LiveTake>(plan.exercise, plan.click.tempo.value(), plan.bars, plan.firstBeatS(),
                                        plan.latencyS);
    if (auto* simulated = dynamic_cast<SimulatedStream*>(m_stream.get())) simulated->setCharacter(characterNow());
    m_engine->startRun(run);
    m_ticker.start();
    Q_EMIT takeStarted();
}

void Studio::tick() {
    if (m_writer) {
        m_live->add(m_writer->newHits());
        m_live->moveTo(static_cast<double>(m_run->framesPassed()) / m_run->sampleRate());
        if (m_writer->isDone()) finishRecording(true);
    } else if (!isPlaying() && !isResting()) {
        m_ticker.stop();
    }
    Q_EMIT ticked();
}

int Studio::losses() const {
    return m_writer ? m_writer->lossCount() : 0;
}

double Studio::restLeftS() const {
    return isResting() ? m_restTimer.remainingTime() * 1e-3 : 0.0;
}

void Studio::stopTake() {
    if (isResting()) {
        m_restTimer.stop();
        setHandsFree(false);
        return;
    }
    if (!isRecording()) return;
    setHandsFree(false);
    finishRecording(true);
}

void Studio::discardTake() {
    if (!isRecording()) return;
    setHandsFree(false);
    finishRecording(false);
    Q_EMIT said(tr("The take was thrown away."));
}

void Studio::finishRecording(bool keep) {
    FinishedTake finished = m_writer->finish();
    m_writer.reset();
    m_engine->clearRun();
    m_run.reset();
    Q_EMIT takeStopped();
    if (!keep) {
        m_store.discard(m_takeName);
        return;
    }
    if (finished.writeError) Q_EMIT failed(sentenceOf(*finished.writeError));
    measureAndKeep(std::move(finished), deviceName());
}

void Studio::measureAndKeep(FinishedTake finished, const QString& device) {
    const TakePlan& plan = finished.plan;
    const double played = (finished.durationS - plan.firstBeatS() - plan.latencyS) / plan.click.bar().value();
    const int bars = std::min(plan.bars, static_cast<int>(std::floor(played + 0.02)));
    if (bars < 1) {
        m_store.discard(m_takeName);
        Q_EMIT said(tr("Less than a bar was played: nothing was kept."));
        return;
    }
    StoredTake stored;
    stored.exercise = plan.exercise;
    stored.startedAt = m_takeStarted;
    stored.frame = {plan.click.tempo.value(), plan.firstBeatS(), bars, plan.latencyS, false, finished.damaged};
    stored.hits = std::move(finished.hits);
    stored.durationS = finished.durationS;
    stored.sampleRate = finished.sampleRate;
    stored.device = device.toStdString();
    stored.profile = m_settings.profile.toStdString();
    stored.file = m_takeName + ".flac";
    inBackground(
        [stored = std::move(stored), plan, coach = coachPlan(), store = m_store, name = m_takeName,
         file = m_logbook->file()]() mutable -> Result<TakePtr> {
            auto view = std::make_shared<TakeView>();
            view->analysis = analyzeTake(stored.exercise, stored.frame, stored.hits, coach);
            view->soundFile = QString::fromStdString(store.file(name).string());
            const TakeSidecar sidecar{stored.exercise,
                                      plan.click,
                                      stored.frame.bars,
                                      stored.frame.firstBeatS,
                                      stored.frame.latencyS,
                                      stored.device,
                                      stored.startedAt.toString(Qt::ISODate).toStdString(),
                                      stored.sampleRate,
                                      stored.frame.damaged,
                                      stored.hits};
            if (const auto kept = store.finish(name, sidecar); !kept) return tl::unexpected(kept.error());
            const auto logbook = Logbook::open(file);
            if (!logbook) return tl::unexpected(logbook.error());
            const auto id = TakeRepository(**logbook).add(stored, view->analysis);
            if (!id) return tl::unexpected(id.error());
            view->id = *id;
            view->stored = std::move(stored);
            return TakePtr(view);
        },
        [this](Result<TakePtr> take) {
            if (!take) {
                setHandsFree(false);
                Q_EMIT failed(sentenceOf(take.error()));
                return;
            }
            showTake(*take);
            Q_EMIT logChanged();
            afterVerdict();
        });
}

void Studio::afterVerdict() {
    const auto tone = std::make_shared<Sound>(verdictTone(m_take->analysis.verdict.action, m_stream->sampleRate()));
    m_engine->play(tone, 0.6);
    if (!m_handsFree) return;
    acceptNextStep();
    m_restTimer.start(static_cast<int>(m_settings.restS * 1000));
    m_ticker.start();
}

void Studio::setHandsFree(bool on) {
    if (m_handsFree == on) return;
    m_handsFree = on;
    if (!on) m_restTimer.stop();
    Q_EMIT settingsChanged();
}

// ---- the take that is looked at

void Studio::showTake(TakePtr take) {
    m_take = std::move(take);
    Q_EMIT takeOpened();
}

void Studio::openTake(qint64 id) {
    if (isRecording()) return;
    auto stored = TakeRepository(*m_logbook).find(id);
    if (!stored) {
        Q_EMIT failed(sentenceOf(stored.error()));
        return;
    }
    if (stored->exercise.id != m_exercise.id) chooseExercise(stored->exercise.id);
    CoachPlan coach = coachPlan();
    // The verdict is the one of its day: only what came before it counts.
    const auto all = takes(stored->exercise.id);
    const auto own = std::find_if(all.begin(), all.end(), [id](const TakeSummary& t) { return t.id == id; });
    const auto later = static_cast<std::size_t>(std::distance(all.begin(), own)) + 1;
    coach.history.resize(coach.history.size() > later ? coach.history.size() - later : 0);
    coach.profile = stored->profile == "performance" ? performanceProfile() : practiceProfile();
    auto view = std::make_shared<TakeView>();
    view->id = id;
    view->analysis = analyzeTake(stored->exercise, stored->frame, stored->hits, coach);
    if (!stored->file.empty())
        view->soundFile = QString::fromStdString((m_logbook->takesFolder() / stored->file).string());
    view->stored = *std::move(stored);
    showTake(view);
}

void Studio::openRecording(const QString& file, double tempoBpm, double firstBeatS) {
    inBackground(
        [file, tempoBpm, firstBeatS, exercise = m_exercise, coach = coachPlan()]() -> Result<TakePtr> {
            const auto sound = readSound(file.toStdString());
            if (!sound) return tl::unexpected(sound.error());
            auto view = std::make_shared<TakeView>();
            view->soundFile = file;
            view->stored.exercise = exercise;
            view->stored.startedAt = QDateTime::currentDateTime();
            view->stored.hits = detectHits(sound->view(), sound->sampleRate);
            view->stored.durationS = sound->durationS();
            view->stored.sampleRate = sound->sampleRate;
            const int bars = barsPlayed(exercise, tempoBpm, firstBeatS, view->stored.hits);
            if (bars < 1)
                return fail("nothing is heard after the first beat", file.toStdString(),
                            "check the time of the first beat");
            view->stored.frame = {tempoBpm, firstBeatS, bars, 0, false, {}};
            view->analysis = analyzeTake(exercise, view->stored.frame, view->stored.hits, coach);
            return TakePtr(view);
        },
        [this](Result<TakePtr> take) {
            if (take)
                showTake(*take);
            else
                Q_EMIT failed(sentenceOf(take.error()));
        });
}

void Studio::acceptNextStep() {
    if (!m_take) return;
    const Verdict& verdict = m_take->analysis.verdict;
    if (verdict.action == Action::Isolate && verdict.span && !isDrill()) {
        isolate(*verdict.span);
        return;
    }
    if (isDrill() && verdict.action == Action::Up) {
        backToWhole();
        return;
    }
    setTempo(verdict.nextTempoBpm);
}

std::vector<TakeSummary> Studio::takes(const std::string& exerciseId) const {
    auto list = TakeRepository(*m_logbook).list(exerciseId);
    return list ? *std::move(list) : std::vector<TakeSummary>();
}

void Studio::setNote(qint64 id, const QString& note) {
    if (const auto done = TakeRepository(*m_logbook).setNote(id, note.toStdString()); !done)
        Q_EMIT failed(sentenceOf(done.error()));
    else
        Q_EMIT logChanged();
}

// ---- listening

void Studio::playSpan(double fromS, double toS) {
    if (!m_take || isRecording()) return;
    if (m_take->soundFile.isEmpty()) {
        Q_EMIT said(tr("This take has no recording to hear."));
        return;
    }
    inBackground([file = m_take->soundFile.toStdString(), fromS, toS] { return readSpan(file, fromS, toS); },
                 [this, fromS](Result<Sound> sound) {
                     if (!sound) {
                         Q_EMIT failed(sentenceOf(sound.error()));
                         return;
                     }
                     m_playFromS = std::max(0.0, fromS);
                     m_engine->play(std::make_shared<Sound>(*std::move(sound)), 1.0);
                     m_ticker.start();
                 });
}

void Studio::stopPlaying() {
    m_engine->stopPlaying();
}

double Studio::playheadS() const {
    return isPlaying() ? m_playFromS + m_engine->playedS() : -1.0;
}

// ---- interrupted takes

void Studio::recoverInterrupted() {
    for (const std::string& name : interrupted()) {
        inBackground(
            [name, store = m_store, coach = coachPlan(), file = m_logbook->file()]() -> Result<qint64> {
                const auto sidecar = store.recover(name);
                if (!sidecar) return tl::unexpected(sidecar.error());
                StoredTake stored;
                stored.exercise = sidecar->exercise;
                stored.startedAt = QDateTime::fromString(QString::fromStdString(sidecar->startedAt), Qt::ISODate);
                stored.frame = {sidecar->click.tempo.value(),
                                sidecar->firstBeatS,
                                std::max(1, sidecar->bars),
                                sidecar->latencyS,
                                false,
                                sidecar->damaged};
                stored.hits = sidecar->hits;
                stored.sampleRate = sidecar->sampleRate;
                stored.device = sidecar->device;
                stored.file = name + ".flac";
                stored.recovered = true;
                const auto analysis = analyzeTake(stored.exercise, stored.frame, stored.hits, coach);
                const auto logbook = Logbook::open(file);
                if (!logbook) return tl::unexpected(logbook.error());
                return TakeRepository(**logbook).add(stored, analysis);
            },
            [this](const Result<qint64>& id) {
                if (!id) {
                    Q_EMIT failed(sentenceOf(id.error()));
                    return;
                }
                Q_EMIT logChanged();
                openTake(*id);
                Q_EMIT said(tr("The interrupted take was saved."));
            });
    }
}

void Studio::discardInterrupted() {
    for (const std::string& name : interrupted()) m_store.discard(name);
}

}  // namespace upbeat
