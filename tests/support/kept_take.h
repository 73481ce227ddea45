#pragma once

#include <QDateTime>

#include "takes.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/library.h"

namespace upbeat::test {

/// How a take comes about that is put into a folder.
struct KeptTake {
    const char* exercise;
    QDateTime at;
    std::uint64_t seed = 1;
    double tempoBpm = 120;
    std::string note{};
};

/// Plays two passes and keeps them with their recording, as the program would. For tests that link the logbook.
inline void keepTake(const DataFolder& folder, const KeptTake& kept) {
    const KnownTake known = play(*builtInExercise(kept.exercise), kept.tempoBpm, 2, {}, kept.seed);
    TakeRecord take;
    take.exercise = known.exercise;
    take.click = clickFor(known.exercise, Bpm(kept.tempoBpm));
    take.frame = known.frame();
    take.startedAt = stampOf(kept.at);
    take.durationS = known.rendered.sound.durationS();
    take.hits = perfectHits(known);
    take.note = kept.note;
    const TakeArchive archive(folder);
    const auto name = archive.store().begin(take, kept.at);
    if (!name || !writeSound(archive.store().partFile(*name), known.rendered.sound, AudioFormat::Flac24))
        qFatal("no recording");
    take.file = *name + ".flac";
    const CoachPlan plan{Profile(), ladderOf(take.exercise), {}};
    if (!archive.keep(take, analyzeTake(take.exercise, take.frame, take.hits, plan))) qFatal("not kept");
}

}  // namespace upbeat::test
