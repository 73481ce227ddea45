#pragma once

#include <QTest>
#include <thread>

#include "takes.h"
#include "upbeat/audio/offline_stream.h"
#include "upbeat/audio/recording_run.h"
#include "upbeat/audio/take_writer.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/library.h"

namespace upbeat::test {

inline TakePlan planOf(double tempo, int bars, int subdivision = 1) {
    TakePlan plan;
    plan.exercise = *builtInExercise("singles-sixteenths");
    plan.click.tempo = Bpm(tempo);
    plan.click.subdivision = subdivision;
    plan.bars = bars;
    return plan;
}

/// The run as the process of a stream.
class RunProcess : public AudioProcess {
  public:
    explicit RunProcess(RecordingRun& run) : m_run(run) {}
    void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept override {
        m_run.process(in, out, cycle);
    }

  private:
    RecordingRun& m_run;
};

inline FinishedTake record(const std::shared_ptr<RecordingRun>& run, OfflineStream& stream,
                           const std::function<void(OfflineStream&)>& cycle = nullptr) {
    RunProcess process(*run);
    (void)stream.start(process);
    auto writer = TakeWriter::start(run);
    if (!writer) qFatal("%s", writer.error().sentence().c_str());
    while (!run->isFinished()) {
        // The offline device is far faster than a disk: it waits for the writer, as no real device could.
        while (run->isBackedUp()) std::this_thread::sleep_for(std::chrono::milliseconds(1));
        cycle ? cycle(stream) : static_cast<void>(stream.cycle());
    }
    return (*writer)->finish();
}

}  // namespace upbeat::test
