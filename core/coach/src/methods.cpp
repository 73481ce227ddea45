#include "upbeat/coach/methods.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

struct MethodText {
    std::string_view name;
    std::string_view spoken;
    std::string_view how;
};

constexpr std::array<MethodText, kMethodCount> kTexts{{
    {"slow-whole", "Slow, the whole", "All of it from 60 percent up: nothing is left out, there is only more time."},
    {"limbs-apart", "Limbs apart", "Every hand and foot alone, then in pairs, then all of them."},
    {"chunks", "Pieces and joins", "One beat at a time with a rest behind it, then neighbours joined, then the whole."},
    {"grow", "Grow from the start", "The first notes, the rest counted; when it is easy a little more."},
    {"singles-doubles", "Singles and doubles",
     "The same grid in singles and in doubles, changing over without a bump."},
    {"half-full", "Half speed, full speed", "Each bar at half speed, then at full speed, then all bars joined."},
    {"isolate", "One spot", "The spot with a bar of rest, then round and round, then inside its bar."},
    {"context", "In context", "The groove, the phrase, and the groove again, as it will be played."},
    {"keep-grow", "Keep and grow", "The limbs that repeat keep on; the others are added a few notes at a time."},
    {"easier", "Easier versions",
     "Less of everything first: no ornaments, no ghosts, beats on the cymbal; then back to the full page."},
}};

constexpr std::size_t kUsefulStages = 2;

class Stages {
  public:
    Stages(const Exercise& whole, Method method) : m_whole(whole), m_method(method) {}

    /// A stage without strokes or equal to the one before is none.
    void add(const std::string& what, Exercise exercise, double tempoFactor = 1) {
        exercise = inOrder(std::move(exercise));
        if (exercise.strokes.empty() || m_list.size() >= kMostStages) return;
        if (!m_list.empty() && m_list.back().exercise.strokes == exercise.strokes &&
            metersOf(m_list.back().exercise) == metersOf(exercise) && m_list.back().tempoFactor == tempoFactor)
            return;
        exercise.id = fmt::format("{}~{}.{}", m_whole.id, toName(m_method), m_list.size() + 1);
        exercise.title = fmt::format("{}: {}", m_whole.title, what);
        exercise.trains = explain(m_method);
        m_list.push_back({what, std::move(exercise), tempoFactor});
    }
    void addWhole() {
        const auto count = m_list.size();
        add("as written", m_whole);
        // The stage before was the whole already.
        if (m_list.size() == count && count > 0) {
            m_list.pop_back();
            add("as written", m_whole);
        }
    }
    [[nodiscard]] std::vector<PracticeStage> take() { return std::move(m_list); }

  private:
    const Exercise& m_whole;
    Method m_method;
    std::vector<PracticeStage> m_list;
};

template <class Keep>
Exercise onlyStrokes(Exercise e, Keep keep) {
    std::erase_if(e.strokes, [&keep](const Stroke& s) { return !keep(s); });
    e.swells.clear();
    return e;
}

std::vector<Limb> limbsOf(const Exercise& e) {
    std::vector<Limb> limbs;
    const auto work = workOfLimbs(e);
    for (std::size_t i = 0; i < work.size(); ++i)
        if (work[i] > 0) limbs.push_back(static_cast<Limb>(i));
    return limbs;
}

/// Distinct written places, in order.
std::vector<Beats> placesOf(const Exercise& e) {
    std::vector<Beats> places;
    for (const Stroke& s : e.strokes)
        if (places.empty() || places.back() != s.at) places.push_back(s.at);
    return places;
}

void slowWhole(Stages& stages, const Exercise& e) {
    for (const int percent : {60, 70, 80, 90})
        stages.add(fmt::format("{} percent of the tempo", percent), e, percent / 100.0);
    stages.addWhole();
}

