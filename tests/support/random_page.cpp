#include "random_page.h"

#include <algorithm>
#include <array>
#include <random>

#include "upbeat/music/bars.h"
#include "upbeat/music/following.h"

namespace upbeat::test {

namespace {

class Dice {
  public:
    explicit Dice(std::uint64_t seed) : m_engine(seed) {}
    int roll(int from, int to) {
        return from + static_cast<int>(m_engine() % static_cast<std::uint64_t>(to - from + 1));
    }
    bool oneIn(int n) { return roll(1, n) == 1; }

  private:
    std::mt19937_64 m_engine;
};

void addHands(Exercise& e, Dice& dice, const Beats& at) {
    constexpr std::array kVoices{Voice::Snare, Voice::HiHatClosed, Voice::Ride,   Voice::TomHigh,
                                 Voice::Crash, Voice::CrossStick,  Voice::RimShot};
    Stroke s{at, kVoices.at(static_cast<std::size_t>(dice.roll(0, 6))),
             dice.oneIn(2) ? Limb::RightHand : Limb::LeftHand, static_cast<Level>(dice.roll(0, 2))};
    if (dice.oneIn(6)) s.ornament = static_cast<Ornament>(dice.roll(1, 4));
    e.strokes.push_back(s);
    if (!dice.oneIn(4)) return;
    Stroke other{at, Voice::RideBell, s.limb == Limb::RightHand ? Limb::LeftHand : Limb::RightHand, Level::Tap};
    e.strokes.push_back(other);
}

void addFeet(Exercise& e, Dice& dice, const Beats& at) {
    if (dice.oneIn(2)) e.strokes.push_back({at, Voice::Kick, Limb::RightFoot, static_cast<Level>(dice.roll(0, 2))});
    if (dice.oneIn(4)) e.strokes.push_back({at, Voice::HiHatFoot, Limb::LeftFoot, Level::Tap});
}

}  // namespace

Exercise randomPage(std::uint64_t seed) {
    constexpr std::array kMeters{Meter{2, 4}, Meter{3, 4}, Meter{4, 4}, Meter{5, 4},  Meter{2, 2},
                                 Meter{6, 8}, Meter{7, 8}, Meter{9, 8}, Meter{12, 8}, Meter{5, 16}};
    Dice dice(seed);
    Exercise e;
    e.id = "dice-" + std::to_string(seed);
    e.title = "Dice & \"dots\" <" + std::to_string(seed) + ">";
    e.meter = kMeters.at(static_cast<std::size_t>(dice.roll(0, 9)));
    std::vector<Meter> meters(static_cast<std::size_t>(dice.roll(1, 4)), e.meter);
    if (dice.oneIn(3))
        for (std::size_t i = 1; i < meters.size(); ++i)
            meters[i] = kMeters.at(static_cast<std::size_t>(dice.roll(0, 9)));
    setMeters(e, meters);
    e.tempo = {60, 120, 4};
    const Beats firstBeat = e.meter.beatLength();
    for (const CountedBeat& counted : beatsOf(e)) {
        const Beats& start = counted.start;
        const Beats& beat = counted.length;
        const int parts = dice.roll(1, 8);
        for (int i = 0; i < parts; ++i) {
            if (dice.oneIn(3)) continue;
            addHands(e, dice, start + beat * i / parts);
        }
        const int footParts = dice.roll(1, 4);
        for (int i = 0; i < footParts; ++i) addFeet(e, dice, start + beat * i / footParts);
    }
    if (e.strokes.empty()) e.strokes.push_back({Beats(0), Voice::Snare});
    if (dice.oneIn(2)) e.swells.push_back({Beats(0), firstBeat, -20, 0});
    if (firstBeat < e.length() && dice.oneIn(3)) e.swells.push_back({firstBeat, e.length(), -16, -16});
    if (dice.oneIn(3)) e.freeSpans.push_back({Beats(0), firstBeat});
    if (dice.oneIn(3)) e.words[3] = {"", "la", "li"};
    if (dice.oneIn(3)) e.feel = {SwingLevel::Eighth, 1.5, false};
    if (dice.oneIn(3)) e.placements = {{std::nullopt, -2.5, true}, {Voice::Snare, 8, false}};
    e.twoLevels = dice.oneIn(4);
    if (dice.oneIn(3)) e.tempoChanges.push_back({dice.roll(1, e.bars), 12.5 * dice.roll(3, 7)});
    if (dice.oneIn(3)) e.tempoChanges.push_back({e.bars, 120, e.bars});
    if (dice.oneIn(3)) e.heldBars.push_back({dice.roll(1, e.bars), 0.5 * dice.roll(1, 8)});
    e = inOrder(std::move(e));
    if (e.bars < 2 || dice.oneIn(3)) return e;
    e.sections = {{1, "verse 1"}};
    const auto like = withSectionWords(e, dice.roll(2, e.bars), "section verse 2 as verse 1");
    return like && *like && check(**like) ? **like : e;
}

}  // namespace upbeat::test
