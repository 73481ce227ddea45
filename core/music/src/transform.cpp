#include "upbeat/music/transform.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "hands_and_voices.h"
#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

/// Whether the stroke is the second of a double: the stroke before it has the same hand and comes as close as any.
Exercise withoutSecondStrokes(Exercise e) {
    const Beats step = shortestStep(e);
    std::vector<Stroke> kept;
    const Stroke* last = nullptr;
    bool lastKept = false;
    for (const Stroke& s : e.strokes) {
        if (!isDrumOfHands(s)) {
            kept.push_back(s);
            continue;
        }
        const bool second =
            last != nullptr && lastKept && last->limb == s.limb && last->voice == s.voice && s.at - last->at == step;
        if (!second) kept.push_back(s);
        last = &s;
        lastKept = !second;
    }
    e.strokes = kept;
    return e;
}

}  // namespace

std::array<int, 4> workOfLimbs(const Exercise& exercise) {
    std::array<int, 4> work{};
    for (const Stroke& s : exercise.strokes) ++work[static_cast<std::size_t>(s.limb)];
    return work;
}

Result<Exercise> grouped(Exercise frame, std::span<const int> groups, const Beats& step, std::span<const int> free) {
    if (groups.empty() || std::any_of(groups.begin(), groups.end(), [](int g) { return g < 1 || g > 64; }) ||
        !(step > Beats(0)))
        return fail(UPBEAT_TEXT("a group needs 1 to 64 steps"), {}, UPBEAT_TEXT("write the groups as 5+3+5+3"));
    const Beats bar = frame.meter.barLength();
    const int steps = std::accumulate(groups.begin(), groups.end(), 0);
    const Beats sum = step * steps;
    if (wrapped(sum, bar) != Beats(0)) {
        const auto over = std::lround(wrapped(sum, bar).toDouble() / step.toDouble());
        const auto perBar = std::lround(bar.toDouble() / step.toDouble());
        return fail(
            Text::with(UPBEAT_TEXT("the groups fill %1 steps, %2 too few for the next bar"), steps, perBar - over), {},
            Text::with(UPBEAT_TEXT("let them add up to %1"), steps + perBar - over));
    }
    setMeters(frame, std::vector(static_cast<std::size_t>(wholeTimes(sum, bar)), frame.meter));
    frame.strokes.clear();
    frame.freeSpans.clear();
    Beats at(0);
    bool right = true;
    for (std::size_t g = 0; g < groups.size(); ++g) {
        if (std::find(free.begin(), free.end(), static_cast<int>(g)) != free.end())
            frame.freeSpans.push_back({at, at + step * groups[g]});
        for (int i = 0; i < groups[g]; ++i, right = !right, at = at + step)
            frame.strokes.push_back({at, Voice::Snare, right ? Limb::RightHand : Limb::LeftHand,
                                     i == 0 ? Level::Accent : Level::Tap, Ornament::None, i == 0});
    }
    if (const auto ok = check(frame); !ok) return tl::unexpected(ok.error());
    return frame;
}

Result<Exercise> withRoll(Exercise e, const Beats& at, Voice voice, int strokes, const Beats& step, Limb lead) {
    constexpr int kFewest = 3;
    constexpr int kMost = 33;
    if (strokes < kFewest || strokes > kMost || !(step > Beats(0)))
        return fail(Text::with(UPBEAT_TEXT("%1 strokes are no roll"), strokes), {}, UPBEAT_TEXT("use 3 to 33"));
    const int accents = strokes % 2 == 1 ? 1 : 2;
    const int doubled = strokes - accents;
    const Beats end = at + step * (doubled + 2 * accents);
    if (at < Beats(0) || e.length() < end)
        return fail(Text::with(UPBEAT_TEXT("a roll of %1 strokes does not fit here"), strokes), {},
                    UPBEAT_TEXT("start earlier or add a bar"));
    std::erase_if(e.strokes, [&](const Stroke& s) { return s.voice == voice && !(s.at < at) && s.at < end; });
    for (int i = 0; i < strokes; ++i) {
        const bool accent = i >= doubled;
        const bool first = (accent ? doubled / 2 + i - doubled : i / 2) % 2 == 0;
        const Beats place = at + step * (accent ? doubled + 2 * (i - doubled) : i);
        e.strokes.push_back({place, voice, first ? lead : otherHand(lead), accent ? Level::Accent : Level::Tap});
    }
    return inOrder(std::move(e));
}

std::vector<EasierVersion> easierVersions(const Exercise& exercise) {
    std::vector<EasierVersion> versions;
    Exercise now = exercise;
    const auto offer = [&](const Text& what, Exercise easier) {
        if (easier.strokes == now.strokes || easier.strokes.empty()) return;
        now = easier;
        markAsPart(easier, {exercise.id, StageNumber{Method::Easier, {}, static_cast<int>(versions.size()) + 1}});
        versions.push_back({what, std::move(easier)});
    };
    Exercise plain = now;
    for (Stroke& s : plain.strokes) s.ornament = Ornament::None;
    offer(UPBEAT_TEXT("no ornaments"), plain);
    Exercise bare = now;
    if (uses(bare, Level::Tap) || uses(bare, Level::Accent))
        std::erase_if(bare.strokes, [](const Stroke& s) { return s.level == Level::Ghost; });
    offer(UPBEAT_TEXT("no ghosts"), bare);
    Exercise thin = now;
    std::erase_if(thin.strokes,
                  [&](const Stroke& s) { return isCymbal(s.voice) && isHand(s.limb) && !isOnBeat(thin, s.at); });
    offer(UPBEAT_TEXT("cymbal in beats"), thin);
    offer(UPBEAT_TEXT("single strokes for doubles"), withoutSecondStrokes(now));
    return versions;
}

}  // namespace upbeat
