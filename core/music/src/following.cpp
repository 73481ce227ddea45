#include "upbeat/music/following.h"

#include <algorithm>
#include <vector>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

using Sections = std::vector<Section>;

/// The nearest section before one that has the name it follows, by its index.
std::optional<std::size_t> sourceOf(const Sections& sections, std::size_t index) {
    for (std::size_t i = index; i-- > 0;)
        if (sections[i].name == sections[index].as) return i;
    return std::nullopt;
}

/// The section a bar lies in, by its index.
std::optional<std::size_t> sectionOf(const Sections& sections, int bar) {
    const auto behind = std::find_if(sections.begin(), sections.end(), [bar](const Section& s) { return s.bar > bar; });
    if (behind == sections.begin()) return std::nullopt;
    return static_cast<std::size_t>(behind - sections.begin()) - 1;
}

/// The strokes of a bar, counted from its bar line.
std::vector<Stroke> strokesOf(const Exercise& e, int number) {
    const Bar bar = barOf(e, number);
    const auto inside = strokesIn(e, bar.start, bar.end());
    std::vector<Stroke> strokes(inside.begin(), inside.end());
    for (Stroke& stroke : strokes) stroke.at = stroke.at - bar.start;
    return strokes;
}

void setStrokes(Exercise& e, int number, std::vector<Stroke> strokes) {
    const Bar bar = barOf(e, number);
    std::erase_if(e.strokes, [&bar](const Stroke& s) { return !(s.at < bar.start) && s.at < bar.end(); });
    for (Stroke& stroke : strokes) {
        stroke.at = stroke.at + bar.start;
        if (e.strokes.size() < kMostStrokes) e.strokes.push_back(stroke);
    }
    e = inOrder(std::move(e));
}

/// Whatever it followed, this bar is written by itself.
void free(Exercise& e, int bar) {
    const auto index = sectionOf(e.sections, bar);
    if (!index) return;
    auto& but = e.sections[*index].but;
    const int number = bar - e.sections[*index].bar + 1;
    const auto place = std::lower_bound(but.begin(), but.end(), number);
    if (place == but.end() || *place != number) but.insert(place, number);
}

/// Sections that follow nothing any more stand alone; what is said of bars that are gone is forgotten.
void dropDangling(Exercise& e) {
    for (std::size_t i = 0; i < e.sections.size(); ++i) {
        Section& section = e.sections[i];
        if (!sourceOf(e.sections, i)) section.as.clear();
        const int bars = lastBarOf(e, i) - section.bar + 1;
        std::erase_if(section.but, [&](int number) { return section.as.empty() || number > bars; });
    }
}

bool isBuiltAlike(const Exercise& a, const Exercise& b) {
    return a.bars == b.bars && a.sections == b.sections && a.meter == b.meter && a.meterChanges == b.meterChanges;
}

}  // namespace

bool hasFollowers(const Exercise& e) {
    return std::any_of(e.sections.begin(), e.sections.end(), [](const Section& s) { return !s.as.empty(); });
}

std::optional<int> followedBar(const Exercise& e, int bar) {
    const auto index = sectionOf(e.sections, bar);
    if (!index || bar > e.bars) return std::nullopt;
    const Section& section = e.sections[*index];
    const int number = bar - section.bar + 1;
    if (std::binary_search(section.but.begin(), section.but.end(), number)) return std::nullopt;
    const auto source = section.as.empty() ? std::nullopt : sourceOf(e.sections, *index);
    if (!source) return std::nullopt;
    const int there = e.sections[*source].bar + number - 1;
    const bool isInside = there <= lastBarOf(e, *source);
    return isInside && barOf(e, there).meter == barOf(e, bar).meter ? std::optional(there) : std::nullopt;
}

Exercise settled(Exercise e) {
    dropDangling(e);
    if (!hasFollowers(e)) return e;
    for (int bar = 1; bar <= e.bars; ++bar)
        if (const auto there = followedBar(e, bar); there && strokesOf(e, bar) != strokesOf(e, *there)) free(e, bar);
    return e;
}

Exercise followed(Exercise changed, const Exercise& before) {
    if (!isBuiltAlike(changed, before)) return settled(std::move(changed));
    if (!hasFollowers(changed)) return changed;
    for (int bar = 1; bar <= changed.bars; ++bar) {
        const auto there = followedBar(changed, bar);
        if (!there) continue;
        const auto source = strokesOf(changed, *there);
        const auto now = strokesOf(changed, bar);
        if (now == source) continue;
        if (now == strokesOf(before, bar))
            setStrokes(changed, bar, source);
        else
            free(changed, bar);
    }
    return changed;
}

