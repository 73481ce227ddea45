#include "hear.h"

#include <fmt/format.h>

#include <cmath>
#include <memory>

#include "upbeat/formats/midi_take.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/take/click_marks.h"

namespace upbeat::cli {

namespace {

Result<Heard> readHits(const std::string& path) {
    const auto file = readMidi(path);
    if (!file) return tl::unexpected(file.error());
    Heard heard{hitsOfMidi(*file), {}};
    heard.info = {0, 0, static_cast<double>(file->endTick) * secondsPerTick(*file)};
    const auto& hits = heard.take.hits;
    if (!hits.empty()) heard.info.durationS = std::max(heard.info.durationS, hits.back().timeS + 2.0);
    return heard;
}

}  // namespace

Result<Heard> hear(const TakeOptions& options, const Exercise& exercise) {
    if (isMidiName(options.take)) return readHits(options.take);
    std::unique_ptr<TakeListener> listener;
    const auto info = readAudio(options.take, [&](std::span<const float> block, const AudioInfo& audio) {
        if (!listener) {
            const ClickPlan click = clickFor(exercise, Bpm(options.tempo));
            listener =
                std::make_unique<TakeListener>(audio.sampleRate, clickMarks(click, options.firstBeat, audio.durationS));
        }
        listener->push(block);
    });
    if (!info) return tl::unexpected(info.error());
    return Heard{listener ? listener->finish() : HeardTake(), *info};
}

void TakeOptions::addTo(CLI::App& command, const std::string& takeHelp, const std::string& patternHelp) {
    command.add_option("--take", take, takeHelp)->required();
    command.add_option("--pattern", pattern, patternHelp)->required();
    command.add_option("--tempo", tempo, "Beats per minute")->required();
    command.add_option("--first-beat", firstBeat, "Time of beat 1 of bar 1 in the take, seconds");
}

std::optional<Error> TakeOptions::wrong() const {
    if (!(tempo >= kSlowestTempo && tempo <= kFastestTempo))
        return Error{fmt::format("a tempo of {:g} is out of range", tempo), {}, "use --tempo 30 to 300"};
    if (!std::isfinite(firstBeat) || firstBeat < 0)
        return Error{"the first beat lies before the take", {}, "use --first-beat 0 or more"};
    return std::nullopt;
}

}  // namespace upbeat::cli
