// Recordings that went on until they were stopped, for hours perhaps: taken apart by the page, block by block.
#include <memory>

#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/flac_recovery.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/signal/loop_watch.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/anchor.h"
#include "upbeat/take/click_marks.h"
#include "upbeat/take/long_take.h"

namespace upbeat {

namespace {

namespace fs = std::filesystem;

/// What the whole tells: where somebody played, and whether the way round held.
struct Survey {
    AudioInfo info;
    std::vector<PlayedStretch> stretches;
    LoopCheck loop;
};

KnownLoop knownLoopOf(const TakeFrame& frame) {
    if (frame.anchor.kind == AnchorKind::None) return {};
    return {frame.latencyS, frame.anchor.uncertainMs, frame.anchor.kind == AnchorKind::Calibrated};
}

/// One pass over the sound; nothing of it is kept but counts.
Result<Survey> survey(const TakeRecord& whole, const fs::path& sound) {
    PassTally tally(whole.exercise, whole.frame);
    std::unique_ptr<TakeListener> listener;
    std::unique_ptr<LoopWatch> loop;
    const auto info = readAudio(
        sound,
        [&](std::span<const float> block, const AudioInfo& audio) {
            if (!listener) {
                const auto marks = clickMarks(whole.click, whole.frame.firstBeatS, audio.durationS);
                listener = std::make_unique<TakeListener>(audio.sampleRate, marks);
                loop = std::make_unique<LoopWatch>(marks, clickSounds(audio.sampleRate, whole.click.tone),
                                                   audio.sampleRate);
            }
            listener->push(block);
            loop->push(block);
            for (const Hit& hit : listener->takeAndForget()) tally.add(hit);
        },
        kLongestRecordingS);
    if (!info) return tl::unexpected(info.error());
    for (const Hit& hit : whole.hits) tally.add(hit);  // of a MIDI instrument, whose sound is silence
    if (listener)
        for (const Hit& hit : listener->finish().hits) tally.add(hit);
    constexpr int kMostBars = 64;
    Survey found{*info, tally.stretches(info->durationS, kMostBars), {}};
    const bool isMidi = !whole.hits.empty();
    if (loop && !isMidi) found.loop = checkLoop(loop->finish(), knownLoopOf(whole.frame).latencyS);
    return found;
}

/// The clicks of the whole that lie in a part of it.
std::vector<ClickMark> marksIn(const TakeRecord& whole, const StretchTake& part) {
    std::vector<ClickMark> marks;
    for (ClickMark mark : clickMarks(whole.click, whole.frame.firstBeatS, part.toS)) {
        mark.timeS -= part.fromS;
        mark.quiet = false;
        if (mark.timeS >= 0) marks.push_back(mark);
    }
    return marks;
}

/// What the whole has told, as it looks from a part.
LoopCheck seenFrom(const StretchTake& part, LoopCheck loop) {
    if (loop.state != LoopCheck::State::Jumps) return loop;
    if (loop.jumpsAtS >= part.toS) loop.state = LoopCheck::State::Differs;
    loop.jumpsAtS = std::max(0.0, loop.jumpsAtS - part.fromS);
    return loop;
}

}  // namespace

Result<std::vector<qint64>> TakeArchive::split(const std::string& name, const TakeRecord& whole,
                                               const MeasureTake& measure) const {
    fs::path sound = m_store.partFile(name);
    auto found = survey(whole, sound);
    if (!found) {
        // It was interrupted: what can be read of it is saved first.
        const auto saved = recoverFlac(sound, m_store.file(name));
        if (!saved) return tl::unexpected(saved.error());
        sound = m_store.file(name);
        found = survey(whole, sound);
    }
    if (!found) return tl::unexpected(found.error());
    TakeRecord all = whole;
    all.durationS = found->info.durationS;
    all.sampleRate = found->info.sampleRate;
    std::vector<qint64> ids;
    for (const PlayedStretch& stretch : found->stretches) {
        StretchTake part = stretchOf(all, stretch);
        const auto samples = readSpan(sound, part.fromS, part.toS, kLongestRecordingS);
        if (!samples) return tl::unexpected(samples.error());
        if (whole.hits.empty()) {
            HeardTake heard = listenTo(samples->samples, samples->sampleRate, marksIn(all, part));
            part.take.hits = std::move(heard.hits);
            part.take.trace = std::move(heard.trace);
        }
        (void)anchorTake(part.take, seenFrom(part, found->loop), knownLoopOf(all.frame));
        const auto id = keepPart(m_store.partName(name, stretch.fromPass), part, *samples, measure);
        if (!id) return tl::unexpected(id.error());
        if (*id > 0) ids.push_back(*id);
    }
    if (!goesOn(Step::Split)) return fail(UPBEAT_TEXT("it was stopped half way"), "take");
    m_store.discard(name);
    return ids;
}

Result<qint64> TakeArchive::keepPart(const std::string& name, StretchTake& part, const Sound& sound,
                                     const MeasureTake& measure) const {
    CoachPlan plan;
    {
        const auto logbook = Logbook::open(m_folder.logbook());
        if (!logbook) return tl::unexpected(logbook.error());
        const auto known = TakeRepository(**logbook).files();
        if (!known) return tl::unexpected(known.error());
        if (known->contains(name + ".flac")) return 0;  // before it was interrupted
        const auto start = startOf(part.take).addMSecs(std::llround(1e3 * part.fromS));
        part.take.startedAt = stampOf(start);
        auto own = coachPlanOf(**logbook, part.take);
        if (!own) return tl::unexpected(own.error());
        plan = *std::move(own);
    }
    part.take.file = name + ".flac";
    part.take.ladder = plan.ladder;
    if (auto begun = m_store.beginPart(name, part.take); !begun) return tl::unexpected(begun.error());
    if (auto written = writeSound(m_store.partFile(name), sound, AudioFormat::Flac24); !written)
        return tl::unexpected(written.error());
    const TakeAnalysis analysis = measure(part.take, plan);
    return keep(part.take, analysis);
}

}  // namespace upbeat
