// Rules that set accents.
#include <algorithm>
#include <cmath>
#include <numeric>

#include "hands_and_voices.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

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

}  // namespace

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

}  // namespace upbeat