void limbsApart(Stages& stages, const Exercise& e) {
    const auto limbs = limbsOf(e);
    const auto count = static_cast<unsigned>(limbs.size());
    if (count < 2) return;
    for (int size = 1; size < static_cast<int>(count); ++size)
        for (unsigned set = 1; set < (1U << count); ++set) {
            if (__builtin_popcount(set) != size) continue;
            std::vector<std::string_view> names;
            std::vector<Limb> kept;
            for (unsigned i = 0; i < count; ++i)
                if ((set & (1U << i)) != 0) kept.push_back(limbs[i]), names.push_back(spokenName(limbs[i]));
            stages.add(fmt::format("{}", fmt::join(names, " and ")), onlyStrokes(e, [&kept](const Stroke& s) {
                           return std::find(kept.begin(), kept.end(), s.limb) != kept.end();
                       }));
        }
    stages.addWhole();
}

/// Strokes in [from, to) and the stroke that lands on `to`.
Exercise chunkOf(const Exercise& e, const Beats& from, const Beats& to) {
    const Beats landing = wrapped(to, e.length());
    return onlyStrokes(e, [&](const Stroke& s) { return (!(s.at < from) && s.at < to) || s.at == landing; });
}

void chunks(Stages& stages, const Exercise& e) {
    constexpr std::size_t kMostPieces = 8;
    const auto beats = beatsOf(e);
    const std::size_t size = (beats.size() + kMostPieces - 1) / kMostPieces;
    for (std::size_t pieces = 1; pieces * size < beats.size(); pieces *= 2)
        for (std::size_t from = 0; from < beats.size(); from += pieces * size) {
            const std::size_t to = std::min(beats.size(), from + pieces * size);
            const CountedBeat& first = beats[from];
            stages.add(
                fmt::format("{} from beat {}{}", to - from == 1 ? "one beat" : fmt::format("{} beats", to - from),
                            first.number, e.bars > 1 ? fmt::format(" of bar {}", first.bar) : ""),
                chunkOf(e, first.start, beats[to - 1].end()));
        }
    stages.addWhole();
}

/// Strokes of `fixed` always, the others place by place.
template <class IsFixed>
void growing(Stages& stages, const Exercise& e, IsFixed isFixed) {
    constexpr std::size_t kMostSteps = 12;
    const auto places = placesOf(onlyStrokes(e, [&](const Stroke& s) { return !isFixed(s); }));
    const std::size_t step = (places.size() + kMostSteps - 1) / kMostSteps;
    for (std::size_t count = std::max<std::size_t>(step, 2); count < places.size(); count += step)
        stages.add(fmt::format("the first {} notes", count),
                   onlyStrokes(e, [&](const Stroke& s) { return isFixed(s) || s.at < places[count]; }));
}

void grow(Stages& stages, const Exercise& e) {
    growing(stages, e, [](const Stroke&) { return false; });
    stages.addWhole();
}

/// Feet keep on where both hands and feet play; among hands alone the busier one does.
void keepAndGrow(Stages& stages, const Exercise& e) {
    const auto work = workOfLimbs(e);
    const int hands = work[0] + work[1];
    const int feet = work[2] + work[3];
    if (hands == 0 || (feet == 0 && (work[0] == 0 || work[1] == 0))) return;
    const Limb busier = work[0] >= work[1] ? Limb::RightHand : Limb::LeftHand;
    const auto isKept = [&](const Stroke& s) { return feet > 0 ? !isHand(s.limb) : s.limb == busier; };
    stages.add("what keeps on", onlyStrokes(e, isKept));
    growing(stages, e, isKept);
    stages.addWhole();
}

