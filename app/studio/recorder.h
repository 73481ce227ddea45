#pragma once

#include <QObject>
#include <QTimer>
#include <functional>

#include "studio/calibrations.h"
#include "studio/input_watch.h"
#include "studio/limit_book.h"
#include "studio/pad_kits.h"
#include "studio/playback.h"
#include "studio/played_take.h"
#include "studio/setup.h"
#include "studio/speaker.h"
#include "studio/stand.h"
#include "studio/stroke_start.h"
#include "upbeat/logbook/take_store.h"
#include "upbeat/take/anchor.h"

namespace upbeat {

/// How the simulated player plays an exercise at a tempo.
using CharacterOf = std::function<Character(const Exercise&, double tempoBpm)>;

/// Plays the click and records what is played to it: a take from the key to its last sample.
class Recorder : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        AudioInput& input;
        InputWatch& watch;
        const Calibrations& calibrations;
        const PadKits& padKits;
        TakeRun& run;
        Setup& setup;
        const LimitBook& limits;
        const Stand& stand;
        Playback& playback;
        Speaker& speaker;
        const DataFolder& folder;
        const TakeStore& store;
        Worker& worker;
        Notices& notices;
    };
    /// `simulatedCounts`: takes of the simulated player are takes like any other (the demo).
    Recorder(const With& with, CharacterOf characterOf, bool simulatedCounts);

    [[nodiscard]] bool isRecording() const { return m_with.run.state() == TakeRun::State::Running; }
    /// The take has been stopped, and its last samples are on their way.
    [[nodiscard]] bool isEnding() const { return m_with.run.state() == TakeRun::State::Ending; }
    /// It begins with the first stroke.
    [[nodiscard]] bool isWaiting() const { return m_strokeStart.isWaiting(); }
    [[nodiscard]] bool isIdle() const { return m_with.run.state() == TakeRun::State::Idle; }
    /// What has landed so far; also of the last take. Null before the first.
    [[nodiscard]] const LiveTake* live() const { return m_with.run.live(); }
    [[nodiscard]] int losses() const { return m_with.run.losses(); }

    [[nodiscard]] bool simulatedCounts() const { return m_simulatedCounts; }

    /// Without a count-in it waits for the first stroke.
    void start();
    /// Ends the take now; what was played is handed over.
    void stop();
    /// Ends the take and forgets it.
    void discard();

  Q_SIGNALS:
    void started();
    void waiting();  ///< For the first stroke, or not any more.
    void ticked();   ///< 60 times a second while a take runs.
    void stopped();  ///< The recording has ended.
    /// The player ended it, or it could not begin, or nothing was heard: no other take should follow by itself.
    void brokeOff();
    void takePlayed(const PlayedTake& played);
    void lessonPlayed(const PlayedTake& played);
    /// It went on until it was stopped: to be taken apart.
    void longPlayed(const PlayedTake& played);

  private:
    [[nodiscard]] TakePlan planNow() const;
    [[nodiscard]] std::shared_ptr<const Sound> voiceOf(const TakePlan& plan);
    [[nodiscard]] TakeRecord recordNow(const TakePlan& plan) const;
    void begin(std::optional<std::int64_t> struckAt);
    bool stopWaiting();
    void giveUp(const Error& error);
    void tell(AnchorNews news);
    void dropSilence();
    void tellOfLostTime();
    void tick();
    void finish();
    void handOver(FinishedTake finished);
    void throwAway(const std::string& name);

    With m_with;
    CharacterOf m_characterOf;
    bool m_simulatedCounts;
    KnownLoop m_loop;  // of the take that runs
    StrokeStart m_strokeStart;
    QTimer m_ticker;
    std::string m_name;
    bool m_hasFirstStroke = false;
    std::optional<InputId> m_deaf;  // the input whose last take did not hear the click
    TakeRecord m_playing;           // of the take that runs: what was decided before it
};

}  // namespace upbeat
