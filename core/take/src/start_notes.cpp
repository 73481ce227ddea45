#include <algorithm>

#include "start_follow.h"
#include "upbeat/align/lean.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

constexpr double kOneSoundS = 0.035;  // a flam and its main stroke
constexpr double kLeastNoteStrength = 4;

}  // namespace

std::vector<HeardNote> notesOf(const std::vector<Hit>& hits) {
    std::vector<HeardNote> notes;
    for (const Hit& hit : hits) {
        if (hit.strength < kLeastNoteStrength) continue;
        const auto lean = leanOf(hit);
        const HeardNote note{hit.timeS, hit.levelDb, lean ? lean->upwards() : 0.0, hit.strength >= kFirmStrength};
        if (notes.empty() || hit.timeS - notes.back().timeS > kOneSoundS)
            notes.push_back(note);
        else if (hit.levelDb > notes.back().levelDb)
            notes.back() = note;
    }
    return notes;
}

std::vector<PageNote> positionsOf(const Exercise& exercise, std::size_t count) {
    constexpr double kTempo = 100;
    constexpr double kTogether = 1e-3;
    constexpr double kLongestStep = 4;
    std::vector<PageNote> page;
    const std::size_t wanted = 2 * count + 8;
    const auto perPass = std::max<std::size_t>(1, exercise.strokes.size());
    for (const WrittenStroke& w : writeOut(exercise, Bpm(kTempo), static_cast<int>(wanted / perPass) + 1)) {
        if (w.role == Role::Grace) continue;
        const Stroke& stroke = exercise.strokes[static_cast<std::size_t>(w.stroke)];
        const PageNote note{w.gridS * kTempo / 60, kLongestStep, static_cast<double>(stroke.level),
                            usualLean(stroke.voice)};
        if (!page.empty() && note.beats - page.back().beats < kTogether) {
            if (note.level > page.back().level) page.back().upwards = note.upwards;
            page.back().level = std::max(page.back().level, note.level);
        } else {
            page.push_back(note);
        }
    }
    for (std::size_t k = 0; k + 1 < page.size(); ++k) {
        const double step = page[k + 1].beats - page[k].beats;
        page[k].step = std::min(page[k].step, step);
        page[k + 1].step = step;
    }
    return page;
}

}  // namespace upbeat
