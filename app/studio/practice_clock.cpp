#include "studio/practice_clock.h"

#include "theme/words.h"

namespace upbeat {

namespace {

/// The rung that follows by minutes; the tempo itself where results lead, and at the goal.
double rungByMinutes(const LadderState& state) {
    return state.ladder.byMinutes ? state.ladder.above(state.tempoBpm) : state.tempoBpm;
}

}  // namespace

PracticeClock::PracticeClock(const With& with, double speed) : m_with(with), m_speed(speed) {
    m_timer.setSingleShot(true);
    connect(&m_timer, &QTimer::timeout, this, [this] {
        m_isUp = true;
        if (!m_with.recorder.isRecording()) end();
    });
    connect(&m_with.recorder, &Recorder::started, this, &PracticeClock::start);
    connect(&m_with.stand, &Stand::exerciseChanged, this, [this] {
        m_timer.stop();
        m_isUp = false;
    });
}

void PracticeClock::start() {
    constexpr int kMsPerMinute = 60'000;
    const int minutes = m_with.setup.settings().minutes;
    if (!m_isHeld && !m_timer.isActive() && !m_isUp && minutes > 0)
        m_timer.start(static_cast<int>(minutes * kMsPerMinute / m_speed));
}

void PracticeClock::takeKept() {
    if (m_isUp) end();
}

void PracticeClock::end() {
    m_isUp = false;
    const QString minutes =
        counted(m_with.setup.settings().minutes, UPBEAT_TEXT("1 minute"), UPBEAT_TEXT_N("%n minutes"));
    TakingApart& parts = m_with.takingApart;
    if (parts.isOn() && parts.hasNext()) {
        m_with.notices.say(tr("%1 on this part: on to the next.").arg(minutes));
        parts.goTo(parts.stage() + 1);
    } else if (const double next = rungByMinutes(m_with.stand.ladder()); next > m_with.stand.ladder().tempoBpm) {
        m_with.stand.setTempo(next);
        m_with.notices.say(tr("%1 on this rung: up to %2.").arg(minutes, tempoInWords(next)));
    } else {
        m_with.notices.say(tr("%1 on this exercise: enough for now, take a break or go on to another.").arg(minutes));
        Q_EMIT over();
    }
}

}  // namespace upbeat
