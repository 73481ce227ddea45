// Faults of single counts, hands and voices.
#include <algorithm>
#include <cmath>

#include "fault_finder.h"
#include "structure_findings.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

double stepMsOf(const MatchedTake& take) {
    const Exercise& e = take.exercise;
    return shortestStep(e).toDouble() * quarterS(e.meter, Bpm(take.tempoBpm)) * 1e3;
}

}  // namespace

std::vector<Finding> FaultFinder::all() {
    findApart();
    findTimingHabits();
    findLevelHabits();
    findRecurring();
    findWhole();
    for (Finding& f : findStructureFaults(m_take, m_measures)) m_found.push_back(std::move(f));
    std::stable_sort(m_found.begin(), m_found.end(),
                     [](const Finding& a, const Finding& b) { return a.weight > b.weight; });
    return std::move(m_found);
}

Finding FaultFinder::about(int stroke) const {
    const Stroke& s = m_take.exercise.strokes[static_cast<std::size_t>(stroke)];
    Finding finding;
    finding.stroke = stroke;
    finding.limb = s.limb;
    finding.voice = s.voice;
    finding.level = s.level;
    finding.drill = beatAround(m_take.exercise, stroke);
    return finding;
}

void FaultFinder::findApart() {
    const double least = std::max(noticeableMs(stepMsOf(m_take)), 0.6 * m_profile.apart.at(stepMsOf(m_take)));
    for (const Apart& apart : m_measures.apart) {
        if (!isBeyondDoubt(apart.ms, least)) continue;
        Finding f;
        f.kind = FindingKind::HandsApart;
        if (const auto* limb = std::get_if<Limb>(&apart.group)) f.limb = *limb;
        if (const auto* voice = std::get_if<Voice>(&apart.group)) f.voice = *voice;
        f.figure = apart.ms;
        f.unit = "ms";
        f.passes = f.of = m_take.passes;
        f.fault = GroupApart{apart.group, apart.against};
        f.weight = std::abs(apart.ms.value) / least + 0.5;
        if (f.limb) m_handShift = apart.ms.value;
        m_found.push_back(std::move(f));
    }
}

double FaultFinder::ownLeaning(const CountHabit& habit) const {
    const Stroke& s = m_take.exercise.strokes[static_cast<std::size_t>(habit.stroke)];
    if (s.limb == Limb::LeftHand) return habit.offsetMs.value - 0.5 * m_handShift;
    if (s.limb == Limb::RightHand) return habit.offsetMs.value + 0.5 * m_handShift;
    return habit.offsetMs.value;
}

void FaultFinder::findTimingHabits() {
    const double least = noticeableMs(stepMsOf(m_take));
    for (const CountHabit& habit : m_measures.timing.habits) {
        const double own = ownLeaning(habit);
        const double half = habit.offsetMs.halfWidth();
        if (habit.offsetMs.n < 3 || !isBeyondDoubt({own, own - half, own + half, 0}, least)) continue;
        Finding f = about(habit.stroke);
        const bool early = own < 0;
        f.kind = early ? FindingKind::Early : FindingKind::Late;
        f.figure = habit.offsetMs;
        f.unit = "ms";
        f.passes = habit.sameSide;
        f.of = habit.offsetMs.n;
        f.fault = CountLeans{};
        f.weight = std::abs(own) / least;
        m_found.push_back(std::move(f));
    }
}

void FaultFinder::findLevelHabits() {
    constexpr double kLeastDb = 3.0;
    for (const LevelHabit& habit : m_measures.balance.habits) {
        if (habit.passes < 4 || !isBeyondDoubt(habit.againstClassDb, kLeastDb)) continue;
        const bool often = habit.outOfClass * 2 >= habit.passes;
        if (!often && std::abs(habit.againstClassDb.value) < 2 * kLeastDb) continue;
        Finding f = about(habit.stroke);
        const bool loud = habit.againstClassDb.value > 0;
        f.kind = loud ? FindingKind::Loud : FindingKind::Soft;
        f.figure = habit.againstClassDb;
        f.unit = "dB";
        f.passes = habit.outOfClass;
        f.of = habit.passes;
        f.fault = CountOutOfLevel{};
        f.weight = std::abs(habit.againstClassDb.value) / kLeastDb;
        m_found.push_back(std::move(f));
    }
}

void FaultFinder::findOften(FindingKind kind, const std::map<int, int>& times, int least, double share,
                            const Fault& fault) {
    for (const auto& [stroke, count] : times) {
        if (count < least || count < share * m_take.passes) continue;
        Finding f = about(stroke);
        f.kind = kind;
        f.figure = shareFigure(count, m_take.passes);
        f.unit = "%";
        f.passes = count;
        f.of = m_take.passes;
        f.fault = fault;
        f.weight = kind == FindingKind::Missed ? 1.0 + 3.0 * count / m_take.passes : 0.5 + 1.5 * count / m_take.passes;
        m_found.push_back(std::move(f));
    }
}

void FaultFinder::findRecurring() {
    std::map<int, int> missed;
    std::map<int, int> elsewhere;
    std::map<int, int> odd;
    for (const WrittenStroke& w : m_take.missed) ++missed[w.stroke];
    for (const WrittenStroke& w : m_measures.counts.wrongVoice) ++elsewhere[w.stroke];
    for (const StrokeQuality& quality : m_measures.quality)
        for (const OddStroke& stroke : quality.odd) ++odd[stroke.written.stroke];
    findOften(FindingKind::Missed, missed, 2, 0.25, CountMissing{});
    findOften(FindingKind::Missed, elsewhere, 2, 0.25, CountOnAnotherDrum{});
    findOften(FindingKind::Stroke, odd, 3, 0.5, CountSoundsOdd{});
}

}  // namespace upbeat