Exercise followed(Exercise read) {
    for (int bar = 1; bar <= read.bars; ++bar) {
        const auto there = followedBar(read, bar);
        if (!there) continue;
        const auto source = strokesOf(read, *there);
        const auto now = strokesOf(read, bar);
        if (now.empty())
            setStrokes(read, bar, source);
        else if (now != source)
            free(read, bar);
    }
    return read;
}

Result<void> checkFollowing(const Exercise& e) {
    for (std::size_t i = 0; i < e.sections.size(); ++i) {
        const Section& section = e.sections[i];
        if (!section.as.empty() && !sourceOf(e.sections, i))
            return fail(
                Text::with(UPBEAT_TEXT("section %1 is as %2, which does not come before it"), section.name, section.as),
                {}, UPBEAT_TEXT("name an earlier section"));
        const auto& but = section.but;
        const int bars = lastBarOf(e, i) - section.bar + 1;
        const bool isInOrder = std::adjacent_find(but.begin(), but.end(), std::greater_equal<>()) == but.end();
        if (!but.empty() && (section.as.empty() || !isInOrder || but.front() < 1 || but.back() > bars))
            return fail(Text::with(UPBEAT_TEXT("section %1 has bars of its own that it does not hold"), section.name),
                        {}, UPBEAT_TEXT("count them from 1, in order, in a section that is as another"));
    }
    return {};
}

namespace {

constexpr std::string_view kAs = " as ";

Result<Exercise> asAnother(Exercise e, std::size_t index, std::string_view other) {
    Section& section = e.sections[index];
    section.as = other;
    section.but.clear();
    if (const auto good = checkFollowing(e); !good) return tl::unexpected(good.error());
    const int last = lastBarOf(e, index);
    for (int bar = section.bar; bar <= last; ++bar)
        if (const auto there = followedBar(e, bar)) setStrokes(e, bar, strokesOf(e, *there));
    return settled(std::move(e));
}

Result<Exercise> withSection(Exercise e, int bar, std::string_view name, std::string_view other) {
    auto& sections = e.sections;
    std::erase_if(sections, [bar](const Section& s) { return s.bar == bar; });
    const auto behind = std::find_if(sections.begin(), sections.end(), [bar](const Section& s) { return s.bar > bar; });
    const auto index = static_cast<std::size_t>(behind - sections.begin());
    if (!name.empty()) sections.insert(behind, {bar, std::string(name)});
    if (const auto good = checkSections(e); !good) return tl::unexpected(good.error());
    if (!other.empty()) return asAnother(std::move(e), index, other);
    return settled(std::move(e));
}

Result<Exercise> asBefore(Exercise e, int bar) {
    const auto index = sectionOf(e.sections, bar);
    if (index) std::erase(e.sections[*index].but, bar - e.sections[*index].bar + 1);
    const auto there = followedBar(e, bar);
    if (!there) return fail(UPBEAT_TEXT("this bar follows no other"), {}, UPBEAT_TEXT("say what its section is as"));
    const Exercise before = e;
    setStrokes(e, bar, strokesOf(e, *there));
    return followed(std::move(e), before);
}

}  // namespace

std::optional<Result<Exercise>> withSectionWords(const Exercise& exercise, int bar, std::string_view words) {
    constexpr std::string_view kSection = "section ";
    if (words == "no section") return withSection(exercise, bar, {}, {});
    if (words == "as before") return asBefore(exercise, bar);
    if (words.starts_with(kSection)) {
        words.remove_prefix(kSection.size());
        const auto as = words.find(kAs);
        const bool isAlone = as == std::string_view::npos;
        return withSection(exercise, bar, words.substr(0, as), isAlone ? "" : words.substr(as + kAs.size()));
    }
    const auto index = sectionOf(exercise.sections, bar);
    const bool isFree = words == "on its own";
    if (!isFree && !words.starts_with("as ")) return std::nullopt;
    if (!index) return fail(UPBEAT_TEXT("this bar lies in no section"), {}, UPBEAT_TEXT("begin one: section B"));
    Exercise e = exercise;
    if (!isFree) return asAnother(std::move(e), *index, words.substr(kAs.size() - 1));
    e.sections[*index].as.clear();
    e.sections[*index].but.clear();
    return e;
}

}  // namespace upbeat
