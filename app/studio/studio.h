#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <utility>
#include <vector>

#include "studio/audio_input.h"
#include "studio/next_step.h"
#include "studio/notices.h"
#include "studio/playback.h"
#include "studio/settings.h"
#include "studio/take_log.h"
#include "studio/take_run.h"
#include "studio/take_view.h"
#include "studio/worker.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/methods/methods.h"

namespace upbeat {

/// How a Studio is opened.
struct StudioOptions {
    std::filesystem::path dataFolder;
    QString settingsFile;                ///< INI file.
    std::vector<Exercise> ownExercises;  ///< Listed before the built-in ones (the demo's).
    /// How the simulated player plays an exercise at a tempo.
    std::function<Character(const Exercise&, double tempoBpm)> characterOf;
    double simulatedSpeed = 1.0;  ///< Tests run the simulated device faster than real time.
    MakeStream makeStream;        ///< In place of the real devices; for tests.
};

/// The room in which one player works: the exercise on the stand, the ladder, the device, the take that runs and the
/// take that is looked at. Places show it and tell it what the player wants; they know nothing of one another.
class Studio : public QObject {
    Q_OBJECT
  public:
    [[nodiscard]] static Result<std::unique_ptr<Studio>> open(StudioOptions options);
    ~Studio() override;

    /// Whether this program may write here; the first one that opened the folder may. Otherwise everything can be
    /// looked at and nothing is kept.
    [[nodiscard]] bool mayWrite() const { return m_folder.mayWrite(); }
    [[nodiscard]] const DataFolder& folder() const { return m_folder; }
    [[nodiscard]] Notices& notices() { return m_notices; }
    [[nodiscard]] TakeLog& log() { return m_log; }
    [[nodiscard]] Playback& playback() { return m_playback; }

    // What is played.
    [[nodiscard]] const std::vector<Exercise>& exercises() const { return m_exercises; }
    [[nodiscard]] const Exercise& exercise() const { return m_exercise; }
    void chooseExercise(const std::string& id);
    [[nodiscard]] const LadderState& ladder() const { return m_ladder; }
    [[nodiscard]] std::vector<RungTake> history() const;
    void setTempo(double bpm);
    void setGoal(double bpm);
    [[nodiscard]] const PracticeSettings& settings() const { return m_settings; }
    void changeSettings(const PracticeSettings& settings);

    // Own exercises. Their ids begin with "own-"; each is a file beside the logbook.
    [[nodiscard]] static bool isOwn(const std::string& id);
    /// Puts a new exercise on the stand, under an id of its own.
    void startExercise(Exercise exercise);
    /// The own exercise on the stand as it now is; not on the disk before keepExercise.
    void changeExercise(const Exercise& exercise);
    void keepExercise();
    void forgetExercise();
    /// Brings an exercise of any kind of file onto the stand as an own one; what was left out is said.
    void importExercise(const QString& file);
    /// Writes the exercise on the stand as the name's ending says; what it cannot hold is said.
    void exportExercise(const QString& file);

    // Taking apart. The stage on the stand is a drill: backToWhole leaves the method.
    void takeApart(Method method, std::optional<Method> inner = std::nullopt);
    /// The stages of a method for an exercise; the spot to isolate is where the take that is open has its trouble.
    /// With `inner` every part is taken apart once more.
    [[nodiscard]] std::vector<PracticeStage> stagesFor(const Exercise& exercise, Method method,
                                                       std::optional<Method> inner = std::nullopt) const;
    void goToStage(int index);
    [[nodiscard]] const std::vector<PracticeStage>& stages() const { return m_stages; }
    [[nodiscard]] int stage() const { return m_stage; }
    /// The part that was reached when this exercise was last taken apart that way; it is kept over a restart.
    [[nodiscard]] int reachedStage(Method method, std::optional<Method> inner) const;
    [[nodiscard]] Method method() const { return m_method; }
    [[nodiscard]] std::optional<Method> innerMethod() const { return m_innerMethod; }

    /// Puts a trouble spot on the stand as an exercise of its own; `backToWhole` returns.
    void isolate(const Span& span);
    /// Practises some bars of the phrase (from 1, both included) round and round.
    void practiseBars(int from, int to);
    [[nodiscard]] bool isDrill() const;
    /// The exercise of which the one on the stand is a part; itself where it is none.
    [[nodiscard]] const Exercise& whole() const;
    void backToWhole();

    // The kit at the microphone, for exercises with several instruments.
    [[nodiscard]] bool canTeach() const;
    /// Whether every instrument of the exercise was taught on this input.
    [[nodiscard]] bool isTaught() const;
    /// Puts the page on the stand from which the microphone learns the voices; the take of it is learned from and then
    /// thrown away.
    void teachKit();

    // The device.
    [[nodiscard]] std::vector<InputDevice> inputs() const;
    [[nodiscard]] QString deviceName() const;
    [[nodiscard]] bool isSimulated() const { return m_input.isSimulated(); }
    [[nodiscard]] bool isMidi() const { return m_input.isMidi(); }
    /// Loudest input since the last call, dBFS.
    [[nodiscard]] double inputPeakDb();