/// A bar of the exercise's own grid: singles, or doubles, hand to hand.
Exercise gridBar(const Exercise& e, const Beats& step, const std::vector<bool>& doubledHalf) {
    Exercise grid = e;
    grid.strokes.clear();
    grid.swells.clear();
    grid.freeSpans.clear();
    const Beats half = e.meter.barLength() / 2;
    setMeters(grid, std::vector(std::max<std::size_t>(1, doubledHalf.size() / 2), e.meter));
    int index = 0;
    for (Beats at(0); at < grid.length(); at = at + step, ++index) {
        const auto part = static_cast<std::size_t>(wholeTimes(at, half));
        const bool right = doubledHalf[std::min(part, doubledHalf.size() - 1)] ? index / 2 % 2 == 0 : index % 2 == 0;
        grid.strokes.push_back({at, e.strokes.front().voice, right ? Limb::RightHand : Limb::LeftHand});
    }
    return grid;
}

void singlesDoubles(Stages& stages, const Exercise& e) {
    const bool handsOnly = std::all_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s) {
        return isHand(s.limb) && s.voice == e.strokes.front().voice;
    });
    const Beats step = shortestStep(e);
    const Beats steps = ratio(e.meter.barLength(), step);
    if (!handsOnly || steps.denominator() != 1 || steps.numerator() % 4 != 0) return;
    stages.add("singles", gridBar(e, step, {false, false}));
    stages.add("doubles", gridBar(e, step, {true, true}));
    stages.add("a bar of each", gridBar(e, step, {false, false, true, true}));
    stages.add("half a bar of each", gridBar(e, step, {false, true}));
    stages.addWhole();
}

/// A phrase of one bar over two.
Exercise atHalfSpeed(Exercise bar) {
    for (Stroke& s : bar.strokes) s.at = s.at * 2;
    for (Swell& s : bar.swells) s.from = s.from * 2, s.to = s.to * 2;
    for (FreeSpan& s : bar.freeSpans) s.from = s.from * 2, s.to = s.to * 2;
    setMeters(bar, {bar.meter, bar.meter});
    return bar;
}

void halfThenFull(Stages& stages, const Exercise& e) {
    for (int bar = 1; bar <= e.bars; ++bar) {
        const std::string which = e.bars > 1 ? fmt::format("bar {}", bar) : "the bar";
        stages.add(which + " at half speed", atHalfSpeed(barsOf(e, bar, bar)));
        stages.add(which + " at full speed", barsOf(e, bar, bar));
        if (bar > 1 && bar < e.bars) stages.add(fmt::format("bars 1 to {}", bar), barsOf(e, 1, bar));
    }
    stages.addWhole();
}

void isolateSpan(Stages& stages, const Exercise& e, const Span& span) {
    Exercise drill = drillFor(e, span);
    Exercise rested = drill;
    rested.bars = 2;
    stages.add("the spot and a bar of rest", rested);
    stages.add("the spot, round and round", drill);
    stages.add("its bar", barsOf(e, span.bar, span.bar));
    stages.addWhole();
}

/// Groove bars before and after: those of the phrase itself, or beats of the busiest hand where it is one bar long.
void context(Stages& stages, const Exercise& e) {
    Exercise groove = barsOf(e, 1, std::max(1, e.bars - 1));
    const Exercise last = barsOf(e, e.bars, e.bars);
    if (e.bars == 1) {
        std::erase_if(groove.strokes, [&](const Stroke& s) { return !isOnBeat(e, s.at); });
        for (Stroke& s : groove.strokes) s.ornament = Ornament::None;
        groove.freeSpans.clear();
        groove.swells.clear();
    }
    const int before = groove.bars;
    const auto form = [&](int times) {
        const std::array<FormPart, 2> sections{{{groove, times}, {last, 1}}};
        return formOf(e, sections);
    };
    stages.add("the bar alone", last);
    for (const int bars : {1, 3, 7}) {
        const auto whole = form(std::max(1, bars / before));
        if (whole && whole->bars <= 8)
            stages.add(fmt::format("{} of groove, then the bar",
                                   whole->bars == 2 ? "a bar" : fmt::format("{} bars", whole->bars - 1)),
                       *whole);
    }
    stages.addWhole();
}

