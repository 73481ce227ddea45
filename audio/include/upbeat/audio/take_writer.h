#pragma once

#include <atomic>
#include <memory>
#include <mutex>
#include <optional>
#include <thread>
#include <vector>

#include "upbeat/audio/recording_run.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/note_journal.h"
#include "upbeat/signal/loop_watch.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/voices/pad_sieve.h"

namespace upbeat {

/// A take after the last sample.
struct FinishedTake {
    /// Hits are those of a MIDI instrument where one was played, otherwise of the sound, a click that leaks taken out.
    /// Bars are the whole ones that were played.
    TakeRecord take;
    bool stoppedEarly = false;
    std::vector<ClickGroup> clicks{};  ///< The click as it was heard; empty where notes were played.
    std::optional<Error> writeError;   ///< The disk refused: what was written up to then is kept.
};

/// Takes the samples of a run to disk and through the detector, on a thread of its own, while the take goes on. It is
/// done when the audio thread has handed over the last sample; `giveUp` ends it where that will not happen.
class TakeWriter {
  public:
    /// An error when the file cannot be made.
    [[nodiscard]] static Result<std::unique_ptr<TakeWriter>> start(std::shared_ptr<RecordingRun> run);
    ~TakeWriter();
    TakeWriter(const TakeWriter&) = delete;
    TakeWriter& operator=(const TakeWriter&) = delete;

    /// Hits seen at a first look since the last call, in take time: see HitDetector::takeEarly.
    [[nodiscard]] std::vector<Hit> newHits();
    /// Loudest input sample since the last call, dBFS.
    [[nodiscard]] double newPeakDb();
    [[nodiscard]] int lossCount() const { return m_lossCount.load(); }
    [[nodiscard]] bool isDone() const { return m_done.load(); }
    /// The device has left: what has arrived is all there is.
    void giveUp() { m_thread.request_stop(); }
    /// The take. Call once, best when it is done: a run that has not ended is given up, and what is left to do is
    /// waited for.
    [[nodiscard]] FinishedTake finish();

  private:
    explicit TakeWriter(std::shared_ptr<RecordingRun> run);
    void run(const std::stop_token& token);
    bool drain();
    void decideTheEnd();
    void take(std::span<const float> samples);
    void takeNotes(double nowS);
    void addDamaged(const LostFrames& lost);
    void insertLost(const LostFrames& lost);
    void store(std::span<const float> samples);
    void closeFile();
    [[nodiscard]] Error noRoom() const;

    std::shared_ptr<RecordingRun> m_run;
    std::unique_ptr<FlacWriter> m_file;
    TakeListener m_listener;
    PadSieve m_pads;
    LoopWatch m_loop;
    std::int64_t m_written = 0;
    std::int64_t m_unflushed = 0;
    bool m_endIsDecided = false;
    std::optional<LostFrames> m_nextLoss;
    FinishedTake m_result;
    std::optional<NoteJournal> m_journal;
    std::vector<Hit> m_notes;

    std::mutex m_mutex;
    std::vector<Hit> m_newHits;
    double m_peakDb = -120;

    std::atomic<int> m_lossCount{0};
    std::atomic<bool> m_done{false};
    std::jthread m_thread;
};

}  // namespace upbeat