    // The take that runs.
    [[nodiscard]] bool isRecording() const { return m_run.state() == TakeRun::State::Running; }
    /// The take has been stopped, and its last samples are on their way.
    [[nodiscard]] bool isEnding() const { return m_run.state() == TakeRun::State::Ending; }
    [[nodiscard]] bool isResting() const { return m_restTimer.isActive(); }
    [[nodiscard]] double restLeftS() const;
    [[nodiscard]] const LiveTake* live() const { return m_run.live(); }
    [[nodiscard]] int losses() const { return m_run.losses(); }
    void startTake();
    /// Ends the take now and measures what was played; takeStopped follows.
    void stopTake();
    /// Ends the take and forgets it; takeStopped follows.
    void discardTake();
    /// Lets events run until every take that was played is measured and in the logbook, and everything else that was
    /// begun is done: before the program ends.
    void settle();
    [[nodiscard]] bool isHandsFree() const { return m_handsFree; }
    void setHandsFree(bool on);

    // The take that is looked at.
    [[nodiscard]] const TakePtr& take() const { return m_take; }
    void openTake(qint64 id);
    /// Measures a recording from outside against the exercise on the stand.
    void openRecording(const QString& file, double tempoBpm, double firstBeatS);
    /// What the verdict on the open take asks for, while it can be followed: it has not been, it is the newest word on
    /// its exercise, and that exercise is on the stand. Null otherwise.
    [[nodiscard]] const NextStep* nextStep() const;
    void acceptNextStep();
    /// Plays the exercise on the stand; fromS and toS are seconds of the page at the tempo of the ladder.
    void hear(const Listening& wish);

    /// Recordings that an earlier run of the program left behind; found when it started.
    [[nodiscard]] const std::vector<std::string>& interrupted() const { return m_interrupted; }
    void recoverInterrupted();
    void discardInterrupted();
    /// Takes have come into the log from elsewhere: what is shown of it is read again.
    void readLogAgain();
    /// After a damaged logbook was set aside: takes and ladders come back from the recordings.
    void rebuildLog(const QString& damaged);

  Q_SIGNALS:
    void exerciseChanged();
    void exercisesChanged();  ///< The list of them.
    void ladderChanged();
    void settingsChanged();
    void takeStarted();
    void ticked();       ///< 60 times a second while a take runs or the next one is waited for.
    void takeStopped();  ///< The recording has ended; measuring begins.
    void takeOpened();   ///< take() is a new one.
    void nextStepChanged();
    void kitLearned();

  private:
    Studio(StudioOptions options, DataFolder folder, std::unique_ptr<Logbook> logbook);
    void complain(const Error& error) { m_notices.complain(error); }
    void say(const QString& sentence) { m_notices.say(sentence); }
    /// Says that nothing can be kept here, where that is so.
    bool refusesToWrite();
    void openDevice();
    void readOwnExercises();
    [[nodiscard]] std::string freeId() const;
    void restartTimer();
    void endOfTime();
    void afterStage(const Verdict& verdict);
    void putOnStand(Exercise exercise);
    void readLadder();
    void saveLadder();
    void tick();
    void finishRecording();
    void readKitOfInput();
    void learnFrom(const TakeRecord& lesson, const std::string& name);
    void measureAndKeep(FinishedTake finished);
    void showTake(TakePtr take, NextStepPtr step);
    void keepTake(const TakePtr& take, const NextStepPtr& step);
    void afterVerdict(const NextStepPtr& step);
    void follow(const NextStepPtr& step);
    void discardRecording(const std::string& name);
    void rescued(const std::string& name, const Result<Rescued>& outcome);
    [[nodiscard]] Character characterNow() const;
    [[nodiscard]] TakePlan planNow() const;
    [[nodiscard]] TakeRecord recordNow(const TakePlan& plan) const;
    [[nodiscard]] CoachPlan coachPlan() const;
    [[nodiscard]] Profile profile() const;

    StudioOptions m_options;
    Notices m_notices;
    DataFolder m_folder;
    std::unique_ptr<Logbook> m_logbook;
    TakeArchive m_archive;
    std::vector<std::string> m_interrupted;
    QSettings m_settingsStore;
    PracticeSettings m_settings;
    std::vector<Exercise> m_exercises;
    Exercise m_exercise;
    std::optional<Exercise> m_written;  ///< An own one, changed and not yet on the disk.
    LadderState m_ladder;
    std::vector<PracticeStage> m_stages;  // empty: nothing is taken apart
    int m_stage = 0;
    Method m_method = Method::SlowWhole;
    std::optional<Method> m_innerMethod;
    LadderState m_wholeLadder;
    TaughtKit m_kit;

    AudioInput m_input;
    TakeRun m_run;
    TakeLog m_log;
    Playback m_playback;
    std::string m_takeName;
    TakeRecord m_playing;  // of the take that runs: what was decided before it

    TakePtr m_take;
    NextStepPtr m_nextStep;
    bool m_handsFree = false;
    QTimer m_ticker;
    QTimer m_restTimer;
    QTimer m_practiceTimer;
    bool m_timeIsUp = false;  // a take still runs
    Worker m_worker;          // last: its work may use what stands above
};

}  // namespace upbeat
