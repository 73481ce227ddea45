#include "planted_faults.h"

#include <algorithm>

#include "coverage.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/page.h"

namespace upbeat::bench {

namespace {

double either(Random& random, double size) {
    return random.uniform() < 0.5 ? -size : size;
}

bool isDirected(const Finding& f, FindingKind minus, FindingKind plus, double size) {
    return f.kind == (size < 0 ? minus : plus);
}

std::vector<int> strokesAt(const Exercise& e, const Beats& at) {
    std::vector<int> there;
    for (std::size_t i = 0; i < e.strokes.size(); ++i)
        if (e.strokes[i].at == at) there.push_back(static_cast<int>(i));
    return there;
}

bool isOneOf(std::optional<int> stroke, const std::vector<int>& strokes) {
    return stroke && std::find(strokes.begin(), strokes.end(), *stroke) != strokes.end();
}

const Stroke& anyStroke(const Exercise& e, Random& random) {
    return e.strokes[static_cast<std::size_t>(random.below(static_cast<int>(e.strokes.size())))];
}

bool has(const Exercise& e, Limb limb) {
    return std::count_if(e.strokes.begin(), e.strokes.end(), [limb](const Stroke& s) { return s.limb == limb; }) > 1;
}

std::optional<Planted> plantCount(Character& c, const Exercise& e, Random& random) {
    const Beats at = anyStroke(e, random).at;
    if (e.feel.isSwung() && !isOnBeat(e, at)) return std::nullopt;  // would be as much of a swing
    const double size = either(random, random.uniform(14, 22));
    c.habits.push_back({at, {}, {}, {}, size, 0, 1});
    return Planted{"count early or late", [there = strokesAt(e, at), size](const Finding& f) {
                       return isDirected(f, FindingKind::Early, FindingKind::Late, size) && isOneOf(f.stroke, there);
                   }};
}

std::optional<Planted> plantLevel(Character& c, const Exercise& e, Random& random) {
    const Stroke& stroke = anyStroke(e, random);
    const auto alike = std::count_if(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s) {
        return s.voice == stroke.voice && s.level == stroke.level;
    });
    const auto together =
        std::count_if(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s) { return s.at == stroke.at; });
    if (alike < 3 || together > 1) return std::nullopt;
    const double size = either(random, random.uniform(8, 13));
    c.habits.push_back({stroke.at, {}, stroke.voice, {}, 0, size, 0.8});
    return Planted{"count loud or soft", [there = strokesAt(e, stroke.at), size](const Finding& f) {
                       return isDirected(f, FindingKind::Soft, FindingKind::Loud, size) && isOneOf(f.stroke, there);
                   }};
}

std::optional<Planted> plantHand(Character& c, const Exercise& e, Random& random) {
    if (!has(e, Limb::LeftHand) || !has(e, Limb::RightHand) || e.strokes.front().voice != e.strokes.back().voice)
        return std::nullopt;
    const double size = either(random, random.uniform(13, 20));
    c.habits.push_back({{}, Limb::LeftHand, {}, {}, size, 0, 1});
    return Planted{"hand early or late", [size](const Finding& f) {
                       const bool left = f.limb == Limb::LeftHand && f.figure.value * size > 0;
                       return f.kind == FindingKind::HandsApart && left;
                   }};
}

std::optional<Planted> plantHandLevel(Character& c, const Exercise& e, Random& random) {
    if (!has(e, Limb::LeftHand) || !has(e, Limb::RightHand) || e.strokes.front().voice != e.strokes.back().voice)
        return std::nullopt;
    const double size = either(random, random.uniform(5, 8));
    c.habits.push_back({{}, Limb::LeftHand, {}, {}, 0, size, 1});
    return Planted{"hand loud or soft", [size](const Finding& f) {
                       return isDirected(f, FindingKind::Soft, FindingKind::Loud, size) && !f.stroke &&
                              f.limb == Limb::LeftHand;
                   }};
}

std::optional<Planted> plantVoice(Character& c, const Exercise& e, Random& random) {
    const Voice voice = anyStroke(e, random).voice;
    const auto own =
        std::count_if(e.strokes.begin(), e.strokes.end(), [voice](const Stroke& s) { return s.voice == voice; });
    const auto others = static_cast<std::ptrdiff_t>(e.strokes.size()) - own;
    if (own < 2 || others < own) return std::nullopt;
    const double size = random.uniform(16, 24);
    c.habits.push_back({{}, {}, voice, {}, size, 0, 1});
    return Planted{"voice late", [voice](const Finding& f) {
                       const bool it = f.voice == voice ? f.figure.value > 0 : f.figure.value < 0;
                       return (f.kind == FindingKind::HandsApart || f.kind == FindingKind::Unison) && it;
                   }};
}

std::optional<Planted> plantDrift(Character& c, const Exercise& e, Random& random) {
    const double size = either(random, random.uniform(3.2, 4.5));
    c.driftMsPerMin = size * 60 / barDurationS(e, Bpm(100));
    return Planted{"drift",
                   [size](const Finding& f) { return f.kind == FindingKind::Drift && f.figure.value * size > 0; }};
}

std::optional<Planted> plantMissing(Character&, const Exercise& e, Random& random) {
    const int stroke = random.below(static_cast<int>(e.strokes.size()));
    if (strokesAt(e, e.strokes[static_cast<std::size_t>(stroke)].at).size() > 1) return std::nullopt;
    return Planted{"count missing",
                   [stroke](const Finding& f) { return f.kind == FindingKind::Missed && f.stroke == stroke; }, stroke};
}

std::optional<Planted> plantSwing(Character& c, const Exercise& e, Random& random) {
    if (!e.feel.isSwung()) return std::nullopt;
    const double size = either(random, random.uniform(0.4, 0.6));
    c.swingRatio = feelAt(e.feel, 100).ratio + size;
    return Planted{"swing", [](const Finding& f) { return f.kind == FindingKind::Swing; }};
}

std::optional<Planted> plantChange(Character& c, const Exercise& e, Random& random) {
    if (e.id != changingSubdivision().id) return std::nullopt;
    const double size = either(random, random.uniform(30, 40));
    for (int part = 1; part < 6; ++part)
        c.habits.push_back({Beats(2) + Beats(part, 3), {}, {}, {}, size * std::min(1.0, part / 3.0), 0, 1});
    return Planted{"beat at a change", [size](const Finding& f) {
                       return f.kind == FindingKind::Subdivision && f.figure.value * size > 0;
                   }};
}

std::optional<Planted> plantGrace(Character& c, const Exercise& e, Random& random) {
    const auto isFlam = [](const Stroke& s) { return s.ornament == Ornament::Flam; };
    if (std::none_of(e.strokes.begin(), e.strokes.end(), isFlam)) return std::nullopt;
    if (random.uniform() < 0.5)
        c.graceMs = 58;
    else
        c.graceSpreadMs = 14;
    return Planted{"grace notes", [](const Finding& f) { return f.kind == FindingKind::Grace; }};
}

}  // namespace

const std::vector<Planter>& planters() {
    static const std::vector<Planter> all{plantCount, plantLevel, plantHand,   plantHandLevel, plantVoice,
                                          plantDrift, plantSwing, plantChange, plantGrace,     plantMissing};
    return all;
}

}  // namespace upbeat::bench
