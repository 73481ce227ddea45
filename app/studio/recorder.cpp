#include "studio/recorder.h"

#include <algorithm>

#include "studio/click_presets.h"
#include "studio/write_access.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

Recorder::Recorder(const With& with, CharacterOf characterOf) : m_with(with), m_characterOf(std::move(characterOf)) {
    constexpr int kTickMs = 16;
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &Recorder::tick);
    connect(&m_with.setup, &Setup::changed, this, [this] {
        if (isIdle() && m_with.setup.settings().input != m_wanted) openInput();
    });
}

void Recorder::openInput() {
    m_wanted = m_with.setup.settings().input;
    const auto opened = m_with.input.open(m_wanted);
    if (opened) return;
    (void)m_with.input.open(SimulatedInput{});  // nothing can keep it away
    m_with.notices.complain(opened.error());
}

TakePlan Recorder::planNow() const {
    const PracticeSettings& settings = m_with.setup.settings();
    const Exercise& page = m_with.stand.exercise();
    TakePlan plan;
    plan.exercise = page;
    plan.click = clickPlanOf(settings, m_with.stand.ladder().tempoBpm, page);
    plan.clickGain = settings.clickGain;
    const int passes = std::max(1, (settings.barsPerTake + page.bars - 1) / page.bars);
    plan.bars = isLesson(page) ? page.bars : passes * page.bars;
    plan.latencyS = m_with.input.isSimulated() ? 0.0 : settings.latencyMs * 1e-3;
    return plan;
}

TakeRecord Recorder::recordNow(const TakePlan& plan) const {
    TakeRecord take = recordOf(plan);
    take.sampleRate = m_with.input.sampleRate();
    take.startedAt = stampOf(QDateTime::currentDateTime());
    take.device = m_with.input.name().toStdString();
    take.profile = m_with.setup.settings().profile;
    take.ladder = m_with.stand.ladder().ladder;
    return take;
}

void Recorder::giveUp(const Error& error) {
    Q_EMIT brokeOff();
    m_with.notices.complain(error);
}

void Recorder::start() {
    if (!isIdle() || !mayKeep(m_with.folder, m_with.notices)) return;
    m_with.playback.stop();
    const Exercise& page = m_with.stand.exercise();
    if (page.strokes.empty()) {
        m_with.notices.say(tr("The page is empty: there is nothing to play yet."));
        return;
    }
    // Its device has left in the meantime: it may be back.
    if (!m_with.input.isAlive())
        if (const auto opened = m_with.input.open(m_wanted); !opened) return giveUp(opened.error());
    TakePlan plan = planNow();
    m_playing = recordNow(plan);
    const auto name = m_with.store.begin(m_playing, startOf(m_playing));
    if (!name) return giveUp(name.error());
    m_name = *name;
    plan.file = m_with.store.partFile(m_name);
    if (m_with.input.isMidi()) plan.notesFile = m_with.store.notesFile(m_name);
    m_with.input.setCharacter(m_characterOf ? m_characterOf(page, m_with.stand.ladder().tempoBpm) : Character{});
    if (const auto started = m_with.run.start(plan); !started) {
        throwAway(m_name);
        return giveUp(started.error());
    }
    m_ticker.start();
    Q_EMIT started();
}

void Recorder::tick() {
    if (m_with.run.poll() == TakeRun::State::Done) finish();
    if (isIdle()) m_ticker.stop();
    Q_EMIT ticked();
}

void Recorder::stop() {
    if (!isRecording()) return;
    Q_EMIT brokeOff();
    m_with.run.stop(TakeRun::End::Played);
}

void Recorder::discard() {
    if (!isRecording()) return;
    Q_EMIT brokeOff();
    m_with.run.stop(TakeRun::End::ThrownAway);
}

void Recorder::finish() {
    const TakeRun::End end = m_with.run.end();
    FinishedTake finished = m_with.run.take();
    Q_EMIT stopped();
    if (end == TakeRun::End::InputGone) {
        Q_EMIT brokeOff();
        m_with.input.close();
        m_with.notices.complain(
            tr("The input has left in the middle of the take. What was played up to then is kept; Space tries to "
               "open it again."));
    }
    if (end == TakeRun::End::ThrownAway) {
        throwAway(m_name);
        m_with.notices.say(tr("The take was thrown away."));
    } else {
        handOver(std::move(finished));
    }
    if (m_with.setup.settings().input != m_wanted) openInput();  // it was chosen while the take ran
}

void Recorder::handOver(FinishedTake finished) {
    if (finished.writeError) m_with.notices.complain(*finished.writeError);
    PlayedTake played{std::move(finished.take), m_name};
    if (isLesson(played.take.exercise)) {
        Q_EMIT lessonPlayed(played);
        return;
    }
    if (played.take.frame.bars < 1) {
        throwAway(m_name);
        m_with.notices.say(tr("Less than a bar was played: nothing was kept."));
        return;
    }
    // What was decided before the take, not what is set now.
    played.take.startedAt = m_playing.startedAt;
    played.take.device = m_playing.device;
    played.take.profile = m_playing.profile;
    played.take.ladder = m_playing.ladder;
    played.take.file = m_name + ".flac";
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
