#include "studio/playback.h"

#include <algorithm>

#include "upbeat/formats/audio_file.h"

namespace upbeat {

Playback::Playback(const With& with) : m_with(with) {
    constexpr int kTickMs = 16;
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, [this] {
        if (!isPlaying()) m_ticker.stop();
        Q_EMIT ticked();
    });
}

void Playback::fetchSpan(const TakePtr& take, double fromS, double toS) {
    if (!take || take->soundFile.isEmpty()) return;
    m_with.worker.run([file = take->soundFile.toStdString(), fromS, toS] { return readSpan(file, fromS, toS); },
                      [this, fromS](Result<Sound> sound) {
                          if (sound)
                              Q_EMIT spanFetched(std::make_shared<const Sound>(*std::move(sound)),
                                                 std::max(0.0, fromS));
                      });
}

void Playback::listen(const TakePtr& take, const Listening& wish) {
    if (!take) return;
    if (take->soundFile.isEmpty() && !wish.ideal)
        m_with.notices.say(tr("This take has no recording to hear."));
    else
        start(take, wish);
}

void Playback::start(const TakePtr& take, const Listening& wish) {
    if (m_with.run.state() == TakeRun::State::Running) return;
    if (!m_with.input.isAlive()) return m_with.notices.say(tr("There is no sound device to hear it on: it has left."));
    m_with.watch.tellOfSilence();
    m_with.worker.run([take, wish] { return soundOf(*take, wish); },
                      [this, wish](Result<Sound> sound) {
                          if (!sound) return m_with.notices.complain(sound.error());
                          m_heard = wish;
                          m_with.input.engine().play(std::make_shared<Sound>(*std::move(sound)), 1.0, wish.loop);
                          m_ticker.start();
                      });
}

void Playback::hear(const Exercise& page, const ClickPlan& click, Listening wish) {
    if (page.strokes.empty()) return;
    // The second of three passes: grace notes lead into it and out of it, so that it loops without a seam.
    constexpr int kPasses = 3;
    const double pass = passDurationS(page, click.tempo);
    auto view = std::make_shared<TakeView>();
    view->stored.exercise = page;
    view->stored.frame = {click.tempo.value(), 0, kPasses * page.bars, 0, false, {}};
    view->stored.click = click;
    view->stored.sampleRate = m_with.input.sampleRate();
    wish.fromS += pass;
    wish.toS += pass;
    wish.ideal = true;
    start(view, wish);
}

void Playback::play(const Sound& tone, double gain) {
    if (!m_with.input.isAlive()) return;
    m_heard = {};
    m_with.input.engine().play(std::make_shared<Sound>(tone), gain);
    m_ticker.start();
}

void Playback::stop() {
    m_with.input.engine().stopPlaying();
}

bool Playback::isPlaying() const {
    return m_with.input.isAlive() && m_with.input.engine().isPlaying();
}

double Playback::playheadS() const {
    return isPlaying() ? std::max(0.0, m_heard.fromS) + m_heard.speed * m_with.input.engine().playedS() : -1.0;
}

double Playback::shownPlayheadS(const TakePtr& take) const {
    return m_with.setup.settings().still && take ? beatBefore(*take, playheadS()) : playheadS();
}

}  // namespace upbeat
