#include "studio/hands_free.h"

#include "theme/words.h"

namespace upbeat {

HandsFree::HandsFree(const With& with, double speed) : m_with(with), m_speed(speed), m_taps(with.input, with.setup) {
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
    connect(&m_with.recorder, &Recorder::waiting, &m_taps, [this] {
        if (m_with.recorder.isWaiting()) m_taps.stop();
    });
    connect(&m_taps, &TapCommands::commanded, this, &HandsFree::obey);
    connect(&m_taps, &TapCommands::learned, this, [this] {
        m_with.notices.say(
            tr("Learned. In a rest, three taps go on at once, four take the step back and play it again, "
               "five stop. Three taps in Play begin it too."));
        listenWhileIdle();
    });
    const auto stop = [this] { set(false); };
    connect(&m_with.recorder, &Recorder::brokeOff, this, stop);
    connect(&m_with.clock, &PracticeClock::over, this, stop);
}

void HandsFree::set(bool on) {
    if (m_isOn == on) return;
    m_isOn = on;
    m_sinceBreak = {};
    m_sitting.clear();
    if (!on) m_rest.stop(), m_taps.stop();
    listenWhileIdle();
    Q_EMIT changed();
}

void HandsFree::waitForTaps(bool wait) {
    m_waitsForTaps = wait;
    if (!wait && !m_isOn && !m_taps.isLearning()) m_taps.stop();
    listenWhileIdle();
}

void HandsFree::listenWhileIdle() {
    const bool isIdle = !m_isOn && m_with.recorder.isIdle() && !m_with.recorder.isWaiting();
    if (m_waitsForTaps && isIdle && m_taps.style().learned && !m_taps.isLearning() && m_with.watch.isThere())
        m_taps.listen(0);
}

void HandsFree::begin() {
    set(true);
    m_with.recorder.start();
}

void HandsFree::press() {
    if (isResting()) return goOn();
    if (m_with.recorder.isRecording() || m_with.recorder.isWaiting()) return m_with.recorder.stop();
    begin();
}

double HandsFree::restLeftS() const {
    return isResting() ? m_rest.remainingTime() * 1e-3 : 0.0;
}

void HandsFree::goOn(const TakePtr& take, const NextStepPtr& step) {
    constexpr double kToneGain = 0.6;
    const Sound said = m_with.voice.of(step->verdict);
    m_with.playback.play(said, kToneGain);
    m_with.clock.takeKept();
    if (!m_isOn) return listenWhileIdle();
    m_with.nextSteps.follow(step);
    rest(restBehind(*take));
    m_taps.listen(said.durationS());
}

std::optional<Tiring> HandsFree::tiringWith(const TakeView& take) {
    const auto& figures = take.analysis.measures.timing;
    if (!figures.spreadMs || !figures.placementMs || take.analysis.matched.strokes.empty()) return std::nullopt;
    double level = 0;
    for (const MatchedStroke& stroke : take.analysis.matched.strokes) level += stroke.levelDb;
    level /= static_cast<double>(take.analysis.matched.strokes.size());
    m_sitting.push_back({take.stored.frame.tempoBpm, figures.spreadMs->value, level, figures.placementMs->value});
    return tiringOf(m_sitting);
}

/// Counted in what was played, not by the clock: a take lasts as long as it lasts.
double HandsFree::restBehind(const TakeView& view) {
    const TakeRecord& take = view.stored;
    const double goal = take.ladder.value_or(Ladder()).goalBpm;
    const double seconds =
        restAfter(m_with.setup.settings().restS, take.durationS, take.frame.tempoBpm / std::max(1.0, goal));
    const auto tiring = tiringWith(view);
    const bool isLong = m_sinceBreak.isLongWith(take.durationS + seconds);
    if (!isLong && !tiring) return seconds;
    m_sinceBreak = {};
    m_sitting.clear();
    if (tiring)
        Q_EMIT tires(*tiring);
    else
        Q_EMIT breakBegins();
    return kBreakS / m_speed;
}

void HandsFree::rest(double seconds) {
    m_rest.start(static_cast<int>(seconds * 1000));
    m_ticker.start();
    m_taps.listen(0);
}

void HandsFree::obey(TapCommand command) {
    if (!m_isOn) return command == TapCommand::GoOn ? begin() : listenWhileIdle();
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

void HandsFree::atTheGoal(double goalBpm) {
    if (!m_isOn) return;
    m_with.notices.say(tr("The goal is reached: %1, clean. G in Climb sets a higher one.").arg(tempoInWords(goalBpm)));
    set(false);
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
