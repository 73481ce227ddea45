#include "upbeat/measure/groups.h"

#include <algorithm>
#include <array>
#include <functional>
#include <map>
#include <utility>

#include "upbeat/measure/timing.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"

namespace upbeat {

namespace {

using Belongs = std::function<bool(const Stroke&)>;

struct Members {
    std::vector<double> offsets;
    std::vector<int> passes;

    [[nodiscard]] std::optional<Figure> figure() const {
        constexpr std::size_t kFewest = 6;
        if (offsets.size() < kFewest) return std::nullopt;
        return medianFigure(offsets, passes);
    }
};

Members collect(const MatchedTake& take, const Belongs& belongs) {
    const auto steady = withoutDrift(take);
    Members members;
    for (std::size_t i = 0; i < take.strokes.size(); ++i) {
        const MatchedStroke& s = take.strokes[i];
        if (s.written.role != Role::Main || s.shared || !belongs(s.stroke)) continue;
        members.offsets.push_back(steady[i]);
        members.passes.push_back(s.written.pass);
    }
    return members;
}

void compare(std::vector<Apart>& list, const MatchedTake& take, Apart entry, const Belongs& one, const Belongs& other) {
    const auto a = collect(take, one).figure();
    const auto b = collect(take, other).figure();
    if (!a || !b) return;
    entry.ms = difference(*a, *b);
    list.push_back(std::move(entry));
}

struct Key {
    Axis axis;
    int key;
    bool mayShare;
    PartOfBeat part{};
};

std::vector<Key> keysOf(const Exercise& e, int index) {
    const Stroke& s = e.strokes[static_cast<std::size_t>(index)];
    const auto first = std::find_if(e.strokes.begin(), e.strokes.end(), [&](const Stroke& o) { return o.at == s.at; });
    std::vector<Key> keys{
        {Axis::Voice, static_cast<int>(s.voice), false},
        {Axis::Limb, static_cast<int>(s.limb), false},
        {Axis::Level, static_cast<int>(s.level), false},
        {Axis::Count, static_cast<int>(first - e.strokes.begin()), true},
    };
    const PartOfBeat part = partOfBeat(e, s);
    if (part.of > 1) keys.push_back({Axis::Partial, part.of * 100 + part.number, true, part});
    return keys;
}

struct Gathered {
    PartOfBeat part;
    Members timing;
    std::vector<double> levels;
};

}  // namespace

std::string_view toName(Axis axis) {
    static constexpr std::array<std::string_view, 5> kNames{"voice", "limb", "level", "count", "partial"};
    return kNames.at(static_cast<std::size_t>(axis));
}

PartOfBeat partOfBeat(const Exercise& exercise, const Stroke& stroke) {
    const CountedBeat beat = beatAt(exercise, stroke.at);
    const auto parts = divisionOfBeat(exercise, beat);
    return {static_cast<int>(wholeTimes(stroke.at - beat.start, beat.length / parts)) + 1, static_cast<int>(parts)};
}

std::vector<GroupRow> measureGroups(const MatchedTake& take) {
    std::vector<std::vector<Key>> keys;
    for (std::size_t i = 0; i < take.exercise.strokes.size(); ++i)
        keys.push_back(keysOf(take.exercise, static_cast<int>(i)));
    std::map<std::pair<Axis, int>, Gathered> groups;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        for (const Key& key : keys[static_cast<std::size_t>(s.written.stroke)]) {
            Gathered& group = groups[{key.axis, key.key}];
            group.part = key.part;
            if (s.shared && !key.mayShare) continue;
            group.timing.offsets.push_back(s.offsetMs);
            group.timing.passes.push_back(s.written.pass);
            if (s.levelKnown && (!s.shared || s.carries)) group.levels.push_back(s.levelDb);
        }
    }
    std::map<Axis, int> sizes;
    for (const auto& [key, group] : groups) ++sizes[key.first];
    std::vector<GroupRow> rows;
    for (const auto& [key, group] : groups) {
        if (sizes[key.first] < 2) continue;
        rows.push_back({key.first, key.second, group.part, medianFigure(group.timing.offsets, group.timing.passes),
                        spreadFigure(group.timing.offsets), medianFigure(group.levels),
                        static_cast<int>(group.timing.offsets.size())});
    }
    return rows;
}

std::vector<Apart> measureApart(const MatchedTake& take) {
    std::vector<Apart> list;
    compare(
        list, take, {Limb::LeftHand, Limb::RightHand}, [](const Stroke& s) { return s.limb == Limb::LeftHand; },
        [](const Stroke& s) { return s.limb == Limb::RightHand; });
    std::vector<Voice> voices;
    for (const Stroke& s : take.exercise.strokes)
        if (std::find(voices.begin(), voices.end(), s.voice) == voices.end()) voices.push_back(s.voice);
    if (voices.size() < 2) return list;
    for (const Voice voice : voices)
        compare(
            list, take, {voice, OtherVoices{}}, [voice](const Stroke& s) { return s.voice == voice; },
            [voice](const Stroke& s) { return s.voice != voice; });
    return list;
}

}  // namespace upbeat
