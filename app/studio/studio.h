#pragma once

#include <memory>

#include "studio/backups.h"
#include "studio/foot_switch.h"
#include "studio/hands_free.h"
#include "studio/input_list.h"
#include "studio/letters.h"
#include "studio/log_care.h"
#include "studio/manuscript.h"
#include "studio/outside_recording.h"
#include "studio/practice_sets.h"
#include "studio/routine.h"
#include "studio/sound_check.h"
#include "studio/take_keeper.h"

namespace upbeat {

/// How a Studio is opened.
struct StudioOptions {
    std::filesystem::path dataFolder;
    QString settingsFile;          ///< INI file.
    std::vector<Exercise> guests;  ///< Listed before the built-in exercises (the demo's).
    CharacterOf characterOf;
    double simulatedSpeed = 1.0;  ///< Tests run the simulated device faster than real time.
    MakeStream makeStream;        ///< In place of the real devices; for tests.
    FindInputs findInputs;        ///< The same for the list of them.
    /// Takes of the simulated player are takes like any other: in the demo, and in tests. Elsewhere they say nothing
    /// about anybody and move no ladder.
    bool simulatedCounts = false;
};

/// The room in which one player works: it puts the owners of one thing each together. Places show them and tell them
/// what the player wants; they know nothing of one another.
class Studio {
  public:
    [[nodiscard]] static Result<std::unique_ptr<Studio>> open(StudioOptions options);
    ~Studio();
    Studio(const Studio&) = delete;
    Studio& operator=(const Studio&) = delete;

    /// Whether it is the demo, where the simulated player is the one who practises.
    [[nodiscard]] bool simulatedCounts() const { return m_recorder.simulatedCounts(); }
    [[nodiscard]] const DataFolder& folder() const { return m_folder; }
    [[nodiscard]] Notices& notices() { return m_notices; }
    [[nodiscard]] Setup& setup() { return m_setup; }
    [[nodiscard]] LimitBook& limits() { return m_limits; }
    [[nodiscard]] Shelf& shelf() { return m_shelf; }
    [[nodiscard]] Stand& stand() { return m_stand; }
    [[nodiscard]] Manuscript& manuscript() { return m_manuscript; }
    [[nodiscard]] TakingApart& takingApart() { return m_takingApart; }
    [[nodiscard]] Lessons& lessons() { return m_lessons; }
    [[nodiscard]] AudioInput& input() { return m_input; }
    [[nodiscard]] InputList& inputs() { return m_inputs; }
    [[nodiscard]] SoundCheck& soundCheck() { return m_soundCheck; }
    [[nodiscard]] InputWatch& watch() { return m_watch; }
    [[nodiscard]] Calibrations& calibrations() { return m_calibrations; }
    [[nodiscard]] PadKits& padKits() { return m_padKits; }
    [[nodiscard]] Recorder& recorder() { return m_recorder; }
    [[nodiscard]] Playback& playback() { return m_playback; }
    [[nodiscard]] HandsFree& handsFree() { return m_handsFree; }
    [[nodiscard]] Routine& routine() { return m_routine; }
    [[nodiscard]] TakeKeeper& keeper() { return m_keeper; }
    [[nodiscard]] Review& review() { return m_review; }
    [[nodiscard]] OutsideRecording& outsideRecording() { return m_outside; }
    [[nodiscard]] PracticeSets& sets() { return m_sets; }
    [[nodiscard]] FootSwitch& footSwitch() { return m_footSwitch; }
    [[nodiscard]] Speaker& speaker() { return m_speaker; }
    [[nodiscard]] NextSteps& nextSteps() { return m_nextSteps; }
    [[nodiscard]] TakeLog& log() { return m_log; }
    [[nodiscard]] LogCare& logCare() { return m_logCare; }
    [[nodiscard]] Backups& backups() { return m_backups; }
    [[nodiscard]] Letters& letters() { return m_letters; }

    /// Lets events run until every take that was played is measured and in the logbook, and everything else that was
    /// begun is done: before the program ends.
    void settle();
    /// Takes have come into the log from elsewhere: what is shown of it is read again.
    void readLogAgain();

  private:
    Studio(StudioOptions options, DataFolder folder, std::unique_ptr<Logbook> logbook);
    void connectOwners();
    void tellOfAccess();

    Notices m_notices;
    DataFolder m_folder;
    std::unique_ptr<Logbook> m_logbook;
    TakeArchive m_archive;
    Setup m_setup;
    LimitBook m_limits;
    AudioInput m_input;
    TakeRun m_run;
    Calibrations m_calibrations{m_setup};
    PadKits m_padKits{m_setup};
    InputWatch m_watch;
    InputList m_inputs;
    TakeLog m_log;
    LogCare m_logCare;
    Backups m_backups;
    Letters m_letters{{m_folder, m_worker, m_notices}};
    Playback m_playback;
    Speaker m_speaker;
    Shelf m_shelf;
    Stand m_stand;
    Manuscript m_manuscript;
    Lessons m_lessons;
    Recorder m_recorder;
    Review m_review;
    OutsideRecording m_outside;
    TakingApart m_takingApart;
    NextSteps m_nextSteps;
    PracticeClock m_clock;
    VerdictVoice m_verdictVoice;
    HandsFree m_handsFree;
    PracticeSets m_sets;
    FootSwitch m_footSwitch;
    Routine m_routine;
    SoundCheck m_soundCheck;
    TakeKeeper m_keeper;
    Worker m_worker;  // last: its work may use what stands above
};

}  // namespace upbeat
