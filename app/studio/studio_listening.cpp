// What is heard: parts of the open take, and the page.
#include <algorithm>

#include "studio/click_presets.h"
#include "studio/studio.h"
#include "theme/words.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/hear_file.h"

namespace upbeat {

void Studio::fetchSpan(double fromS, double toS) {
    if (!m_take || m_take->soundFile.isEmpty()) return;
    m_worker.run([file = m_take->soundFile.toStdString(), fromS, toS] { return readSpan(file, fromS, toS); },
                 [this, fromS](Result<Sound> sound) {
                     if (sound)
                         Q_EMIT spanFetched(std::make_shared<const Sound>(*std::move(sound)), std::max(0.0, fromS));
                 });
}

void Studio::listen(const Listening& wish) {
    if (!m_take || isRecording()) return;
    if (m_take->soundFile.isEmpty() && !wish.ideal) {
        say(tr("This take has no recording to hear."));
        return;
    }
    play(m_take, wish);
}

void Studio::play(const TakePtr& take, const Listening& wish) {
    if (!m_input.isAlive()) return say(tr("There is no sound device to hear it on: it has left."));
    m_worker.run([take, wish] { return soundOf(*take, wish); },
                 [this, wish](Result<Sound> sound) {
                     if (!sound) return complain(sound.error());
                     m_heard = wish;
                     m_input.engine().play(std::make_shared<Sound>(*std::move(sound)), 1.0, wish.loop);
                     m_ticker.start();
                 });
}

void Studio::hear(Listening wish) {
    if (isRecording() || m_exercise.strokes.empty()) return;
    // The second of three passes: grace notes lead into it and out of it, so that it loops without a seam.
    constexpr int kPasses = 3;
    const double pass = passDurationS(m_exercise, Bpm(m_ladder.tempoBpm));
    auto view = std::make_shared<TakeView>();
    view->stored.exercise = m_exercise;
    view->stored.frame = {m_ladder.tempoBpm, 0, kPasses * m_exercise.bars, 0, false, {}};
    view->stored.click = clickPlanOf(m_settings, m_ladder.tempoBpm, m_exercise);
    view->stored.sampleRate = m_input.sampleRate();
    wish.fromS += pass;
    wish.toS += pass;
    wish.ideal = true;
    play(view, wish);
}

void Studio::stopPlaying() {
    m_input.engine().stopPlaying();
}

double Studio::playheadS() const {
    return isPlaying() ? std::max(0.0, m_heard.fromS) + m_heard.speed * m_input.engine().playedS() : -1.0;
}

}  // namespace upbeat
