#include "hear.h"

#include <fmt/format.h>

#include <cmath>
#include <memory>

#include "upbeat/formats/midi_take.h"
#include "upbeat/music/exercise.h"
#include "upbeat/take/click_marks.h"

namespace upbeat::cli {

namespace {

Result<Heard> readHits(const std::string& path) {
    const auto file = readMidi(path);
    if (!file) return tl::unexpected(file.error());
    Heard heard{hitsOfMidi(*file), {}};
    const double tickS = 60.0 / file->quarterBpm.value_or(120.0) / file->ticksPerQuarter;
    heard.info = {0, 0, static_cast<double>(file->endTick) * tickS};
    const auto& hits = heard.take.hits;
    if (!hits.empty()) heard.info.durationS = std::max(heard.info.durationS, hits.back().timeS + 2.0);
    return heard;
}

}  // namespace

Result<Heard> hear(const std::string& path, double tempoBpm, double firstBeatS, const Meter& meter) {
    if (isMidiName(path)) return readHits(path);
    std::unique_ptr<TakeListener> listener;
    std::vector<Hit> hits;
    const auto collect = [&] {
        const auto some = listener->take();
        hits.insert(hits.end(), some.begin(), some.end());
    };
    const auto info = readAudio(path, [&](std::span<const float> block, const AudioInfo& audio) {
        if (!listener) {
            const ClickPlan click{Bpm(tempoBpm), meter};
            listener = std::make_unique<TakeListener>(audio.sampleRate, clickMarks(click, firstBeatS, audio.durationS));
        }
        listener->push(block);
        collect();
    });
    if (!info) return tl::unexpected(info.error());
    if (!listener) return Heard{{}, *info};
    listener->finish();
    collect();
    fillRings(hits, listener->trace());
    return Heard{{std::move(hits), listener->trace()}, *info};
}

void Place::addTo(CLI::App& command, const std::string& takeHelp, const std::string& patternHelp) {
    command.add_option("--take", take, takeHelp)->required();
    command.add_option("--pattern", pattern, patternHelp)->required();
    command.add_option("--tempo", tempo, "Beats per minute")->required();
    command.add_option("--first-beat", firstBeat, "Time of beat 1 of bar 1 in the take, seconds");
}

std::optional<Error> wrongPlace(double tempoBpm, double firstBeatS) {
    if (!(tempoBpm >= kSlowestTempo && tempoBpm <= kFastestTempo))
        return Error{fmt::format("a tempo of {:g} is out of range", tempoBpm), {}, "use --tempo 30 to 300"};
    if (!std::isfinite(firstBeatS) || firstBeatS < 0)
        return Error{"the first beat lies before the take", {}, "use --first-beat 0 or more"};
    return std::nullopt;
}

}  // namespace upbeat::cli
