// The take that runs: from the count-in to the verdict.
#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "studio/background.h"
#include "studio/click_presets.h"
#include "studio/studio.h"
#include "upbeat/audio/cue.h"
#include "upbeat/take/teach.h"

namespace upbeat {

TakePlan Studio::planNow() const {
    TakePlan plan;
    plan.exercise = m_exercise;
    plan.click = clickPlanOf(m_settings, m_ladder.tempoBpm, m_exercise);
    plan.clickGain = m_settings.clickGain;
    const int passes = std::max(1, (m_settings.barsPerTake + m_exercise.bars - 1) / m_exercise.bars);
    plan.bars = isTeaching(m_exercise) ? m_exercise.bars : passes * m_exercise.bars;
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
    if (m_exercise.strokes.empty()) {
        Q_EMIT said(tr("The page is empty: there is nothing to play yet."));
        return;
    }
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
    const double played =
        barsBefore(plan.exercise, plan.click.tempo, finished.durationS - plan.firstBeatS() - plan.latencyS);
    const int bars = std::min(plan.bars, static_cast<int>(std::floor(played + 0.02)));
    if (bars < 1) {
        m_store.discard(m_takeName);
        Q_EMIT said(tr("Less than a bar was played: nothing was kept."));
        return;
    }
    StoredTake stored;
    stored.exercise = plan.exercise;
    stored.startedAt = m_takeStarted;
    stored.frame = {plan.click.tempo.value(), plan.firstBeatS(), bars, plan.latencyS,
                    finished.clickHeard,      finished.damaged};
    stored.hits = std::move(finished.hits);
    stored.trace = std::move(finished.trace);
    stored.durationS = finished.durationS;
    stored.sampleRate = finished.sampleRate;
    stored.device = device.toStdString();
    stored.profile = m_settings.profile.toStdString();
    stored.file = m_takeName + ".flac";
    ++m_unkept;
    auto view = std::make_shared<TakeView>();
    view->soundFile = QString::fromStdString(m_store.file(m_takeName).string());
    view->stored = std::move(stored);
    if (isTeaching(plan.exercise)) {
        learnFrom(view, m_takeName);
        return;
    }
    runInBackground(
        m_pool, this,
        [view, coach = coachPlan(), kit = m_kit] {
            measureFresh(*view, coach, kit);
            return view;
        },
        [this, plan, name = m_takeName](const std::shared_ptr<TakeView>& measured) {
            // The player sees the verdict before the disk is done with the take.
            showTake(measured);
            keepTake(measured, plan, name);
        });
}

void Studio::keepTake(const TakePtr& take, const TakePlan& plan, const std::string& name) {
    runInBackground(
        m_pool, this,
        [take, plan, name, store = m_store, file = m_logbook->file()]() -> Result<qint64> {
            const StoredTake& s = take->stored;
            const TakeSidecar sidecar{s.exercise,
                                      plan.click,
                                      s.frame.bars,
                                      s.frame.firstBeatS,
                                      s.frame.latencyS,
                                      s.device,
                                      s.startedAt.toString(Qt::ISODate).toStdString(),
                                      s.sampleRate,
                                      s.frame.damaged,
                                      s.hits};
            if (const auto kept = store.finish(name, sidecar); !kept) return tl::unexpected(kept.error());
            const auto logbook = Logbook::open(file);
            if (!logbook) return tl::unexpected(logbook.error());
            return TakeRepository(**logbook).add(s, take->analysis);
        },
        [this, take](const Result<qint64>& id) {
            --m_unkept;
            if (!id) {
                setHandsFree(false);
                Q_EMIT failed(sentenceOf(id.error()));
                return;
            }
            if (m_take == take) {
                auto kept = std::make_shared<TakeView>(*take);
                kept->id = *id;
                m_take = kept;
            }
            Q_EMIT logChanged();
            afterVerdict(take->analysis.verdict);
        });
}

void Studio::settle() {
    if (m_written) keepExercise();
    while (m_unkept > 0) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
}

void Studio::afterVerdict(const Verdict& verdict) {
    const auto tone = std::make_shared<Sound>(verdictTone(verdict.action, m_stream->sampleRate()));
    m_heard = {};
    m_engine->play(tone, 0.6);
    if (m_timeIsUp) endOfTime();
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

}  // namespace upbeat
