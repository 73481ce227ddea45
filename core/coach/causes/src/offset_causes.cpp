#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "rows.h"
#include "upbeat/measure/doubles.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/page.h"
#include "upbeat/music/written_swing.h"

namespace upbeat {

namespace {

double beatsFrom(const Beats& from, const Beats& to, const Beats& length) {
    return wrapped(to - from + length, length).toDouble();
}

/// Strokes that stand inside a span that is divided long-short.
std::vector<double> offbeats(const MatchedTake& take) {
    const Exercise& e = take.exercise;
    std::vector<double> of(e.strokes.size());
    const auto written = writtenSwing(e);
    const Feel feel = written ? *written : feelOf(e, Bpm(take.tempoBpm));
    if (!feel.isSwung()) return of;
    const Beats span = swungSpan(feel.level);
    for (std::size_t i = 0; i < of.size(); ++i) {
        const Beats inSpan = wrapped(e.strokes[i].at - barAt(e, e.strokes[i].at).start, span);
        of[i] = inSpan == span / 2 || (written && inSpan != Beats(0)) ? 1 : 0;
    }
    return of;
}

/// A beat of the phrase and how many places in it hold a stroke.
struct FilledBeat {
    CountedBeat beat;
    int places = 0;
    int first = 0;  ///< The first stroke on it.
};

std::vector<FilledBeat> filledBeats(const Exercise& e) {
    std::vector<FilledBeat> beats;
    for (const CountedBeat& beat : beatsOf(e)) beats.push_back({beat, 0, 0});
    for (std::size_t i = 0; i < e.strokes.size(); ++i) {
        if (i > 0 && e.strokes[i].at == e.strokes[i - 1].at) continue;
        FilledBeat& filled = beats[beatAt(e, e.strokes[i].at).index];
        if (filled.places++ == 0) filled.first = static_cast<int>(i);
    }
    return beats;
}

/// Where the subdivision changes: the beat grows or shrinks steadily, what follows is as much late or early, until it
/// changes again and the player is back.
void addChanges(Candidates& candidates, const Exercise& e) {
    const auto beats = filledBeats(e);
    std::vector<const FilledBeat*> changes;
    for (std::size_t b = 0; b < beats.size(); ++b) {
        const FilledBeat& before = beats[(b + beats.size() - 1) % beats.size()];
        if (before.places != beats[b].places) changes.push_back(&beats[b]);
    }
    for (std::size_t c = 0; c < changes.size(); ++c) {
        const FilledBeat& changed = *changes[c];
        const std::size_t index = changed.beat.index;
        const FilledBeat& before = beats[(index + beats.size() - 1) % beats.size()];
        if (changed.places == 0 || before.places == 0 ||
            e.strokes[static_cast<std::size_t>(changed.first)].at != changed.beat.start)
            continue;
        const Beats until = changes[(c + 1) % changes.size()]->beat.start;
        const double whole = beatsFrom(changed.beat.start, until, e.length());
        const double one = changed.beat.length.toDouble();
        std::vector<double> of;
        for (const Stroke& s : e.strokes) {
            const double since = beatsFrom(changed.beat.start, s.at, e.length());
            of.push_back(since < whole - 1e-9 ? std::min(1.0, since / one) : 0.0);
        }
        candidates.add(BeatStretches{changed.first, before.places, changed.places}, of, false);
    }
}

/// Strokes behind a beat and more without any.
std::vector<double> entries(const Exercise& e) {
    std::vector<double> of(e.strokes.size());
    const auto n = of.size();
    for (std::size_t i = 0; i < n; ++i) {
        std::size_t k = (i + n - 1) % n;
        while (k != i && e.strokes[k].at == e.strokes[i].at) k = (k + n - 1) % n;
        const double silent = beatsFrom(e.strokes[k].at, e.strokes[i].at, e.length());
        of[i] = silent >= beatAt(e, e.strokes[i].at).length.toDouble() - 1e-9 ? 1 : 0;
    }
    return of;
}

void addCounts(Candidates& candidates, const Exercise& e) {
    for (std::size_t i = 0; i < e.strokes.size(); ++i) {
        if (i > 0 && e.strokes[i].at == e.strokes[i - 1].at) continue;
        std::vector<double> of(e.strokes.size());
        std::size_t together = 0;
        for (std::size_t k = i; k < of.size() && e.strokes[k].at == e.strokes[i].at; ++k, ++together) of[k] = 1;
        candidates.add(CountLies{static_cast<int>(i)}, of, false);
        for (std::size_t k = i; together > 1 && k < i + together; ++k) {
            std::vector<double> alone(e.strokes.size());
            alone[k] = 1;
            candidates.add(StrokeLies{static_cast<int>(k)}, alone, false);
        }
    }
}

void addGroups(Candidates& candidates, const Exercise& e) {
    std::set<Voice> voices;
    std::set<Level> levels;
    std::set<std::pair<int, int>> parts;
    for (const Stroke& s : e.strokes) {
        voices.insert(s.voice);
        levels.insert(s.level);
        const PartOfBeat part = partOfBeat(e, s);
        parts.insert({part.of, part.number});
    }
    for (const Voice voice : voices)
        candidates.addThose(VoiceLies{voice}, [voice](const Stroke& s) { return s.voice == voice; });
    candidates.addThose(LimbLies{Limb::LeftHand}, [](const Stroke& s) { return s.limb == Limb::LeftHand; });
    for (const Level level : levels)
        candidates.addThose(ClassLies{level}, [level](const Stroke& s) { return s.level == level; });
    for (const auto& [of, number] : parts)
        candidates.addThose(PartLies{{number, of}}, [&e, of = of, number = number](const Stroke& s) {
            const PartOfBeat part = partOfBeat(e, s);
            return part.of == of && part.number == number;
        });
}

/// For how many bars the click has been silent; on the first stroke behind it, for all of them.
std::vector<double> barsInSilence(const MatchedTake& take, const std::vector<HeardRow>& rows) {
    constexpr double kSameS = 1e-6;
    const Bpm tempo(take.tempoBpm);
    std::vector<double> of;
    of.reserve(rows.size());
    for (const HeardRow& row : rows) {
        const double at = barsBefore(take.exercise, tempo, row.gridS + kSameS);
        const auto bar = static_cast<std::int64_t>(at);
        const bool isFirst = row.gridS - barStartS(take.exercise, tempo, static_cast<int>(bar)) < kSameS;
        if (take.silent.holds(bar))
            of.push_back(static_cast<double>(take.silent.silentAt(bar) - 1 - bar) + at);
        else
            of.push_back(isFirst && bar > 0 ? static_cast<double>(take.silent.silentAt(bar - 1)) : 0);
    }
    return of;
}

}  // namespace

Explanation explainOffsets(const MatchedTake& take) {
    const Exercise& e = take.exercise;
    const auto rows = rowsOf(take, [](const MatchedStroke&) { return true; });
    Observed observed;
    std::map<std::vector<int>, int> cells;
    std::vector<double> bars;
    const double barS = barDurationS(e, Bpm(take.tempoBpm));
    for (const HeardRow& row : rows) {
        observed.values.push_back(take.strokes[row.matched.front()].offsetMs);
        observed.cells.push_back(cells.try_emplace(row.strokes, static_cast<int>(cells.size())).first->second);
        observed.passes.push_back(row.pass);
        observed.levels.push_back(0);
        bars.push_back(row.gridS / barS);
    }
    Candidates candidates(e, rows);
    if (take.silent.off > 0) candidates.addSlow(SilenceMoves{}, barsInSilence(take, rows));
    candidates.addSlow(PulseMoves{}, bars);
    addCounts(candidates, e);
    candidates.add(OffbeatsLie{}, offbeats(take), true);
    addGroups(candidates, e);
    addChanges(candidates, e);
    candidates.add(SecondsLie{}, secondsOfDoubles(e), true);
    candidates.add(EntriesLie{}, entries(e), true);
    candidates.addSections(take.passes);
    return explanationOf(take, rows, candidates, searchCauses(observed, candidates.priced()));
}

}  // namespace upbeat
