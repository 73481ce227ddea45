// The take that runs: from the count-in to the verdict.
#include <QCoreApplication>
#include <algorithm>

#include "studio/click_presets.h"
#include "studio/studio.h"
#include "studio/verdict_tone.h"
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

TakeRecord Studio::recordNow(const TakePlan& plan) const {
    TakeRecord take = recordOf(plan);
    take.sampleRate = m_input.sampleRate();
    take.startedAt = stampOf(QDateTime::currentDateTime());
    take.device = deviceName().toStdString();
    take.profile = m_settings.profile.toStdString();
    take.ladder = m_ladder.ladder;
    return take;
}

Profile Studio::profile() const {
    return m_settings.profile == QLatin1String("performance") ? performanceProfile() : practiceProfile();
}

CoachPlan Studio::coachPlan() const {
    return {profile(), m_ladder.ladder, history()};
}

void Studio::startTake() {
    if (m_run.state() != TakeRun::State::Idle || refusesToWrite()) return;
    m_restTimer.stop();
    m_playback.stop();
    if (m_exercise.strokes.empty()) {
        say(tr("The page is empty: there is nothing to play yet."));
        return;
    }
    const auto givesUp = [this](const Error& error) {
        setHandsFree(false);
        complain(error);
    };
    // Its device has left in the meantime: it may be back.
    if (!m_input.isAlive())
        if (const auto opened = m_input.open(m_settings.input); !opened) return givesUp(opened.error());
    TakePlan plan = planNow();
    m_playing = recordNow(plan);
    const auto name = m_archive.store().begin(m_playing, startOf(m_playing));
    if (!name) return givesUp(name.error());
    m_takeName = *name;
    plan.file = m_archive.store().partFile(m_takeName);
    if (isMidi()) plan.notesFile = m_archive.store().notesFile(m_takeName);
    m_input.setCharacter(characterNow());
    if (const auto started = m_run.start(plan); !started) {
        discardRecording(m_takeName);
        return givesUp(started.error());
    }
    m_ticker.start();
    Q_EMIT takeStarted();
}

void Studio::tick() {
    if (m_run.state() != TakeRun::State::Idle) {
        if (m_run.poll() == TakeRun::State::Done) finishRecording();
    } else if (!isResting()) {
        m_ticker.stop();
    }
    Q_EMIT ticked();
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
    m_run.stop(TakeRun::End::Played);
}

void Studio::discardTake() {
    if (!isRecording()) return;
    setHandsFree(false);
    m_run.stop(TakeRun::End::ThrownAway);
}

void Studio::finishRecording() {
    const TakeRun::End end = m_run.end();
    FinishedTake finished = m_run.take();
    Q_EMIT takeStopped();
    if (end == TakeRun::End::InputGone) {
        setHandsFree(false);
        m_input.close();
        m_notices.complain(
            tr("The input has left in the middle of the take. What was played up to then is kept; Space tries to "
               "open it again."));
    }
    if (end == TakeRun::End::ThrownAway) {
        discardRecording(m_takeName);
        say(tr("The take was thrown away."));
    } else {
        if (finished.writeError) complain(*finished.writeError);
        measureAndKeep(std::move(finished));
    }
    if (m_settings.input != m_input.id()) openDevice();  // it was chosen while the take ran
}

void Studio::discardRecording(const std::string& name) {
    m_worker.run(
        [name, store = m_archive.store()] {
            store.discard(name);
            return true;
        },
        [](bool) {});
}

void Studio::measureAndKeep(FinishedTake finished) {
    TakeRecord played = std::move(finished.take);
    if (isTeaching(played.exercise)) return learnFrom(played, m_takeName);
    if (played.frame.bars < 1) {
        discardRecording(m_takeName);
        say(tr("Less than a bar was played: nothing was kept."));
        return;
    }
    // What was decided before the take, not what is set now.
    played.startedAt = m_playing.startedAt;
    played.device = m_playing.device;
    played.profile = m_playing.profile;
    played.ladder = m_playing.ladder;
    played.file = m_takeName + ".flac";
    auto view = std::make_shared<TakeView>();
    view->soundFile = QString::fromStdString(m_archive.store().file(m_takeName).string());
    view->stored = std::move(played);
    m_worker.run(
        [view, archive = m_archive, file = m_folder.logbook(), kit = m_kit]() -> Result<TakePtr> {
            const auto logbook = Logbook::open(file);
            if (!logbook) return tl::unexpected(logbook.error());
            const auto coach = coachPlanOf(**logbook, view->stored);
            if (!coach) return tl::unexpected(coach.error());
            measureFresh(*view, *coach, kit);
            return TakePtr(view);
        },
        [this](const Result<TakePtr>& measured) {
            if (!measured) return complain(measured.error());  // it is offered at the next start
            const auto step =
                std::make_shared<NextStep>(NextStep{(*measured)->stored.exercise.id, (*measured)->analysis.verdict});
            // The player sees the verdict before the disk is done with the take.
            showTake(*measured, step);
            keepTake(*measured, step);
        });
}

void Studio::keepTake(const TakePtr& take, const NextStepPtr& step) {
    m_worker.run([take, archive = m_archive] { return archive.keep(take->stored, take->analysis); },
                 [this, take, step](const Result<qint64>& id) {
                     if (!id) {
                         setHandsFree(false);
                         complain(id.error());
                         return;
                     }
                     if (m_take == take) {
                         auto kept = std::make_shared<TakeView>(*take);
                         kept->id = *id;
                         m_take = kept;
                     }
                     m_log.tellChanged();
                     afterVerdict(step);
                 });
}

void Studio::settle() {
    if (m_written) keepExercise();
    const auto isUnsettled = [this] { return m_run.state() != TakeRun::State::Idle || m_worker.isBusy(); };
    while (isUnsettled()) {
        if (isRecording()) stopTake();
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    }
}

void Studio::afterVerdict(const NextStepPtr& step) {
    constexpr double kToneGain = 0.6;
    m_playback.play(verdictTone(step->verdict.action, m_input.sampleRate()), kToneGain);
    if (m_timeIsUp) endOfTime();
    if (!m_handsFree) return;
    follow(step);
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
