#include <fmt/format.h>

#include <array>
#include <chrono>
#include <ctime>
#include <filesystem>
#include <memory>
#include <system_error>
#include <thread>

#include "commands.h"
#include "upbeat/audio/devices.h"
#include "upbeat/audio/engine.h"
#include "upbeat/audio/simulated_stream.h"
#include "upbeat/audio/take_writer.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/take/anchor.h"

namespace upbeat::cli {

namespace {

struct RecordOptions {
    std::string input;
    std::string exercise;
    double tempo = 0;
    int bars = 0;
    double latencyMs = 0;
    bool latencyKnown = false;
    std::string out;
};

Exit checkArguments(const RecordOptions& o) {
    if (!(o.tempo >= kSlowestTempo && o.tempo <= kFastestTempo))
        return complain({fmt::format("a tempo of {:g} is out of range", o.tempo), {}, "use --tempo 30 to 300"},
                        Exit::BadArguments);
    if (o.bars < 1 || o.bars > 400)
        return complain({fmt::format("{} bars cannot be recorded", o.bars), {}, "use --bars 1 to 400"},
                        Exit::BadArguments);
    if (!(o.latencyMs >= -1000 && o.latencyMs <= 1000))
        return complain({fmt::format("a latency of {:g} ms is out of range", o.latencyMs), {}, "use -1000 to 1000"},
                        Exit::BadArguments);
    // What names no kind of input would be taken for the simulated player.
    if (toText(inputFromText(o.input)) != o.input)
        return complain({"there is no input " + o.input, {}, "see upbeat-check-cli devices"}, Exit::BadArguments);
    return Exit::Measured;
}

TakePlan planOf(const RecordOptions& o, const Exercise& exercise, const DuplexStream& stream) {
    TakePlan plan;
    plan.exercise = exercise;
    plan.click = clickFor(exercise, Bpm(o.tempo));
    plan.bars = o.bars;
    if (stream.hasOwnLoop()) plan.expectOwnLoop();
    if (o.latencyKnown) plan.latencyS = o.latencyMs * 1e-3;
    plan.file = std::filesystem::path(o.out) / "take.flac";
    return plan;
}

/// Waits for the last sample; false where the device has left or gives nothing any more.
bool waitForEnd(TakeWriter& writer, const RecordingRun& run, const DuplexStream& stream) {
    constexpr auto kStep = std::chrono::milliseconds(20);
    constexpr int kPatience = 500;
    std::int64_t before = -1;
    for (int still = 0; !writer.isDone(); std::this_thread::sleep_for(kStep)) {
        const std::int64_t now = run.framesPassed();
        still = now == before ? still + 1 : 0;
        before = now;
        if (stream.health() == StreamHealth::Gone || still > kPatience) return false;
    }
    return true;
}

Result<TakeRecord> record(const RecordOptions& o, const Exercise& exercise, DuplexStream& stream, AudioEngine& engine) {
    const TakePlan plan = planOf(o, exercise, stream);
    const auto run = std::make_shared<RecordingRun>(plan, stream.sampleRate());
    auto writer = TakeWriter::start(run);
    if (!writer) return tl::unexpected(writer.error());
    engine.startRun(run);
    const bool whole = waitForEnd(**writer, *run, stream);
    engine.clearRun();
    FinishedTake finished = (*writer)->finish();
    stream.stop();
    if (finished.writeError) return tl::unexpected(*finished.writeError);
    if (!whole)
        (void)complain({"the input has left in the middle of the take", stream.name(), "what was played is kept"},
                       Exit::Measured);
    KnownLoop known;
    if (o.latencyKnown || std::holds_alternative<SimulatedInput>(inputFromText(o.input)))
        known.latencyS = o.latencyMs * 1e-3;
    if (!isNotes(inputFromText(o.input)))
        (void)anchorTake(finished.take, checkLoop(finished.clicks, known.latencyS), known);
    return std::move(finished.take);
}

std::string now() {
    const std::time_t seconds = std::time(nullptr);
    std::tm local{};
    localtime_r(&seconds, &local);
    std::array<char, 32> text{};
    (void)std::strftime(text.data(), text.size(), "%Y-%m-%dT%H:%M:%S", &local);
    return text.data();
}

Exit recordTake(const RecordOptions& o) {
    if (const Exit bad = checkArguments(o); bad != Exit::Measured) return bad;
    const auto exercise = patternByNameOrFile(o.exercise);
    if (!exercise) return complain(exercise.error(), Exit::Unreadable);
    std::error_code error;
    std::filesystem::create_directories(o.out, error);
    if (error)
        return complain({"the folder cannot be made", o.out, "choose a folder you may write to"}, Exit::Unreadable);
    AudioEngine engine;
    const InputId id = inputFromText(o.input);
    auto stream = streamOf(id);
    if (!stream) stream = std::make_unique<SimulatedStream>(engine, Character{}, std::time(nullptr), 1.0, speakers());
    if (const auto started = stream->start(engine); !started) return complain(started.error(), Exit::Unreadable);
    auto take = record(o, *exercise, *stream, engine);
    if (!take) return complain(take.error(), Exit::Unreadable);
    if (take->hits.empty())
        return complain({"nothing was heard", stream->name(), "plug the microphone in, switch it on and turn it up"},
                        Exit::NothingToMeasure);
    take->device = stream->name();
    take->startedAt = now();
    take->file = "take.flac";
    take->simulated = std::holds_alternative<SimulatedInput>(id);
    const auto written = writeFileAtomically(std::filesystem::path(o.out) / "take.json", toJson(*take));
    return written ? Exit::Measured : complain(written.error(), Exit::Unreadable);
}

}  // namespace

void addRecord(CLI::App& app, std::function<Exit()>& chosen) {
    auto options = std::make_shared<RecordOptions>();
    CLI::App* command = app.add_subcommand("record", "Play the click and record a take to it");
    command->add_option("--input", options->input, "As devices lists it")->required();
    command->add_option("--exercise", options->exercise, "Built-in exercise or a file")->required();
    command->add_option("--tempo", options->tempo, "Beats per minute")->required();
    command->add_option("--bars", options->bars, "Bars to play")->required();
    auto* latency = command->add_option("--latency-ms", options->latencyMs, "Round trip, taken off every onset");
    command->add_option("--out", options->out, "Folder for take.flac and take.json")->required();
    command->callback([options, latency, &chosen] {
        options->latencyKnown = latency->count() > 0;
        chosen = [options] { return recordTake(*options); };
    });
}

}  // namespace upbeat::cli
