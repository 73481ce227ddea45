#include "upbeat/music/transform.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numeric>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

/// The limb itself for feet.
Limb otherHand(Limb limb) {
    return isHand(limb) ? otherSide(limb) : limb;
}

bool isCymbal(Voice voice) {
    switch (instrumentOf(voice)) {
        case Voice::HiHatClosed:
        case Voice::HiHatFoot:
        case Voice::Ride:
        case Voice::Crash:
            return true;
        default:
            return false;
    }
}

bool isDrumOfHands(const Stroke& s) {
    return isHand(s.limb) && !isCymbal(s.voice);
}

bool isTaken(const Exercise& e, const Stroke& stroke, Voice voice, Limb limb) {
    return std::any_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s) {
        return &s != &stroke && s.at == stroke.at && (s.voice == voice || s.limb == limb);
    });
}

void move(Exercise& e, Stroke& stroke, Voice voice, Limb limb) {
    if (isTaken(e, stroke, voice, limb)) return;
    stroke.voice = voice;
    stroke.limb = limb;
}

/// Strokes that carry accents, in order.
std::vector<Stroke*> carriers(Exercise& e) {
    std::vector<Stroke*> list;
    for (Stroke& s : e.strokes)
        if (isDrumOfHands(s)) list.push_back(&s);
    return list;
}

void setAccent(Stroke& stroke, bool accent) {
    if (accent)
        stroke.level = Level::Accent;
    else if (stroke.level == Level::Accent)
        stroke.level = Level::Tap;
}

/// The tempo plan in the beats the exercise has now.
void planFrom(Exercise& e, const Meter& before) {
    const auto now = [&](double bpm) { return inBeatsOf(e.meter, bpm, before); };
    const auto inRange = [](double bpm) { return std::clamp(bpm, kSlowestTempo, kFastestTempo); };
    e.tempo = {inRange(now(e.tempo.start)), inRange(now(e.tempo.goal)), now(e.tempo.step)};
}

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

Exercise mirrored(Exercise exercise) {
    for (Stroke& s : exercise.strokes) s.limb = otherHand(s.limb);
    return inOrder(std::move(exercise));
}

std::array<int, 4> workOfLimbs(const Exercise& exercise) {
    std::array<int, 4> work{};
    for (const Stroke& s : exercise.strokes) ++work[static_cast<std::size_t>(s.limb)];
    return work;
}

Result<Exercise> rebarred(Exercise e, const Meter& meter) {
    if (!isSupported(meter))
        return fail(fmt::format("the meter {} is not supported", meter.toString()), {}, "use another");
    const Beats length = e.length();
    const auto bars = wholeTimes(length, meter.barLength());
    if (meter.barLength() * bars != length || bars < 1 || bars > kMostBars)
        return fail(
            fmt::format("{} bars of {} do not fill whole bars of {}", e.bars, e.meter.toString(), meter.toString()), {},
            "change the number of bars first");
    const Meter before = e.meter;
    setMeters(e, std::vector(static_cast<std::size_t>(bars), meter));
    planFrom(e, before);
    return e;
}

Result<Exercise> withBarIn(Exercise e, int number, const Meter& meter) {
    if (!isSupported(meter) || number < 1 || number > e.bars)
        return fail(fmt::format("bar {} in {} is not supported", number, meter.toString()), {}, "use another meter");
    if (number == 1 && e.bars > 1 && meter.beatLength() != e.meter.beatLength())
        return fail("the first bar says which beats the tempo counts", {}, "change the meter of the whole phrase");
    const Exercise before = e;
    auto meters = metersOf(e);
    meters[static_cast<std::size_t>(number - 1)] = meter;
    setMeters(e, meters);
    const auto moved = [&](const Beats& at) {
        const Bar old = barAt(before, at);
        return barOf(e, old.number).start + (at - old.start);
    };
    for (Stroke& s : e.strokes) {
        const bool isInside = barAt(before, s.at).number == number;
        s.at = moved(s.at);
        if (isInside && !(s.at < barOf(e, number).end()))
            return fail(fmt::format("bar {} holds more strokes than {} has room for", number, meter.toString()), {},
                        "remove them first");
    }
    // Spans end where their last bar ends at the latest; one that began behind that is gone.
    const auto fit = [&](auto& spans) {
        for (auto& span : spans) {
            const Bar first = barAt(before, span.from);
            Bar last = barAt(before, span.to);
            if (last.start == span.to) last = barOf(before, last.number - 1);
            const Bar now = barOf(e, last.number);
            span.from = std::min(moved(span.from), barOf(e, first.number).end());
            span.to = std::min(now.start + (span.to - last.start), now.end());
        }
        std::erase_if(spans, [](const auto& span) { return !(span.from < span.to); });
    };
    fit(e.swells);
    fit(e.freeSpans);
    return e;
}

