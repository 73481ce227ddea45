#include "studio/take_run.h"

namespace upbeat {

Result<void> TakeRun::start(const TakePlan& plan) {
    auto run = std::make_shared<RecordingRun>(plan, m_input.sampleRate());
    auto writer = TakeWriter::start(run);
    if (!writer) return tl::unexpected(writer.error());
    m_run = std::move(run);
    m_writer = std::move(*writer);
    m_live = std::make_unique<LiveTake>(plan.exercise, plan.click.tempo.value(), plan.bars, plan.firstBeatS(),
                                        plan.latencyS);
    m_state = State::Running;
    m_end = End::Played;
    m_lastFrames = -1;
    m_polls = 0;
    m_input.engine().startRun(m_run);
    return {};
}

void TakeRun::stop(End end) {
    if (m_state != State::Running) return;
    m_end = end;
    m_state = State::Ending;
    m_polls = 0;
    m_run->stop();
}

TakeRun::State TakeRun::poll() {
    if (m_state == State::Idle || m_state == State::Done) return m_state;
    m_live->add(m_writer->newHits());
    m_live->moveTo(static_cast<double>(m_run->framesPassed()) / m_run->sampleRate());
    if (!m_writer->isDone() && !m_run->isFinished() && (!m_input.isAlive() || isStalled())) {
        if (m_end == End::Played) m_end = End::InputGone;
        m_state = State::Ending;
        m_writer->giveUp();
    }
    if (!m_writer->isDone()) return m_state;
    m_input.engine().clearRun();
    m_state = State::Done;
    return m_state;
}

/// A device that is there and yet gives nothing: some servers leave without a word.
bool TakeRun::isStalled() {
    constexpr int kPatience = 600;  // polls, ten seconds
    const std::int64_t frames = m_run->framesPassed();
    m_polls = frames == m_lastFrames ? m_polls + 1 : 0;
    m_lastFrames = frames;
    return m_polls > kPatience;
}

FinishedTake TakeRun::take() {
    FinishedTake finished = m_writer->finish();
    m_writer.reset();
    m_run.reset();
    m_state = State::Idle;
    return finished;
}

}  // namespace upbeat
