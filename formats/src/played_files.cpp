#include "upbeat/formats/played_files.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "score_writer.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

namespace {

constexpr int kTicks = 960;
constexpr int kAccentVelocity = 110;
constexpr double kVelocityPerDb = 4;

/// The level that is written as an accent.
double accentDb(const MatchedTake& take) {
    std::vector<double> accents;
    std::vector<double> all;
    for (const MatchedStroke& s : take.strokes) {
        all.push_back(s.levelDb);
        if (s.stroke.level == Level::Accent) accents.push_back(s.levelDb);
    }
    return accents.empty() ? (all.empty() ? -20 : median(all)) : median(accents);
}

/// What is known of a hit's voice: the stroke it played, else what it sounds like.
std::vector<Voice> voicesOf(const MatchedTake& take) {
    std::vector<Voice> voices(take.hits.size(), Voice::Pad);
    for (std::size_t i = 0; i < take.hits.size(); ++i) voices[i] = take.hits[i].voice.value_or(Voice::Pad);
    for (const MatchedStroke& s : take.strokes)
        if (s.hit != kNone) voices[static_cast<std::size_t>(s.hit)] = s.stroke.voice;
    return voices;
}

}  // namespace

MidiFile playedMidi(const MatchedTake& take) {
    const double quarter = quarterS(take.exercise.meter, Bpm(take.tempoBpm));
    const double lead = take.exercise.meter.barLength().toDouble() * quarter;
    const double loud = accentDb(take);
    const auto voices = voicesOf(take);
    MidiFile file;
    file.ticksPerQuarter = kTicks;
    file.title = take.exercise.title;
    file.quarterBpm = 60 / quarter;
    file.meters = {{0, take.exercise.meter}};
    for (std::size_t i = 0; i < take.hits.size(); ++i) {
        const double at = take.hits[i].timeS - take.firstBeatS - take.latencyS + lead;
        const double velocity = kAccentVelocity + kVelocityPerDb * (take.hits[i].levelDb - loud);
        MidiNote note;
        note.tick = std::max<std::int64_t>(0, std::llround(at / quarter * kTicks));
        note.key = keyOf(voices[i]);
        note.velocity = static_cast<int>(std::clamp(std::round(velocity), 1.0, 127.0));
        file.notes.push_back(note);
    }
    std::stable_sort(file.notes.begin(), file.notes.end(),
                     [](const MidiNote& a, const MidiNote& b) { return a.tick < b.tick; });
    const double lasts = barStartS(take.exercise, Bpm(take.tempoBpm), take.bars) + lead;
    file.endTick = std::llround(lasts / quarter * kTicks);
    if (!file.notes.empty()) file.endTick = std::max(file.endTick, file.notes.back().tick + kTicks / 8);
    return file;
}

std::string playedMusicXml(const MatchedTake& take) {
    std::map<int, std::vector<double>> offsets;
    for (const MatchedStroke& s : take.strokes)
        if (s.written.role == Role::Main) offsets[s.written.stroke].push_back(s.offsetMs);
    std::map<std::pair<Beats, Voice>, std::string> words;
    for (const auto& [stroke, all] : offsets) {
        const Stroke& written = take.exercise.strokes[static_cast<std::size_t>(stroke)];
        words[{written.at, written.voice}] = fmt::format("{:+.0f}", mean(all));
    }
    return ScoreWriter(take.exercise, std::move(words)).write();
}

}  // namespace upbeat
