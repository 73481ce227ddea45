#include "studio/hands_free.h"

#include "studio/verdict_tone.h"

namespace upbeat {

HandsFree::HandsFree(const With& with) : m_with(with), m_taps(with.input, with.setup) {
    constexpr int kTickMs = 16;
    m_rest.setSingleShot(true);
    m_ticker.setInterval(kTickMs);
    connect(&m_rest, &QTimer::timeout, this, &HandsFree::next);
    connect(&m_with.watch, &InputWatch::back, this, [this] {
        if (m_isOn) rest(m_with.setup.settings().restS);
    });
    connect(&m_ticker, &QTimer::timeout, this, [this] {
        if (!isResting()) m_ticker.stop();
        Q_EMIT ticked();
    });
    connect(&m_with.recorder, &Recorder::started, &m_rest, &QTimer::stop);
    connect(&m_with.recorder, &Recorder::started, &m_taps, &TapCommands::stop);
    connect(&m_taps, &TapCommands::commanded, this, &HandsFree::obey);
    connect(&m_taps, &TapCommands::learned, this, [this] {
        m_with.notices.say(
            tr("Learned. In a rest, three taps go on at once, four take the step back and play it again, "
               "five stop."));
    });
    const auto stop = [this] { set(false); };
    connect(&m_with.recorder, &Recorder::brokeOff, this, stop);
    connect(&m_with.clock, &PracticeClock::over, this, stop);
}

void HandsFree::set(bool on) {
    if (m_isOn == on) return;
    m_isOn = on;
    m_sinceBreak = {};
    if (!on) m_rest.stop(), m_taps.stop();
    Q_EMIT changed();
}

double HandsFree::restLeftS() const {
    return isResting() ? m_rest.remainingTime() * 1e-3 : 0.0;
}

void HandsFree::goOn(const TakePtr& take, const NextStepPtr& step) {
    constexpr double kToneGain = 0.6;
    m_with.playback.play(verdictTone(step->verdict.action, m_with.input.sampleRate()), kToneGain);
    m_with.clock.takeKept();
    if (!m_isOn) return;
    m_with.nextSteps.follow(step);
    rest(restBehind(take->stored));
}

/// Counted in what was played, not by the clock: a take lasts as long as it lasts.
double HandsFree::restBehind(const TakeRecord& take) {
    const double goal = take.ladder.value_or(Ladder()).goalBpm;
    const double seconds =
        restAfter(m_with.setup.settings().restS, take.durationS, take.frame.tempoBpm / std::max(1.0, goal));
    if (!m_sinceBreak.isLongWith(take.durationS + seconds)) return seconds;
    Q_EMIT breakBegins();
    return kBreakS;
}

void HandsFree::rest(double seconds) {
    m_rest.start(static_cast<int>(seconds * 1000));
    m_ticker.start();
    m_taps.listen();
}

void HandsFree::obey(TapCommand command) {
    switch (command) {
        case TapCommand::GoOn:
            return goOn();
        case TapCommand::Again:
            return again();
        case TapCommand::Stop:
            m_with.notices.say(tr("Stopped by your taps."));
            return set(false);
    }
}

void HandsFree::goOn() {
    if (!isResting()) return;
    m_rest.stop();
    next();
}

void HandsFree::again() {
    if (!isResting()) return;
    m_with.nextSteps.takeBack();
    goOn();
}

/// Without its input it waits until that is back.
void HandsFree::next() {
    m_taps.stop();
    if (m_with.watch.isThere())
        m_with.recorder.start();
    else
        m_with.watch.waitForIt();
}

}  // namespace upbeat
