#include "upbeat/take/start.h"

#include <algorithm>
#include <cmath>

#include "line_fit.h"
#include "start_click.h"
#include "start_follow.h"
#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/take/analyze_take.h"
#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr double kLeastFit = 0.5;
constexpr double kSureFit = 0.78;  // right readings have 0.82 and more, pages that were not played up to 0.76
constexpr double kSureLead = 0.03;
constexpr std::size_t kMostOthers = 3;

constexpr NameTable<2> kStartNames{"click", "strokes"};

TakeFrame frameOf(const Exercise& exercise, const StartReading& reading, const std::vector<Hit>& hits) {
    TakeFrame frame;
    frame.tempoBpm = reading.tempoBpm;
    frame.firstBeatS = reading.firstBeatS;
    frame.bars = std::max(1, barsPlayed(exercise, reading.tempoBpm, reading.firstBeatS, hits));
    frame.anchor.kind = AnchorKind::None;
    return frame;
}

/// Offsets of main strokes against their place on the page, in seconds.
struct Point {
    double grid = 0;
    double late = 0;
};

struct StraightLine {
    double at = 0;
    double slope = 0;
};

/// `level`: the tempo is known, and with it the slope.
StraightLine lineThrough(const std::vector<Point>& points, bool level) {
    LineFit fit;
    for (const Point& p : points) fit.add(p.grid, p.late);
    return level ? StraightLine{fit.mean(), 0} : StraightLine{fit.at(0), fit.slope()};
}

/// A straight line through the offsets; what lies far from it does not count.
StraightLine steadyLine(std::vector<Point> points, bool level) {
    constexpr int kRounds = 3;
    constexpr double kFar = 3.0;
    StraightLine line = lineThrough(points, level);
    for (int round = 0; round < kRounds; ++round) {
        double sum = 0;
        for (const Point& p : points) sum += std::abs(p.late - line.at - line.slope * p.grid);
        const double usual = 1.25 * sum / static_cast<double>(points.size());
        std::vector<Point> near;
        std::copy_if(points.begin(), points.end(), std::back_inserter(near),
                     [&](const Point& p) { return std::abs(p.late - line.at - line.slope * p.grid) <= kFar * usual; });
        if (near.size() == points.size() || near.size() < 2) break;
        points = std::move(near);
        line = lineThrough(points, level);
    }
    return line;
}

/// Tempo and beat 1 by all strokes that the matcher finds.
StartReading fitted(const Exercise& exercise, StartReading reading, const std::vector<Hit>& hits, bool knownTempo) {
    constexpr int kRounds = 2;
    for (int round = 0; round < kRounds; ++round) {
        const MatchedTake take = matchTake(exercise, frameOf(exercise, reading, hits), hits);
        std::vector<Point> points;
        for (const MatchedStroke& s : take.strokes)
            if (s.written.role == Role::Main) points.push_back({s.written.gridS, s.offsetMs * 1e-3});
        if (points.size() < 4) return reading;
        const StraightLine line = steadyLine(std::move(points), knownTempo);
        reading.firstBeatS += line.at;
        reading.tempoBpm /= 1 + line.slope;
    }
    return reading;
}

/// What the matcher makes of a reading.
struct ReadingFit {
    double share = 0;     ///< Of what is heard and written.
    double scatterS = 0;  ///< Of the strokes about their places.
};

ReadingFit explainedBy(const Exercise& exercise, const StartReading& reading, const std::vector<Hit>& hits) {
    const MatchedTake take = matchTake(exercise, frameOf(exercise, reading, hits), hits);
    std::vector<double> offsets;
    for (const MatchedStroke& s : take.strokes)
        if (s.written.role == Role::Main) offsets.push_back(s.offsetMs * 1e-3);
    const auto main = static_cast<double>(offsets.size());
    constexpr double kMissed = 0.3;
    constexpr double kExtra = 0.8;
    double lost = static_cast<double>(take.missed.size());
    for (const Break& b : take.breaks) lost += b.strokes;
    if (offsets.empty()) return {};
    return {main / (main + kMissed * lost + kExtra * static_cast<double>(take.extra.size())),
            standardDeviation(offsets)};
}

