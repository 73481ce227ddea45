#include "upbeat/field/field_data.h"

#include <algorithm>
#include <map>

#include "upbeat/music/bars.h"
#include "upbeat/music/dynamics.h"

namespace upbeat {

namespace {

double placeIn(const Exercise& e, const Beats& at) {
    return at.toDouble() / e.length().toDouble();
}

LevelReference referenceOf(const MatchedTake& take) {
    LevelReference reference;
    for (const MatchedStroke& s : take.strokes)
        if (s.written.role == Role::Main && (!s.shared || s.carries)) reference.add(take.exercise, s.stroke, s.levelDb);
    return reference;
}

/// By hit, the stroke that is drawn for it: of several in one sound the loudest written, of equals the first.
std::map<int, int> carriersOf(const MatchedTake& take) {
    std::map<int, int> carriers;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        const auto [entry, isFirst] = carriers.try_emplace(s.hit, s.written.stroke);
        if (isFirst) continue;
        const Stroke& drawn = take.exercise.strokes[static_cast<std::size_t>(entry->second)];
        if (s.stroke.level > drawn.level) entry->second = s.written.stroke;
    }
    return carriers;
}

FieldMark markOf(const MatchedTake& take, const MatchedStroke& s, const std::vector<int>& slots,
                 const std::map<int, int>& carriers, const LevelReference& reference) {
    FieldMark mark;
    mark.stroke = s.written.stroke;
    mark.place = placeIn(take.exercise, s.stroke.at);
    mark.slot = slots[static_cast<std::size_t>(s.written.stroke)];
    if (const int carrier = carriers.at(s.hit); carrier != s.written.stroke) mark.joins = carrier;
    mark.offsetMs = s.offsetMs;
    mark.askedMs = s.askedMs;
    mark.leanMs = s.offsetMs + s.askedMs;
    mark.relativeDb = s.levelDb - reference.of(s.stroke.voice);
    mark.targetDb = targetDb(take.exercise, s.stroke);
    mark.limb = s.stroke.limb;
    mark.timeS = take.hits[static_cast<std::size_t>(s.hit)].timeS;
    return mark;
}

/// A hit that plays no written stroke.
void addUnwritten(FieldData& field, const MatchedTake& take, const Hit& hit, FieldMark::Kind kind,
                  const LevelReference& reference) {
    const double pass = passDurationS(take.exercise, Bpm(take.tempoBpm));
    const double since = hit.timeS - take.firstBeatS - take.latencyS;
    const auto row = static_cast<std::ptrdiff_t>(since / pass);
    if (since < 0 || row >= static_cast<std::ptrdiff_t>(field.rows.size())) return;
    FieldMark mark;
    mark.kind = kind;
    mark.place = placeAt(take.exercise, Bpm(take.tempoBpm), since - static_cast<double>(row) * pass);
    mark.relativeDb = hit.levelDb - reference.of(take.exercise.strokes.front().voice);
    mark.timeS = hit.timeS;
    field.rows[static_cast<std::size_t>(row)].push_back(mark);
}

/// What the passes say of one stroke.
struct PlayedOften {
    double relativeDb = 0;  ///< Summed.
    double askedMs = 0;     ///< Summed.
    int marks = 0;
    int joined = 0;
    std::optional<int> other{};  ///< Whose sound it shared.

    [[nodiscard]] std::optional<int> mostlyJoins() const { return 2 * joined > marks ? other : std::nullopt; }
};

std::map<int, PlayedOften> playedIn(const FieldData& field) {
    std::map<int, PlayedOften> played;
    for (const auto& row : field.rows)
        for (const FieldMark& mark : row) {
            if (mark.kind != FieldMark::Kind::Played) continue;
            PlayedOften& often = played[mark.stroke];
            often.relativeDb += mark.relativeDb;
            often.askedMs += mark.askedMs;
            ++often.marks;
            if (mark.joins) ++often.joined, often.other = mark.joins;
        }
    return played;
}

void addAverages(FieldData& field, const TakeAnalysis& a) {
    const double placement = a.measures.timing.centreMs;
    auto played = playedIn(field);
    for (const CountHabit& habit : a.measures.timing.habits) {
        const auto index = static_cast<std::size_t>(habit.stroke);
        const Stroke& stroke = a.matched.exercise.strokes[index];
        const PlayedOften& often = played[habit.stroke];
        const Figure& f = habit.offsetMs;
        const double asked = often.marks > 0 ? often.askedMs / often.marks : 0;
        const double zero = placement + asked;
        field.averages.push_back(
            {habit.stroke,
             field.strokePlaces[index],
             field.strokeSlots[index],
             {f.value + zero, f.low + zero, f.high + zero, f.n},
             often.marks > 0 ? often.relativeDb / often.marks : targetDb(a.matched.exercise, stroke),
             targetDb(a.matched.exercise, stroke),
             stroke.limb,
             asked,
             often.mostlyJoins()});
    }
}

}  // namespace

