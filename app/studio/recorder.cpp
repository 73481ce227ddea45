#include "studio/recorder.h"
#include "studio/care.h"

#include <algorithm>

#include "studio/click_presets.h"
#include "studio/count_voice.h"
#include "studio/write_access.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

namespace {

/// From somewhere in the middle on nothing can be trusted.
bool lostItsTime(const TakeRecord& take) {
    constexpr double kLongS = 1;
    const auto& damaged = take.frame.damaged;
    return !damaged.empty() && damaged.back().toS >= take.durationS - 0.01 &&
           damaged.back().toS - damaged.back().fromS > kLongS;
}

}  // namespace

Recorder::Recorder(const With& with, CharacterOf characterOf, bool simulatedCounts)
    : m_with(with),
      m_characterOf(std::move(characterOf)),
      m_simulatedCounts(simulatedCounts),
      m_strokeStart(with.input) {
    constexpr int kTickMs = 16;
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &Recorder::tick);
    connect(&m_strokeStart, &StrokeStart::struck, this, [this](qint64 position) { begin(position); });
}

TakePlan Recorder::planNow() const {
    const PracticeSettings& settings = m_with.setup.settings();
    const Exercise& page = m_with.stand.exercise();
    TakePlan plan;
    plan.exercise = page;
    plan.exercise.twoLevels |= settings.twoLevels;
    plan.click = clickPlanOf(settings, m_with.stand.ladder().tempoBpm, page);
    plan.clickGain = settings.clickGain;
    plan.openEnded = settings.barsPerTake == 0 && !isLesson(page);
    int passes = std::max(1, (settings.barsPerTake + page.bars - 1) / page.bars);
    constexpr double kLongestS = 3.2 * 3600;
    if (plan.openEnded) passes = static_cast<int>(kLongestS / barStartS(page, plan.click.tempo, page.bars));
    plan.bars = isLesson(page) ? page.bars : passes * page.bars;
    if (m_with.input.hasOwnLoop()) plan.expectOwnLoop();
    if (const auto known = m_with.calibrations.known(m_with.input).latencyS) plan.latencyS = *known;
    if (m_with.input.isMidi()) plan.pads = m_with.padKits.of(m_with.input.id());
    return plan;
}

TakeRecord Recorder::recordNow(const TakePlan& plan) const {
    TakeRecord take = recordOf(plan);
    take.sampleRate = m_with.input.sampleRate();
    take.startedAt = stampOf(QDateTime::currentDateTime());
    take.device = m_with.input.name().toStdString();
    take.profile = m_with.limits.profileFor(plan.exercise);
    take.ladder = m_with.stand.ladder().ladder;
    take.simulated = m_with.input.isSimulated() && !m_simulatedCounts;
    take.frame.anchor = anchorOf(m_loop);
    return take;
}

void Recorder::giveUp(const Error& error) {
    Q_EMIT brokeOff();
    m_with.notices.complain(error);
}

void Recorder::start() {
    if (!isIdle() || isWaiting() || !mayKeep(m_with.folder, m_with.notices)) return;
    m_with.playback.stop();
    const Exercise& page = m_with.stand.exercise();
    if (page.strokes.empty()) {
        m_with.notices.say(tr("The page is empty: there is nothing to play yet."));
        return;
    }
    if (restsToday(m_with.setup, wholeIdOf(page), QDate::currentDate())) {
        m_with.notices.say(
            tr("Something hurt here today: this exercise rests until tomorrow. Play something else, gently, "
               "or nothing."));
        Q_EMIT brokeOff();
        return;
    }
    if (!m_with.watch.isReady()) {
        Q_EMIT brokeOff();
        return;
    }
    m_with.watch.tellOfSilence();
    // The simulated player waits for a click.
    if (m_with.setup.settings().countInBars == 0 && !m_with.input.isSimulated() && !isLesson(page)) {
        m_strokeStart.wait();
        Q_EMIT waiting();
        return;
    }
    begin({});
}