void easier(Stages& stages, const Exercise& e) {
    const auto versions = easierVersions(e);
    for (auto version = versions.rbegin(); version != versions.rend(); ++version)
        stages.add(version->what, version->exercise);
    if (!versions.empty()) stages.addWhole();
}

}  // namespace

std::string_view toName(Method method) {
    return kTexts.at(static_cast<std::size_t>(method)).name;
}
std::string_view spokenName(Method method) {
    return kTexts.at(static_cast<std::size_t>(method)).spoken;
}
std::string_view explain(Method method) {
    return kTexts.at(static_cast<std::size_t>(method)).how;
}
std::optional<Method> methodFromName(std::string_view name) {
    const auto found =
        std::find_if(kTexts.begin(), kTexts.end(), [name](const MethodText& t) { return t.name == name; });
    if (found == kTexts.end()) return std::nullopt;
    return static_cast<Method>(found - kTexts.begin());
}

std::vector<PracticeStage> stagesOf(const Exercise& exercise, Method method, const Span& span) {
    Stages stages(exercise, method);
    if (exercise.strokes.empty()) return {};
    switch (method) {
        case Method::SlowWhole:
            slowWhole(stages, exercise);
            break;
        case Method::LimbsApart:
            limbsApart(stages, exercise);
            break;
        case Method::Chunks:
            chunks(stages, exercise);
            break;
        case Method::Grow:
            grow(stages, exercise);
            break;
        case Method::SinglesDoubles:
            singlesDoubles(stages, exercise);
            break;
        case Method::HalfThenFull:
            halfThenFull(stages, exercise);
            break;
        case Method::IsolateSpan:
            isolateSpan(stages, exercise, span);
            break;
        case Method::Context:
            context(stages, exercise);
            break;
        case Method::KeepAndGrow:
            keepAndGrow(stages, exercise);
            break;
        case Method::Easier:
            easier(stages, exercise);
            break;
    }
    return stages.take();
}

std::vector<PracticeStage> combined(const Exercise& exercise, Method outer, Method inner) {
    std::vector<PracticeStage> all;
    const std::string name = fmt::format("{}+{}", toName(outer), toName(inner));
    for (const PracticeStage& stage : stagesOf(exercise, outer)) {
        auto parts = stagesOf(stage.exercise, inner);
        if (parts.size() < kUsefulStages) parts = {stage};
        for (PracticeStage& part : parts) {
            // However many parts there are, the last is the whole.
            if (all.size() == kMostStages) all.pop_back();
            const bool isWhole = &part == &parts.back();
            part.what = isWhole ? stage.what : fmt::format("{}: {}", stage.what, part.what);
            part.tempoFactor *= isWhole && parts.size() == 1 ? 1.0 : stage.tempoFactor;
            part.exercise.id = fmt::format("{}~{}.{}", exercise.id, name, all.size() + 1);
            part.exercise.title = fmt::format("{}: {}", exercise.title, part.what);
            all.push_back(std::move(part));
        }
    }
    return all;
}

std::vector<Method> methodsFor(const Exercise& exercise) {
    std::vector<Method> useful;
    for (int m = 0; m < kMethodCount; ++m)
        if (stagesOf(exercise, static_cast<Method>(m)).size() >= kUsefulStages)
            useful.push_back(static_cast<Method>(m));
    return useful;
}

int stageAfter(int now, int count, Action action, bool goalReached) {
    if (action == Action::Up || goalReached) return std::min(now + 1, count);
    if (action == Action::Back || action == Action::Easier) return std::max(0, now - 1);
    return now;
}

std::optional<Method> methodAfter(const Exercise& exercise, Method stalled) {
    const auto useful = methodsFor(exercise);
    const auto found = std::find(useful.begin(), useful.end(), stalled);
    if (useful.size() < 2) return std::nullopt;
    if (found == useful.end() || std::next(found) == useful.end()) return useful.front();
    return *std::next(found);
}

}  // namespace upbeat