/// Most strokes of a fast page may be too soft to be told from noise before the page lies over them; half of its tempo
/// then explains the others about as well. Twice as fast must not mean that strokes lie farther from their places, as
/// the off-beats of a swung line do.
std::optional<StartReading> twiceAsFast(const Exercise& exercise, StartReading reading, const std::vector<Hit>& hits,
                                        const StartKnown& known) {
    constexpr double kAsWell = 0.025;  // doubles read at half their tempo lose 0.018 at most, others 0.034 and more
    constexpr double kAsNear = 1.5;
    const ReadingFit slow = explainedBy(exercise, reading, hits);
    reading.tempoBpm *= 2;
    if (reading.tempoBpm > known.highestBpm) return std::nullopt;
    const ReadingFit fast = explainedBy(exercise, reading, hits);
    if (fast.share < slow.share - kAsWell || fast.scatterS > kAsNear * slow.scatterS) return std::nullopt;
    return fitted(exercise, reading, hits, false);
}

/// Readings of what follows a count-in: its clicks are beats, or parts or several of them.
std::vector<StartReading> readingsAfter(const CountIn& countIn, const Exercise& exercise, std::vector<HeardNote> notes,
                                        const StartKnown& known) {
    constexpr double kRoom = 0.01;
    constexpr double kEarlyS = 0.12;              // a first stroke before its beat
    const double from = countIn.lastS - kEarlyS;  // the last one may be beat 1 already
    std::erase_if(notes, [from](const HeardNote& note) { return note.timeS < from; });
    const auto page = positionsOf(exercise, notes.size());
    std::vector<StartReading> all;
    for (const double clicksPerBeat : {1.0, 2.0, 3.0, 4.0, 0.5}) {
        const double tempo = 60.0 / (countIn.periodS * clicksPerBeat);
        if (tempo < known.lowestBpm * (1 - kRoom) || tempo > known.highestBpm * (1 + kRoom)) continue;
        const auto some = likelyReadings(page, notes, {tempo * (1 - kRoom), tempo * (1 + kRoom), known.firstBeatS});
        all.insert(all.end(), some.begin(), some.end());
    }
    return all;
}

std::vector<StartReading> readingsOf(const Exercise& exercise, const std::vector<Hit>& hits, const StartKnown& known) {
    const auto notes = notesOf(hits);
    if (const auto countIn = countInOf(hits))
        if (auto after = readingsAfter(*countIn, exercise, notes, known); !after.empty()) return after;
    return likelyReadings(positionsOf(exercise, notes.size()), notes, known);
}

}  // namespace

std::string_view toName(StartBy by) {
    return nameIn(kStartNames, by);
}

std::optional<TakeStart> findStart(const Exercise& piece, const std::vector<Hit>& hits, const StartKnown& known) {
    // Who may leave out sections may begin anywhere.
    Exercise exercise = piece;
    exercise.sections.clear();
    const bool knownTempo = known.lowestBpm == known.highestBpm;
    auto readings = readingsOf(exercise, hits, known);
    for (StartReading& reading : readings) {
        if (knownTempo) reading.tempoBpm = known.lowestBpm;
        reading.fit = 0.5 * (reading.fit + explainedBy(exercise, reading, hits).share);
    }
    std::stable_sort(readings.begin(), readings.end(),
                     [](const StartReading& a, const StartReading& b) { return a.fit > b.fit; });
    if (readings.empty() || readings.front().fit < kLeastFit) return std::nullopt;
    TakeStart start;
    start.reading = fitted(exercise, readings.front(), hits, knownTempo);
    start.sure =
        start.reading.fit >= kSureFit && (readings.size() < 2 || start.reading.fit - readings[1].fit >= kSureLead);
    if (const auto twice = twiceAsFast(exercise, start.reading, hits, known)) {
        start.others.push_back(start.reading);
        start.reading = *twice;
        start.sure = false;
    }
    for (std::size_t i = 1; i < readings.size() && start.others.size() < kMostOthers; ++i)
        if (readings[i].fit >= kLeastFit) start.others.push_back(fitted(exercise, readings[i], hits, knownTempo));
    if (const auto click = clickBefore(hits, start.reading)) {
        start.by = StartBy::Click;
        start.reading.tempoBpm = knownTempo ? known.lowestBpm : click->tempoBpm;
        start.reading.firstBeatS = click->firstBeatS;
    }
    return start;
}

}  // namespace upbeat
