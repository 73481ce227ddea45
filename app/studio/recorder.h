#pragma once

#include <QObject>
#include <QTimer>
#include <functional>

#include "studio/playback.h"
#include "studio/played_take.h"
#include "studio/setup.h"
#include "studio/stand.h"
#include "upbeat/logbook/take_store.h"

namespace upbeat {

/// How the simulated player plays an exercise at a tempo.
using CharacterOf = std::function<Character(const Exercise&, double tempoBpm)>;

/// Plays the click and records what is played to it: a take from the key to its last sample. It also opens the input
/// that is set; in a take the input stays, and another one is opened when the take has ended.
class Recorder : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        AudioInput& input;
        TakeRun& run;
        Setup& setup;
        const Stand& stand;
        Playback& playback;
        const DataFolder& folder;
        const TakeStore& store;
        Worker& worker;
        Notices& notices;
    };
    Recorder(const With& with, CharacterOf characterOf);

    /// Opens the input that is set; where it cannot be, the simulated player, and says why.
    void openInput();

    [[nodiscard]] bool isRecording() const { return m_with.run.state() == TakeRun::State::Running; }
    /// The take has been stopped, and its last samples are on their way.
    [[nodiscard]] bool isEnding() const { return m_with.run.state() == TakeRun::State::Ending; }
    [[nodiscard]] bool isIdle() const { return m_with.run.state() == TakeRun::State::Idle; }
    /// What has landed so far; also of the last take. Null before the first.
    [[nodiscard]] const LiveTake* live() const { return m_with.run.live(); }
    [[nodiscard]] int losses() const { return m_with.run.losses(); }

    void start();
    /// Ends the take now; what was played is handed over.
    void stop();
    /// Ends the take and forgets it.
    void discard();

  Q_SIGNALS:
    void started();
    void ticked();   ///< 60 times a second while a take runs.
    void stopped();  ///< The recording has ended.
    /// The player or the device ended it, or it could not begin: no other take should follow by itself.
    void brokeOff();
    void takePlayed(const PlayedTake& played);
    void lessonPlayed(const PlayedTake& played);

  private:
    [[nodiscard]] TakePlan planNow() const;
    [[nodiscard]] TakeRecord recordNow(const TakePlan& plan) const;
    void giveUp(const Error& error);
    void tick();
    void finish();
    void handOver(FinishedTake finished);
    void throwAway(const std::string& name);

    With m_with;
    CharacterOf m_characterOf;
    InputId m_wanted;  // what was set when an input was last opened
    QTimer m_ticker;
    std::string m_name;
    TakeRecord m_playing;  // of the take that runs: what was decided before it
};

}  // namespace upbeat