void Recorder::begin(std::optional<std::int64_t> struckAt) {
    m_loop = m_with.calibrations.known(m_with.input);
    TakePlan plan = planNow();
    plan.struckAt = struckAt;
    m_hasFirstStroke = struckAt.has_value();
    plan.spoken = voiceOf(plan);
    m_playing = recordNow(plan);
    const auto name = m_with.store.begin(m_playing, startOf(m_playing));
    if (!name) return giveUp(name.error());
    m_name = *name;
    plan.file = m_with.store.partFile(m_name);
    if (m_with.input.isMidi()) plan.notesFile = m_with.store.notesFile(m_name);
    m_with.input.setCharacter(m_characterOf ? m_characterOf(plan.exercise, m_with.stand.ladder().tempoBpm)
                                            : Character{});
    if (const auto started = m_with.run.start(plan); !started) {
        throwAway(m_name);
        return giveUp(started.error());
    }
    m_ticker.start();
    Q_EMIT started();
}

/// Within the take only where the microphone does not hear what is played: a voice is no stroke, and must not look like
/// one.
std::shared_ptr<const Sound> Recorder::voiceOf(const TakePlan& plan) {
    const VoiceUse use = m_with.setup.settings().voice;
    if (use < VoiceUse::CountIn || isLesson(plan.exercise)) return nullptr;
    const int rate = m_with.input.sampleRate();
    const bool throughout = use == VoiceUse::Throughout && (m_with.input.isMidi() || m_deaf == m_with.input.id());
    return countTrack(plan, rate, throughout,
                      [this, rate](const QString& word) { return m_with.speaker.sound(word, rate); });
}

void Recorder::tick() {
    if (m_with.run.poll() == TakeRun::State::Done) finish();
    if (isIdle()) m_ticker.stop();
    Q_EMIT ticked();
}

bool Recorder::stopWaiting() {
    if (!isWaiting()) return false;
    m_strokeStart.stop();
    Q_EMIT brokeOff();
    Q_EMIT waiting();
    return true;
}

void Recorder::stop() {
    if (stopWaiting() || !isRecording()) return;
    Q_EMIT brokeOff();
    m_with.run.stop(TakeRun::End::Played);
}

void Recorder::discard() {
    if (stopWaiting() || !isRecording()) return;
    Q_EMIT brokeOff();
    m_with.run.stop(TakeRun::End::ThrownAway);
}

void Recorder::finish() {
    const TakeRun::End end = m_with.run.end();
    FinishedTake finished = m_with.run.take();
    Q_EMIT stopped();
    if (end == TakeRun::End::InputGone) {
        m_with.input.close();
        m_with.notices.complain(
            tr("The input has left in the middle of the take. What was played up to then is kept; when it is back, "
               "it goes on."));
    }
    if (end == TakeRun::End::ThrownAway) {
        throwAway(m_name);
        m_with.notices.say(tr("The take was thrown away."));
    } else {
        handOver(std::move(finished));
    }
    m_with.watch.takeEnded();
}

void Recorder::handOver(FinishedTake finished) {
    if (finished.writeError) m_with.notices.complain(*finished.writeError);
    PlayedTake played{std::move(finished.take), m_name};
    if (isLesson(played.take.exercise)) {
        Q_EMIT lessonPlayed(played);
        return;
    }
    // What was decided before the take, not what is set now.
    played.take.startedAt = m_playing.startedAt;
    played.take.device = m_playing.device;
    played.take.profile = m_playing.profile;
    played.take.ladder = m_playing.ladder;
    played.take.simulated = m_playing.simulated;
    played.take.frame.anchor = m_playing.frame.anchor;
    played.take.file = m_name + ".flac";
    const bool isHeard = played.take.frame.clickBleed || !finished.clicks.empty();
    m_deaf = isHeard ? std::nullopt : std::optional(m_with.input.id());
    if (played.take.openEnded) {
        Q_EMIT longPlayed(played);
        return;
    }
    if (played.take.frame.bars < 1) {
        throwAway(m_name);
        m_with.notices.say(tr("Less than a bar was played: nothing was kept."));
        return;
    }
    if (played.take.hits.empty()) return dropSilence();
    if (lostItsTime(played.take)) tellOfLostTime();
    if (!m_playing.simulated) tell(anchorTake(played.take, checkLoop(finished.clicks, m_loop.latencyS), m_loop));
    // Its first stroke has said where the page lies.
    if (m_hasFirstStroke && played.take.frame.anchor.kind == AnchorKind::None)
        played.take.frame.latencyS = m_playing.frame.latencyS;
    Q_EMIT takePlayed(played);
}

void Recorder::throwAway(const std::string& name) {
    m_with.worker.run(
        [name, store = m_with.store] {
            store.discard(name);
            return true;
        },
        [](bool) {});
}

}  // namespace upbeat