std::vector<FieldGap> gapsOf(const Exercise& exercise, const TakeFrame& frame) {
    const double passS = passDurationS(exercise, Bpm(frame.tempoBpm));
    const int passes = (frame.bars + exercise.bars - 1) / exercise.bars;
    std::vector<FieldGap> gaps;
    for (const DamagedSpan& span : frame.damaged)
        for (int pass = 0; pass < passes; ++pass) {
            const double start = frame.firstBeatS + frame.latencyS + pass * passS;
            const auto at = [&](double timeS) { return placeAt(exercise, Bpm(frame.tempoBpm), timeS - start); };
            const double from = std::max(0.0, at(span.fromS));
            const double to = std::min(1.0, at(span.toS));
            if (from < to) gaps.push_back({static_cast<std::size_t>(pass), from, to});
        }
    return gaps;
}

std::size_t FieldData::markCount() const {
    std::size_t count = 0;
    for (const auto& row : rows) count += row.size();
    return count;
}

double FieldData::placeOfBar(int bar) const {
    return barPlaces[static_cast<std::size_t>(std::clamp(bar, 0, static_cast<int>(barPlaces.size()) - 1))];
}

int FieldData::barAt(double place) const {
    constexpr double kHair = 1e-9;
    const auto after = std::upper_bound(barPlaces.begin(), barPlaces.end() - 1, place + kHair);
    return std::max(0, static_cast<int>(after - barPlaces.begin()) - 1);
}

std::vector<int> slotsOf(const Exercise& e) {
    std::vector<int> slots(e.strokes.size(), 0);
    for (std::size_t i = 0; i < slots.size();) {
        std::size_t end = i;
        while (end < slots.size() && e.strokes[end].at == e.strokes[i].at) ++end;
        const auto together = static_cast<int>(end - i);
        for (std::size_t k = i; k < end; ++k)
            slots[k] = together == 1 ? 0 : 2 * static_cast<int>(k - i) - (together - 1);
        i = end;
    }
    return slots;
}

FieldData fieldOf(const Exercise& e) {
    FieldData field;
    field.barPlaces.clear();
    for (int bar = 1; bar <= e.bars + 1; ++bar) field.barPlaces.push_back(placeIn(e, barOf(e, bar).start));
    for (const CountColumn& column : countColumns(e))
        field.columns.push_back({placeIn(e, column.at), column.word, column.onBeat, column.onBar});
    for (const Stroke& stroke : e.strokes) {
        field.hands.emplace_back(handLetter(stroke.limb));
        field.strokePlaces.push_back(placeIn(e, stroke.at));
    }
    field.strokeSlots = slotsOf(e);
    return field;
}

FieldData fieldOf(const TakeAnalysis& a) {
    const MatchedTake& take = a.matched;
    FieldData field = fieldOf(take.exercise);
    field.rows.resize(static_cast<std::size_t>(std::max(take.passes, 0)));
    const LevelReference reference = referenceOf(take);
    const auto carriers = carriersOf(take);
    for (const MatchedStroke& s : take.strokes)
        if (s.written.role == Role::Main)
            field.rows[static_cast<std::size_t>(s.written.pass - 1)].push_back(
                markOf(take, s, field.strokeSlots, carriers, reference));
    for (const WrittenStroke& w : take.missed) {
        const Stroke& stroke = take.exercise.strokes[static_cast<std::size_t>(w.stroke)];
        FieldMark mark;
        mark.kind = FieldMark::Kind::Missed;
        mark.stroke = w.stroke;
        mark.place = placeIn(take.exercise, stroke.at);
        mark.slot = field.strokeSlots[static_cast<std::size_t>(w.stroke)];
        mark.targetDb = targetDb(take.exercise, stroke);
        mark.limb = stroke.limb;
        mark.timeS = take.firstBeatS + take.latencyS + w.gridS;
        field.rows[static_cast<std::size_t>(w.pass - 1)].push_back(mark);
    }
    for (const int index : take.extra)
        addUnwritten(field, take, take.hits[static_cast<std::size_t>(index)], FieldMark::Kind::Extra, reference);
    for (const Hit& hit : take.pale) addUnwritten(field, take, hit, FieldMark::Kind::Pale, reference);
    for (auto& row : field.rows)
        std::stable_sort(row.begin(), row.end(),
                         [](const FieldMark& x, const FieldMark& y) { return x.place < y.place; });
    addAverages(field, a);
    return field;
}

}  // namespace upbeat
