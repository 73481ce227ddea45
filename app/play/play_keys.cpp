// The keys of Play, and what they teach and stop.
#include "play/play_place.h"
#include "studio/care.h"
#include "upbeat/music/origin.h"

namespace upbeat {

void PlayPlace::addKeys() {
    addKey(Qt::Key_Escape, tr("Esc"), tr("throw the take away"), [this] { m_with.recorder.discard(); });
    addKey(Qt::Key_H, QStringLiteral("H"), tr("hands-free"), [this] {
        m_with.handsFree.set(!m_with.handsFree.isOn());
        if (m_with.handsFree.isOn() && !m_with.recorder.isRecording()) m_with.recorder.start();
    });
    addKey(Qt::Key_Z, QStringLiteral("Z"), tr("take the step back"),
           [this] { m_with.handsFree.isResting() ? m_with.handsFree.again() : m_with.nextSteps.takeBack(); });
    addKey(Qt::Key_K, QStringLiteral("K"), tr("teach your taps"), [this] { teachTaps(); });
    addKey(Qt::Key_F, QStringLiteral("F"), tr("teach a foot switch"), [this] { teachFootSwitch(); });
    addKey(Qt::Key_N, QStringLiteral("N"), tr("next block of the plan"), [this] { m_with.routine.skip(); });
    addKey(Qt::Key_X, QStringLiteral("X"), tr("something hurts"), [this] { somethingHurts(); });
    addKey(Qt::Key_BracketLeft, QStringLiteral("["), tr("slower"),
           [this] { m_with.stand.setTempo(m_with.stand.ladder().tempoBpm - 1); });
    addKey(Qt::Key_BracketRight, QStringLiteral("]"), tr("faster"),
           [this] { m_with.stand.setTempo(m_with.stand.ladder().tempoBpm + 1); });
}

void PlayPlace::enter() {
    m_with.handsFree.waitForTaps(true);
    Place::enter();
}

void PlayPlace::hideEvent(QHideEvent* /*event*/) {
    m_with.handsFree.waitForTaps(false);
}

void PlayPlace::teachTaps() {
    TapCommands& taps = m_with.handsFree.taps();
    if (taps.isLearning()) {
        taps.stop();
        return m_with.notices.say(tr("Not learned. K tries again."));
    }
    if (m_with.recorder.isRecording() || m_with.handsFree.isOn()) return;
    taps.learn();
    m_with.notices.say(
        tr("Tap three times, evenly, as you would to say: go on. Wait a second. Three groups teach it."));
}

void PlayPlace::teachFootSwitch() {
    if (m_with.recorder.isRecording() || m_with.handsFree.isOn()) return;
    m_with.footSwitch.learn();
    m_with.notices.say(tr(
        "Press the switch: the key it sends, or its note or controller on the MIDI instrument, is kept. Esc leaves it "
        "as it was."));
}

/// Everything stops; the exercise rests until tomorrow. Once more takes it back.
void PlayPlace::somethingHurts() {
    const std::string& id = wholeIdOf(m_with.stand.exercise());
    if (restsToday(m_with.setup, id, QDate::currentDate())) {
        restNoLonger(m_with.setup, id);
        return m_with.notices.say(tr("Taken back: this exercise can be played again."));
    }
    m_with.handsFree.set(false);
    m_with.recorder.discard();
    restUntilTomorrow(m_with.setup, id, QDate::currentDate());
    m_with.notices.complain(
        tr("Stop here for today: this exercise rests until tomorrow. Pain is no part of practice; what does not pass "
           "belongs to a doctor, and how you hold and move to a qualified teacher. (X takes it back.)"));
}

}  // namespace upbeat
