// What there is to say of a take as it comes in.
#include "studio/recorder.h"

namespace upbeat {

/// The machine slept, the server was started again, another program has changed the rate or the period.
void Recorder::tellOfLostTime() {
    if (!m_with.watch.isThere())
        return m_with.notices.complain(
            tr("The input was unplugged in the middle of the take: what came after it is not measured. When it is "
               "plugged in again, it goes on."));
    m_with.notices.complain(
        tr("The sound device lost its time in the middle of the take: what came after it is not measured. It happens "
           "when the machine sleeps, or another program changes how the device runs."));
}

/// Silence is not playing: an unplugged or muted microphone has missed no strokes.
void Recorder::dropSilence() {
    throwAway(m_name);
    Q_EMIT brokeOff();
    m_with.notices.complain(m_with.input.isMidi()
                                ? tr("No note came from %1: nothing was kept. Is it switched on, and its cable in?")
                                      .arg(m_with.input.name())
                                : tr("Nothing was heard from %1: nothing was kept. Is the microphone plugged in, "
                                     "switched on and turned up?")
                                      .arg(m_with.input.name()));
}

void Recorder::tell(AnchorNews news) {
    switch (news) {
        case AnchorNews::Nothing:
        case AnchorNews::Confirmed:
            return;
        case AnchorNews::Moved:
            return m_with.notices.say(
                tr("The round trip is another one than was measured: this take goes by the click "
                   "that was heard in it. Measure the round trip again in Prepare."));
        case AnchorNews::Jumped:
            return m_with.notices.complain(
                tr("The sound device slipped in the middle of the take: what came after it "
                   "is not measured. Close other sound programs if it happens again."));
    }
}

}  // namespace upbeat
