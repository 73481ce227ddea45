#include "strokes/lens.h"

#include <algorithm>
#include <array>
#include <map>
#include <optional>
#include "theme/words.h"

namespace upbeat {

namespace {

template <class Change>
void forEachMark(FieldData& field, Change change) {
    for (auto& row : field.rows)
        for (FieldMark& mark : row) change(mark);
}

const Stroke& strokeOf(const TakeAnalysis& a, const FieldMark& mark) {
    return a.matched.exercise.strokes[static_cast<std::size_t>(mark.stroke)];
}

/// Median of the shown levels per written level: what the player's own classes are.
std::array<std::optional<double>, 3> ownLevels(const FieldData& field, const TakeAnalysis& a) {
    std::array<std::vector<double>, 3> levels;
    for (const auto& row : field.rows)
        for (const FieldMark& mark : row)
            if (mark.kind == FieldMark::Kind::Played)
                levels[static_cast<std::size_t>(strokeOf(a, mark).level)].push_back(mark.relativeDb);
    std::array<std::optional<double>, 3> medians;
    for (std::size_t c = 0; c < levels.size(); ++c)
        if (!levels[c].empty()) medians[c] = median(levels[c]);
    return medians;
}

FieldData balance(const TakeAnalysis& a) {
    FieldData field = fieldOf(a);
    const auto own = ownLevels(field, a);
    const auto classOf = [&](double db, Level written) {
        Level nearest = written;
        for (const Level level : {Level::Ghost, Level::Tap, Level::Accent}) {
            const auto& there = own[static_cast<std::size_t>(level)];
            const auto& here = own[static_cast<std::size_t>(nearest)];
            if (there && here && std::abs(db - *there) < std::abs(db - *here)) nearest = level;
        }
        return nearest;
    };
    forEachMark(field, [&](FieldMark& mark) {
        mark.leanMs = mark.askedMs = 0;
        if (mark.kind != FieldMark::Kind::Played) return;
        const Level written = strokeOf(a, mark).level;
        mark.targetDb = own[static_cast<std::size_t>(written)].value_or(mark.targetDb);
        mark.faded = classOf(mark.relativeDb, written) == written;
    });
    for (FieldAverage& average : field.averages) {
        average.offsetMs = {0, 0, 0, average.offsetMs.n};
        average.askedMs = 0;
        const Level written = a.matched.exercise.strokes[static_cast<std::size_t>(average.stroke)].level;
        average.targetDb = own[static_cast<std::size_t>(written)].value_or(average.targetDb);
    }
    return field;
}

FieldData swing(const TakeAnalysis& a) {
    const MatchedTake& take = a.matched;
    const Exercise& e = take.exercise;
    const Beats span = swungSpan(e.feel.level);
    const double target = offbeatPercent(a.measures.swing ? a.measures.swing->targetRatio : 1.0) / 100;
    std::map<Beats, double> onsets;
    const auto positionOf = [&](const FieldMark& mark, std::size_t row) {
        return strokeOf(a, mark).at + e.length() * static_cast<std::int64_t>(row);
    };
    FieldData field = fieldOf(a);
    for (std::size_t row = 0; row < field.rows.size(); ++row)
        for (const FieldMark& mark : field.rows[row])
            if (mark.kind == FieldMark::Kind::Played) onsets.emplace(positionOf(mark, row), mark.timeS);
    std::map<int, std::vector<double>> byStroke;
    for (std::size_t row = 0; row < field.rows.size(); ++row) {
        for (FieldMark& mark : field.rows[row]) {
            mark.faded = true;
            mark.leanMs = mark.askedMs = 0;
            if (mark.kind != FieldMark::Kind::Played) continue;
            const Beats at = positionOf(mark, row);
            const auto before = onsets.find(at - span / 2);
            const auto after = onsets.find(at + span / 2);
            const bool offbeat = wrapped(at, span) == span / 2;
            if (!offbeat || before == onsets.end() || after == onsets.end()) continue;
            mark.faded = false;
            mark.leanMs = 1e3 * (mark.timeS - before->second - target * (after->second - before->second));
            byStroke[mark.stroke].push_back(mark.leanMs);
        }
    }
    std::erase_if(field.averages, [&](const FieldAverage& average) { return byStroke.count(average.stroke) == 0; });
    for (FieldAverage& average : field.averages) {
        average.offsetMs = medianFigure(byStroke[average.stroke]).value_or(average.offsetMs);
        average.askedMs = 0;
    }
    return field;
}

FieldData ornaments(const TakeAnalysis& a) {
    FieldData field = fieldOf(a);
    const auto hasGrace = [&](int stroke) {
        return stroke >= 0 && graceNotes(a.matched.exercise.strokes[static_cast<std::size_t>(stroke)].ornament) > 0;
    };
    std::map<std::pair<int, int>, const MatchedStroke*> mains;
    for (const MatchedStroke& s : a.matched.strokes)
        if (s.written.role == Role::Main) mains[{s.written.pass, s.written.stroke}] = &s;
    std::vector<std::pair<std::size_t, FieldMark>> graces;
    for (const MatchedStroke& grace : a.matched.strokes) {
        const auto main = mains.find({grace.written.pass, grace.written.stroke});
        if (grace.written.role != Role::Grace || main == mains.end()) continue;
        const auto row = static_cast<std::size_t>(grace.written.pass - 1);
        const auto shown = std::find_if(field.rows[row].begin(), field.rows[row].end(), [&](const FieldMark& mark) {
            return mark.kind == FieldMark::Kind::Played && mark.stroke == grace.written.stroke;
        });
        if (shown == field.rows[row].end()) continue;
        FieldMark mark = *shown;
        mark.timeS = a.matched.hits[static_cast<std::size_t>(grace.hit)].timeS;
        mark.aheadMs = 1e3 * (shown->timeS - mark.timeS);
        mark.relativeDb += grace.levelDb - main->second->levelDb;
        mark.leanMs = mark.askedMs = 0;
        graces.emplace_back(row, mark);
    }
    forEachMark(field, [&](FieldMark& mark) { mark.faded = !hasGrace(mark.stroke), mark.leanMs = mark.askedMs = 0; });
    for (auto& [row, mark] : graces) field.rows[row].push_back(mark);
    return field;
}

}  // namespace

std::vector<Lens> lensesFor(const TakeAnalysis& a) {
    std::vector<Lens> lenses{Lens::Timing, Lens::Balance};
    if (a.matched.exercise.feel.isSwung()) lenses.push_back(Lens::Swing);
    if (a.measures.ornaments) lenses.push_back(Lens::Ornaments);
    return lenses;
}

QString lensName(Lens lens) {
    switch (lens) {
        case Lens::Timing:
            return inWords(UPBEAT_TEXT("Timing"));
        case Lens::Balance:
            return inWords(UPBEAT_TEXT("Balance"));
        case Lens::Swing:
            return inWords(UPBEAT_TEXT("Swing"));
        case Lens::Ornaments:
            return inWords(UPBEAT_TEXT("Ornaments"));
    }
    return {};
}

QString lensHint(Lens lens) {
    switch (lens) {
        case Lens::Timing:
            return inWords(UPBEAT_TEXT("left: early, right: late"));
        case Lens::Balance:
            return inWords(UPBEAT_TEXT("in front: strokes out of their own level"));
        case Lens::Swing:
            return inWords(UPBEAT_TEXT("off-beats against their place between the beats"));
        case Lens::Ornaments:
            return inWords(UPBEAT_TEXT("grace notes at their distance before the stroke"));
    }
    return {};
}

FieldData fieldThrough(Lens lens, const TakeAnalysis& analysis) {
    switch (lens) {
        case Lens::Timing:
            return fieldOf(analysis);
        case Lens::Balance:
            return balance(analysis);
        case Lens::Swing:
            return swing(analysis);
        case Lens::Ornaments:
            return ornaments(analysis);
    }
    return fieldOf(analysis);
}

}  // namespace upbeat