Exercise revoiced(Exercise e, Revoicing rule) {
    for (Stroke& s : e.strokes) {
        if (!isHand(s.limb)) continue;
        const bool right = s.limb == Limb::RightHand;
        switch (rule) {
            case Revoicing::HandsOnRideAndHat:
                move(e, s, right ? Voice::Ride : Voice::HiHatClosed, s.limb);
                break;
            case Revoicing::AccentsToToms:
                if (s.level == Level::Accent && !isCymbal(s.voice))
                    move(e, s, right ? Voice::TomLow : Voice::TomHigh, s.limb);
                break;
            case Revoicing::RightHandToBass:
                if (right) move(e, s, Voice::Kick, Limb::RightFoot);
                break;
            case Revoicing::AllOnThePad:
                move(e, s, Voice::Pad, s.limb);
                break;
        }
    }
    return inOrder(std::move(e));
}

Exercise accentEvery(Exercise e, int k, int size) {
    if (size < 1 || k < 1 || k > size) return e;
    int index = 0;
    for (Stroke* s : carriers(e)) setAccent(*s, index++ % size == k - 1);
    return e;
}

Exercise accentsMoved(Exercise e, int strokes) {
    const auto list = carriers(e);
    if (list.empty()) return e;
    const auto count = static_cast<int>(list.size());
    std::vector<bool> accents(list.size());
    for (int i = 0; i < count; ++i)
        if (list[static_cast<std::size_t>(i)]->level == Level::Accent)
            accents[static_cast<std::size_t>(((i + strokes) % count + count) % count)] = true;
    for (std::size_t i = 0; i < list.size(); ++i) setAccent(*list[i], accents[i]);
    return e;
}

Exercise accentRuns(Exercise e, std::span<const int> lengths) {
    std::vector<bool> pattern;
    for (const int length : lengths) {
        const auto run = static_cast<std::size_t>(std::clamp(length, 0, 64));
        pattern.insert(pattern.end(), run, true);
        pattern.insert(pattern.end(), run, false);
    }
    if (pattern.empty()) return e;
    std::size_t index = 0;
    for (Stroke* s : carriers(e)) setAccent(*s, pattern[index++ % pattern.size()]);
    return e;
}

