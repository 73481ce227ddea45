#include "upbeat/player/perform.h"

#include <algorithm>

#include "upbeat/music/dynamics.h"
#include "upbeat/units/random.h"

namespace upbeat {

namespace {

/// Slow movement of the pulse: a first-order random process with a memory of about eight seconds.
class Wander {
  public:
    Wander(double sizeMs, Random& random) : m_sizeMs(sizeMs), m_valueMs(sizeMs * random.normal()) {}

    double at(double timeS, Random& random) {
        const double memory = std::exp(-std::max(0.0, timeS - m_timeS) / 8.0);
        m_valueMs = memory * m_valueMs + std::sqrt(1.0 - memory * memory) * m_sizeMs * random.normal();
        m_timeS = timeS;
        return m_valueMs;
    }

  private:
    double m_sizeMs;
    double m_valueMs;
    double m_timeS = 0;
};

bool matches(const Habit& habit, const Stroke& stroke) {
    return (!habit.at || *habit.at == stroke.at) && (!habit.limb || *habit.limb == stroke.limb) &&
           (!habit.voice || *habit.voice == stroke.voice) && (!habit.level || *habit.level == stroke.level);
}

double meantLevelDb(const Character& c, Level level, Random& random) {
    const auto index = static_cast<std::size_t>(level);
    return c.accentDb + c.relativeDb[index] + c.levelSpreadDb[index] * random.normal();
}

void applyHabits(PlayedHit& hit, const Character& c, const Stroke& stroke, Random& random) {
    for (const Habit& habit : c.habits) {
        if (!matches(habit, stroke) || random.uniform() >= habit.chance) continue;
        hit.timeS += habit.offsetMs * 1e-3;
        hit.levelDb += habit.levelDb;
    }
}

void addGraceNotes(std::vector<PlayedHit>& hits, const PlayedHit& main, const Stroke& stroke, const Character& c,
                   Random& random) {
    double at = main.timeS;
    for (int g = 0; g < graceNotes(stroke.ornament); ++g) {
        at -= std::max(5.0, c.graceMs + c.graceSpreadMs * random.normal()) * 1e-3;
        PlayedHit grace = main;
        grace.role = Role::Grace;
        grace.timeS = at;
        grace.levelDb = main.levelDb + c.graceDb + c.levelSpreadDb[0] * random.normal();
        grace.limb = stroke.limb == Limb::RightHand ? Limb::LeftHand : Limb::RightHand;
        hits.push_back(grace);
    }
}

/// Where the next main stroke is written, at the latest at `endS`.
double nextStrokeS(const std::vector<WrittenStroke>& written, std::ptrdiff_t index, double endS) {
    for (auto i = static_cast<std::size_t>(index) + 1; i < written.size(); ++i)
        if (written[i].role == Role::Main && written[i].gridS > written[static_cast<std::size_t>(index)].gridS + 1e-3)
            return std::min(endS, written[i].gridS);
    return endS;
}

/// The stick left to bounce until `endS`, ever closer and softer, the roll gap before it silent.
void addBounces(std::vector<PlayedHit>& bounces, const PlayedHit& main, double endS, const Character& c,
                Random& random) {
    constexpr double kCloser = 0.95;
    constexpr double kClosestMs = 14;
    constexpr double kFirstDb = -3;
    constexpr double kSofterDb = -0.9;
    double step = c.bounceMs;
    PlayedHit bounce = main;
    bounce.levelDb += kFirstDb;
    for (bounce.timeS += step * 1e-3; bounce.timeS < endS - c.rollGapMs * 1e-3; bounce.timeS += step * 1e-3) {
        bounces.push_back(bounce);
        bounces.back().levelDb += 0.8 * random.normal();
        step = std::max(kClosestMs, step * kCloser) * (1 + 0.04 * random.normal());
        bounce.levelDb += kSofterDb;
    }
}

/// A stroke that nobody wrote, somewhere behind one that is.
PlayedHit strayAfter(const PlayedHit& hit, const WrittenStroke& w, const Character& c, Random& random) {
    PlayedHit extra = hit;
    extra.stroke = -1;
    extra.timeS += w.stepS * random.uniform(0.35, 0.65);
    extra.levelDb = meantLevelDb(c, Level::Tap, random);
    return extra;
}

/// The feel of the page with the swing that this player has.
Feel feltBy(const Character& c, Feel feel) {
    if (c.swingRatio > 0 && feel.isSwung()) feel.ratio = c.swingRatio;
    return feel;
}

}  // namespace

Performance perform(const Exercise& exercise, Bpm tempo, int passes, const Character& c, std::uint64_t seed) {
    Random random(seed);
    const auto felt = strokesInPassS(exercise, tempo, feltBy(c, feelOf(exercise, tempo)));
    const auto written = writeOut(exercise, tempo, passes);
    const double passS = passDurationS(exercise, tempo);
    Performance performance;
    Wander wander(c.wanderMs, random);
    for (const WrittenStroke& w : written) {
        if (w.role == Role::Grace) continue;
        const Stroke& stroke = exercise.strokes[static_cast<std::size_t>(w.stroke)];
        if (random.uniform() < c.missChance) {
            performance.missed.push_back(w);
            continue;
        }
        const double felt_s = (w.pass - 1) * passS + felt[static_cast<std::size_t>(w.stroke)];
        const double offsetMs =
            c.placementMs + c.driftMsPerMin * felt_s / 60.0 + wander.at(felt_s, random) + c.spreadMs * random.normal();
        PlayedHit hit{felt_s + w.askedS + offsetMs * 1e-3,
                      meantLevelDb(c, stroke.level, random),
                      stroke.voice,
                      stroke.limb,
                      stroke.level,
                      Role::Main,
                      w.pass,
                      w.stroke,
                      w.gridS};
        if (const auto db = writtenDb(exercise, stroke.at))
            hit.levelDb = c.accentDb + *db + c.levelSpreadDb[1] * random.normal();
        applyHabits(hit, c, stroke, random);
        addGraceNotes(performance.hits, hit, stroke, c, random);
        performance.hits.push_back(hit);
        if (stroke.ornament == Ornament::ClosedRoll)
            addBounces(performance.bounces, hit, nextStrokeS(written, &w - written.data(), w.pass * passS), c, random);
        if (random.uniform() < c.extraChance) performance.hits.push_back(strayAfter(hit, w, c, random));
    }
    std::stable_sort(performance.hits.begin(), performance.hits.end(),
                     [](const PlayedHit& a, const PlayedHit& b) { return a.timeS < b.timeS; });
    return performance;
}

}  // namespace upbeat
