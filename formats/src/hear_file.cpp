#include "upbeat/formats/hear_file.h"

#include <algorithm>
#include <memory>

#include "upbeat/formats/midi_take.h"
#include "upbeat/take/click_marks.h"

namespace upbeat {

namespace {

Result<HeardFile> hearNotes(const std::filesystem::path& path) {
    constexpr double kRingS = 2;  // the last note is followed by something
    const auto file = readMidi(path);
    if (!file) return tl::unexpected(file.error());
    const double durationS = static_cast<double>(file->endTick) * secondsPerTick(*file);
    if (durationS > kLongestTakeS)
        return fail("it is " + durationInWords(durationS) + " long", path.string(),
                    UPBEAT_TEXT("cut it to two hours or less"));
    HeardFile heard{hitsOfMidi(*file), {0, 0, durationS}};
    const auto& hits = heard.take.hits;
    if (!hits.empty()) heard.info.durationS = std::max(durationS, hits.back().timeS + kRingS);
    return heard;
}

}  // namespace

Result<HeardFile> hearFile(const std::filesystem::path& path, const std::optional<ClickPlan>& click, double firstBeatS,
                           const std::function<bool(double share)>& goOn) {
    if (isMidiName(path)) return hearNotes(path);
    std::unique_ptr<TakeListener> listener;
    double heardS = 0;
    bool isWanted = true;
    const auto info = readAudio(path, [&](std::span<const float> block, const AudioInfo& audio) {
        heardS += static_cast<double>(block.size()) / audio.sampleRate;
        isWanted = isWanted && (!goOn || goOn(std::min(1.0, heardS / audio.durationS)));
        if (!isWanted) return;
        if (!listener)
            listener = std::make_unique<TakeListener>(
                audio.sampleRate, click ? clickMarks(*click, firstBeatS, audio.durationS) : std::vector<ClickMark>());
        listener->push(block);
    });
    if (!info) return tl::unexpected(info.error());
    return HeardFile{listener ? listener->finish() : HeardTake(), *info};
}

}  // namespace upbeat