Result<Exercise> grouped(Exercise frame, std::span<const int> groups, const Beats& step, std::span<const int> free) {
    if (groups.empty() || std::any_of(groups.begin(), groups.end(), [](int g) { return g < 1 || g > 64; }) ||
        !(step > Beats(0)))
        return fail("a group needs 1 to 64 steps", {}, "write the groups as 5+3+5+3");
    const Beats bar = frame.meter.barLength();
    const int steps = std::accumulate(groups.begin(), groups.end(), 0);
    const Beats sum = step * steps;
    if (wrapped(sum, bar) != Beats(0)) {
        const auto over = std::lround(wrapped(sum, bar).toDouble() / step.toDouble());
        const auto perBar = std::lround(bar.toDouble() / step.toDouble());
        return fail(fmt::format("the groups fill {} steps, {} too few for the next bar", steps, perBar - over), {},
                    fmt::format("let them add up to {}", steps + perBar - over));
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
        return fail(fmt::format("{} strokes are no roll", strokes), {}, "use 3 to 33");
    const int accents = strokes % 2 == 1 ? 1 : 2;
    const int doubled = strokes - accents;
    const Beats end = at + step * (doubled + 2 * accents);
    if (at < Beats(0) || e.length() < end)
        return fail(fmt::format("a roll of {} strokes does not fit here", strokes), {}, "start earlier or add a bar");
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
    const auto offer = [&](const std::string& what, Exercise easier) {
        if (easier.strokes == now.strokes || easier.strokes.empty()) return;
        now = easier;
        easier.id = fmt::format("{}~easier.{}", exercise.id, versions.size() + 1);
        easier.title = fmt::format("{}: {}", exercise.title, what);
        versions.push_back({what, std::move(easier)});
    };
    Exercise plain = now;
    for (Stroke& s : plain.strokes) s.ornament = Ornament::None;
    offer("no ornaments", plain);
    Exercise bare = now;
    if (uses(bare, Level::Tap) || uses(bare, Level::Accent))
        std::erase_if(bare.strokes, [](const Stroke& s) { return s.level == Level::Ghost; });
    offer("no ghosts", bare);
    Exercise thin = now;
    std::erase_if(thin.strokes,
                  [&](const Stroke& s) { return isCymbal(s.voice) && isHand(s.limb) && !isOnBeat(thin, s.at); });
    offer("cymbal in beats", thin);
    offer("single strokes for doubles", withoutSecondStrokes(now));
    return versions;
}

Result<Exercise> formOf(Exercise frame, std::span<const FormPart> sections) {
    frame.strokes.clear();
    frame.swells.clear();
    frame.freeSpans.clear();
    std::vector<Meter> meters;
    Beats start(0);
    for (const FormPart& section : sections) {
        const Exercise& part = section.exercise;
        if (meters.empty() && part.meter.beatLength() != frame.meter.beatLength())
            return fail(fmt::format("\"{}\" counts other beats than the form", part.title), {},
                        "let the form begin with the section whose beats the tempo counts");
        for (int time = 0; time < section.times; ++time) {
            const auto more = metersOf(part);
            if (meters.size() + more.size() > static_cast<std::size_t>(kMostBars))
                return fail("the form is longer than a phrase can be", {}, fmt::format("use up to {} bars", kMostBars));
            meters.insert(meters.end(), more.begin(), more.end());
            for (Stroke s : part.strokes) s.at = s.at + start, frame.strokes.push_back(s);
            for (const Swell& s : part.swells) frame.swells.push_back({s.from + start, s.to + start, s.fromDb, s.toDb});
            for (const FreeSpan& s : part.freeSpans) frame.freeSpans.push_back({s.from + start, s.to + start});
            start = start + part.length();
        }
    }
    if (!meters.empty()) setMeters(frame, meters);
    if (const auto ok = check(frame); !ok) return tl::unexpected(ok.error());
    return frame;
}

Exercise barsOf(const Exercise& exercise, int from, int to) {
    from = std::clamp(from, 1, exercise.bars);
    to = std::clamp(to, from, exercise.bars);
    const Beats start = barOf(exercise, from).start;
    const Beats end = barOf(exercise, to).end();
    Exercise part = exercise;
    const auto meters = metersOf(exercise);
    setMeters(part, std::vector(meters.begin() + from - 1, meters.begin() + to));
    planFrom(part, exercise.meter);
    part.strokes.clear();
    part.swells.clear();
    part.freeSpans.clear();
    for (Stroke s : exercise.strokes)
        if (!(s.at < start) && s.at < end) s.at = s.at - start, part.strokes.push_back(s);
    for (const Swell& s : exercise.swells)
        if (!(s.from < start) && !(end < s.to)) part.swells.push_back({s.from - start, s.to - start, s.fromDb, s.toDb});
    for (const FreeSpan& s : exercise.freeSpans)
        if (!(s.from < start) && !(end < s.to)) part.freeSpans.push_back({s.from - start, s.to - start});
    return part;
}

}  // namespace upbeat
