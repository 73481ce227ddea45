#pragma once

#include <QObject>
#include <QTimer>
#include <memory>

#include "studio/input_watch.h"
#include "studio/listening.h"
#include "studio/notices.h"
#include "studio/setup.h"
#include "studio/take_run.h"
#include "studio/worker.h"

namespace upbeat {

/// What is heard between takes: parts of a take, the page, the tone of a verdict. One sound at a time, a new one in
/// place of the last; none while a take runs.
class Playback : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        AudioInput& input;
        InputWatch& watch;
        const TakeRun& run;
        Worker& worker;
        Notices& notices;
        const Setup& setup;
    };
    explicit Playback(const With& with);

    /// Part of a take. The ideal version is there even where nothing was recorded.
    void listen(const TakePtr& take, const Listening& wish);
    /// A page as it is written; `fromS` and `toS` of the wish are seconds of it at the tempo of the click.
    void hear(const Exercise& page, const ClickPlan& click, Listening wish);
    void play(const Sound& tone, double gain);
    void stop();

    [[nodiscard]] bool isPlaying() const;
    /// Seconds of the recording that are being heard now, negative when nothing plays.
    [[nodiscard]] double playheadS() const;
    /// The same for the eye: where nothing may glide, the beat of the take before it.
    [[nodiscard]] double shownPlayheadS(const TakePtr& take) const;

    /// Reads part of a take's recording; spanFetched brings it.
    void fetchSpan(const TakePtr& take, double fromS, double toS);

  Q_SIGNALS:
    void ticked();  ///< 60 times a second while something plays, and once when it has ended.
    void spanFetched(std::shared_ptr<const Sound> sound, double fromS);

  private:
    void start(const TakePtr& take, const Listening& wish);

    With m_with;
    Listening m_heard;  ///< What plays, or played last.
    QTimer m_ticker;
};

}  // namespace upbeat
