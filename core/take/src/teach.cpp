#include "upbeat/take/teach.h"

#include <algorithm>
#include <map>
#include <set>

#include "upbeat/signal/sharpen.h"
#include "upbeat/voices/voice_finder.h"

namespace upbeat {

namespace {

/// The first stroke of every voice: how it is usually struck.
std::map<Voice, Stroke> voicesOf(const Exercise& exercise) {
    std::map<Voice, Stroke> voices;
    for (const Stroke& stroke : exercise.strokes) voices.try_emplace(stroke.voice, stroke);
    return voices;
}

/// The clear strokes, spread over the lesson. A cymbal that rings on may have none: then its clearest.
std::vector<Hit> someOf(std::vector<Hit> strokes) {
    constexpr std::size_t kWithoutClearOnes = 4;
    const auto isClear = [](const Hit& hit) { return hit.contrastDb >= kOwnOnsetDb; };
    if (std::count_if(strokes.begin(), strokes.end(), isClear) >= static_cast<std::ptrdiff_t>(kFewestTaught)) {
        std::erase_if(strokes, [&](const Hit& hit) { return !isClear(hit); });
    } else {
        std::sort(strokes.begin(), strokes.end(),
                  [](const Hit& a, const Hit& b) { return a.contrastDb > b.contrastDb; });
        strokes.resize(std::min(strokes.size(), kWithoutClearOnes));
    }
    if (strokes.size() <= kMostTaught) return strokes;
    std::vector<Hit> some;
    for (std::size_t i = 0; i < kMostTaught; ++i) some.push_back(strokes[i * strokes.size() / kMostTaught]);
    return some;
}

}  // namespace

Exercise teachingExercise(const Exercise& exercise) {
    constexpr int kBeats = 4;
    constexpr int kLongest = 16;  // bars: a minute, and no more
    const auto voices = voicesOf(exercise);
    // Two bars for every drum, fewer where they would not fit.
    int beatsEach = 2 * kBeats;
    while (static_cast<int>(voices.size()) * beatsEach > kLongest * kBeats) beatsEach /= 2;
    Exercise page;
    markAsPart(page, {exercise.id, KitLesson{}});
    page.title = exercise.title;
    page.meter = {kBeats, 4};
    page.tempo = {90, 90, 1};
    int beats = 0;
    for (const auto& [voice, usual] : voices) {
        for (int i = 0; i < beatsEach; ++i) {
            Stroke stroke;
            stroke.at = Beats(beats + i);
            stroke.voice = voice;
            stroke.limb = usual.limb;
            stroke.level = i < beatsEach / 2 ? Level::Ghost : Level::Accent;
            page.strokes.push_back(stroke);
        }
        beats += beatsEach;
    }
    page.bars = std::max(1, (beats + kBeats - 1) / kBeats);
    return page;
}

TaughtKit learnKit(const MatchedTake& take) {
    std::map<Voice, std::vector<Hit>> heard;
    for (const MatchedStroke& s : take.strokes) {
        const Hit& hit = take.hits[static_cast<std::size_t>(s.hit)];
        constexpr double kAudibleDb = 10;
        const bool clear = hit.strength >= kFirmStrength && hit.contrastDb >= kAudibleDb && !hit.clipped;
        if (s.written.role == Role::Main && !s.shared && clear && !hit.patch.isEmpty())
            heard[s.stroke.voice].push_back(hit);
    }
    TaughtKit kit;
    for (auto& [voice, strokes] : heard)
        if (strokes.size() >= kFewestTaught) kit.voices.push_back({voice, someOf(std::move(strokes))});
    return kit;
}

void learnMore(TaughtKit& kit, const TaughtKit& newer) {
    for (const TaughtVoice& voice : newer.voices) {
        std::erase_if(kit.voices, [&voice](const TaughtVoice& old) { return old.voice == voice.voice; });
        kit.voices.push_back(voice);
    }
}

std::vector<Voice> untaughtVoices(const Exercise& exercise, const TaughtKit& kit) {
    std::vector<Voice> missing;
    for (const auto& [voice, usual] : voicesOf(exercise)) {
        const bool taught = std::any_of(kit.voices.begin(), kit.voices.end(), [v = voice](const TaughtVoice& t) {
            return instrumentOf(t.voice) == instrumentOf(v) && t.strokes.size() >= kFewestTaught;
        });
        if (!taught) missing.push_back(voice);
    }
    return missing;
}

HeardTake toldApart(const Exercise& exercise, HeardTake heard, const TaughtKit& kit) {
    std::set<Voice> instruments;
    for (const Stroke& stroke : exercise.strokes) instruments.insert(instrumentOf(stroke.voice));
    if (instruments.size() < 2 || !untaughtVoices(exercise, kit).empty()) return heard;
    sharpenOnsets(heard.hits);
    heard.hits = VoiceFinder(kit).separate(heard.hits);
    return heard;
}

}  // namespace upbeat
