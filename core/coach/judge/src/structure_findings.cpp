#include "structure_findings.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

class Structure {
  public:
    Structure(const MatchedTake& take, const Measures& measures) : m_take(take), m_measures(measures) {}

    std::vector<Finding> all() {
        sayLostPlaces();
        for (const AccentRun& run : m_measures.causes.accentRuns) sayRun(run);
        for (const SwellPlayed& swell : m_measures.causes.swells) saySwell(swell);
        for (const DynamicPlayed& dynamic : m_measures.causes.dynamics) sayDynamic(dynamic);
        for (const Unison& unison : m_measures.causes.unisons) sayUnison(unison);
        for (const RollPlayed& roll : m_measures.rolls) sayRoll(roll);
        return std::move(m_found);
    }

  private:
    Finding& add(FindingKind kind, const Figure& figure, const char* unit, double weight, const Fault& fault) {
        Finding f;
        f.kind = kind;
        f.figure = figure;
        f.unit = unit;
        f.passes = f.of = m_take.passes;
        f.weight = weight;
        f.fault = fault;
        m_found.push_back(std::move(f));
        return m_found.back();
    }

    void at(Finding& f, int stroke) const {
        f.stroke = stroke;
        f.drill = beatAround(m_take.exercise, stroke);
    }

    /// Where on the click a break lies: what lies nearest the next bar line is its first beat.
    [[nodiscard]] PlaceLost placeOf(const Break& pause) const {
        const Exercise& e = m_take.exercise;
        const double bars = barsBefore(e, Bpm(m_take.tempoBpm), pause.atS);
        const auto bar = static_cast<int>(std::floor(bars));
        const int perBar = barOf(e, bar % e.bars + 1).meter.beatsPerBar();
        const auto beat = static_cast<int>(std::lround((bars - bar) * perBar));
        PlaceLost lost{bar + beat / perBar + 1, beat % perBar + 1, pause.strokes, pause.beats};
        const double aheadS = -pause.beats * beatDuration(Bpm(m_take.tempoBpm)).value();
        const auto barAhead = static_cast<int>(std::lround(barsBefore(e, Bpm(m_take.tempoBpm), pause.atS + aheadS)));
        if (pause.beats < -kFarthestSlip) lost.leftOutThrough = barAhead;
        if (pause.beats > kFarthestSlip) lost.againFrom = barAhead + 1;
        return lost;
    }

    void sayLostPlaces() {
        for (const Break& pause : m_take.breaks)
            if (!pause.atEnd)
                add(FindingKind::Missed, shareFigure(1, m_take.passes), "%", 6.0, placeOf(pause)).passes = 1;
    }

    void sayRun(const AccentRun& run) {
        constexpr double kLeastSlope = 0.7;
        if (!isBeyondDoubt(run.dbPerStroke, kLeastSlope)) return;
        const bool fades = run.dbPerStroke.value < 0;
        Finding& f = add(fades ? FindingKind::Soft : FindingKind::Loud, run.dbPerStroke, "dB",
                         std::abs(run.dbPerStroke.value) / kLeastSlope, AccentsFade{run.length});
        f.limb = m_take.exercise.strokes[static_cast<std::size_t>(run.stroke)].limb;
        f.level = Level::Accent;
        at(f, run.stroke);
    }

    void saySwell(const SwellPlayed& played) {
        const Swell& swell = m_take.exercise.swells[static_cast<std::size_t>(played.swell)];
        const double beats = (swell.to - swell.from).toDouble();
        const double fails = (played.dbPerBeat.value - played.writtenDbPerBeat) * beats;
        const double half = played.dbPerBeat.halfWidth() * beats;
        const Figure figure{fails, fails - half, fails + half, played.dbPerBeat.n};
        constexpr double kLeastFail = 5;
        if (!isBeyondDoubt(figure, kLeastFail)) return;
        const bool rises = swell.toDb > swell.fromDb;
        add(FindingKind::Crescendo, figure, "dB", std::abs(fails) / kLeastFail,
            SwellFails{rises, std::abs(played.dbPerBeat.value * beats), std::abs(swell.toDb - swell.fromDb)});
    }

    void sayDynamic(const DynamicPlayed& played) {
        constexpr double kLeastOff = 4;  // the next mark
        const Swell& swell = m_take.exercise.swells[static_cast<std::size_t>(played.swell)];
        const Figure off = against(played.levelDb, played.writtenDb);
        if (!isBeyondDoubt(off, kLeastOff)) return;
        const auto inside = strokesIn(m_take.exercise, swell.from, swell.to);
        const auto stroke = static_cast<int>(inside.data() - m_take.exercise.strokes.data());
        const bool loud = off.value > 0;
        Finding& f = add(loud ? FindingKind::Loud : FindingKind::Soft, off, "dB", std::abs(off.value) / kLeastOff,
                         DynamicOff{played.writtenDb});
        at(f, stroke);
    }

    void sayUnison(const Unison& unison) {
        constexpr double kHeardApartMs = 8;  // nearer than this two drums sound as one
        const Figure& figure = unison.behindMs.value_or(unison.apartMs);
        if (!isBeyondDoubt(figure, kHeardApartMs)) return;
        Finding& f = add(FindingKind::Unison, figure, "ms", std::abs(figure.value) / kHeardApartMs,
                         VoicesApart{unison.voice, unison.against, unison.behindMs.has_value()});
        f.voice = unison.voice;
    }

    void sayRoll(const RollPlayed& roll) {
        constexpr double kHeardGapMs = 40;  // shorter ones melt into one sound
        constexpr double kCutShortMs = 60;
        if (roll.longestGapMs && roll.longestGapMs->low > kHeardGapMs) {
            at(add(FindingKind::Roll, *roll.longestGapMs, "ms", roll.longestGapMs->value / kHeardGapMs, RollOpens{}),
               roll.stroke);
        }
        if (roll.releaseMs && roll.releaseMs->high < -kCutShortMs) {
            at(add(FindingKind::Roll, *roll.releaseMs, "ms", -roll.releaseMs->value / kCutShortMs, RollStopsShort{}),
               roll.stroke);
        }
    }

    const MatchedTake& m_take;
    const Measures& m_measures;
    std::vector<Finding> m_found;
};

}  // namespace

bool isBeyondDoubt(const Figure& figure, double least) {
    // Testing one count of many: the interval is stretched to about three standard errors.
    constexpr double kManyCounts = 1.6;
    return std::abs(figure.value) >= least && std::abs(figure.value) > kManyCounts * figure.halfWidth();
}

double noticeableMs(double stepMs) {
    return stepMs < 240 ? 6.0 : 0.025 * stepMs;
}

std::vector<Finding> findStructureFaults(const MatchedTake& take, const Measures& measures) {
    return Structure(take, measures).all();
}

}  // namespace upbeat
