// What a take shows.
#include <fmt/format.h>

#include <array>
#include <cmath>

#include "upbeat/music/counting.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

std::string figure(double value, int decimals) {
    return fmt::format("{:.{}f}", std::abs(value), decimals);
}

/// Says a fault with the figure, the place and the passes of its finding.
class FaultWords {
  public:
    FaultWords(const Exercise& exercise, const Finding& finding) : m_exercise(exercise), m_finding(finding) {}

    Text operator()(const GroupApart& apart) const {
        return sized(isPlus() ? UPBEAT_TEXT("The %3 comes %1 ms behind the %4 (±%2)")
                              : UPBEAT_TEXT("The %3 comes %1 ms before the %4 (±%2)"),
                     0, nameOf(apart.group), nameOf(apart.against));
    }
    Text operator()(CountLeans) const {
        return sized(isPlus() ? UPBEAT_TEXT("The %3 on %4 comes %1 ms late (±%2), %5 of %6 passes")
                              : UPBEAT_TEXT("The %3 on %4 comes %1 ms early (±%2), %5 of %6 passes"),
                     0, stroke(), place(), passes(), of());
    }
    Text operator()(ClassLeans) const {
        static constexpr std::array<const char*, 3> kLate{UPBEAT_TEXT("Your ghosts come %1 ms late (±%2)"),
                                                          UPBEAT_TEXT("Your taps come %1 ms late (±%2)"),
                                                          UPBEAT_TEXT("Your accents come %1 ms late (±%2)")};
        static constexpr std::array<const char*, 3> kEarly{UPBEAT_TEXT("Your ghosts come %1 ms early (±%2)"),
                                                           UPBEAT_TEXT("Your taps come %1 ms early (±%2)"),
                                                           UPBEAT_TEXT("Your accents come %1 ms early (±%2)")};
        return sized((isPlus() ? kLate : kEarly).at(level()), 0);
    }
    Text operator()(const PartLeans& leans) const {
        const std::string word = countWord(1, leans.part.number - 1, leans.part.of);
        if (leans.part.number == 1)
            return sized(isPlus() ? UPBEAT_TEXT("Your beats come %1 ms late (±%2)")
                                  : UPBEAT_TEXT("Your beats come %1 ms early (±%2)"),
                         0);
        return sized(isPlus() ? UPBEAT_TEXT("The %3 of every beat comes %1 ms late (±%2)")
                              : UPBEAT_TEXT("The %3 of every beat comes %1 ms early (±%2)"),
                     0, word);
    }
    Text operator()(EntriesLean) const {
        return sized(isPlus() ? UPBEAT_TEXT("After rests you come in %1 ms late (±%2)")
                              : UPBEAT_TEXT("After rests you come in %1 ms early (±%2)"),
                     0);
    }
    Text operator()(SectionLeans) const {
        return sized(
            isPlus() ? UPBEAT_TEXT("The pulse is %1 ms late (±%2)") : UPBEAT_TEXT("The pulse is %1 ms early (±%2)"), 0);
    }
    Text operator()(SectionOutOfLevel) const {
        return sized(isPlus() ? UPBEAT_TEXT("The strokes are %1 dB louder (±%2)")
                              : UPBEAT_TEXT("The strokes are %1 dB softer (±%2)"),
                     1);
    }
    Text operator()(CountOutOfLevel) const {
        static constexpr std::array<const char*, 3> kLouder{
            UPBEAT_TEXT(
                "The %3 on %4 is %1 dB louder than your other ghosts (±%2), out of its level on %5 of %6 passes"),
            UPBEAT_TEXT("The %3 on %4 is %1 dB louder than your other taps (±%2), out of its level on %5 of %6 passes"),
            UPBEAT_TEXT(
                "The %3 on %4 is %1 dB louder than your other accents (±%2), out of its level on %5 of %6 passes")};
        static constexpr std::array<const char*, 3> kSofter{
            UPBEAT_TEXT(
                "The %3 on %4 is %1 dB softer than your other ghosts (±%2), out of its level on %5 of %6 passes"),
            UPBEAT_TEXT("The %3 on %4 is %1 dB softer than your other taps (±%2), out of its level on %5 of %6 passes"),
            UPBEAT_TEXT(
                "The %3 on %4 is %1 dB softer than your other accents (±%2), out of its level on %5 of %6 passes")};
        return sized((isPlus() ? kLouder : kSofter).at(level()), 0, stroke(), place(), passes(), of());
    }
    Text operator()(CountMissing) const {
        return Text::with(UPBEAT_TEXT("The %1 on %2 is missing on %3 of %4 passes"), stroke(), place(), passes(), of());
    }
    Text operator()(CountOnAnotherDrum) const {
        return Text::with(UPBEAT_TEXT("The %1 on %2 is struck on another drum on %3 of %4 passes"), stroke(), place(),
                          passes(), of());
    }
    Text operator()(CountSoundsOdd) const {
        return Text::with(UPBEAT_TEXT("The %1 on %2 sounds unlike your others of its kind on %3 of %4 passes"),
                          stroke(), place(), passes(), of());
    }
    Text operator()(const HitsScatter& scatter) const {
        return sized(UPBEAT_TEXT("Your hits scatter by %1 ms (±%2); %3 is the limit here"), 1,
                     figure(scatter.limitMs, 1));
    }
    Text operator()(const UnwrittenStrokes& extra) const {
        return Text::counted(extra.strokes, UPBEAT_TEXT("1 stroke that is not written"),
                             UPBEAT_TEXT_N("%n strokes that are not written"));
    }
    Text operator()(const AccentsTooLow& low) const {
        return sized(UPBEAT_TEXT("Accents stand %1 dB above taps (±%2); %3 are needed"), 1, figure(low.neededDb, 0));
    }
    Text operator()(const GhostsTooHigh& high) const {
        return sized(UPBEAT_TEXT("Ghosts lie %1 dB below taps (±%2); %3 are needed"), 1, figure(high.neededDb, 0));
    }
    Text operator()(const SwingsOtherwise& swing) const {
        const bool straighter = m_finding.figure.value < swing.targetRatio;
        return sized(straighter ? UPBEAT_TEXT("You swing %1 : 1 (±%2), straighter than the %3 : 1 asked for")
                                : UPBEAT_TEXT("You swing %1 : 1 (±%2), wider than the %3 : 1 asked for"),
                     2, fmt::format("{:.2g}", swing.targetRatio));
    }
    Text operator()(PulseDrifts) const {
        return sized(isPlus() ? UPBEAT_TEXT("The pulse falls behind the click by %1 ms a bar (±%2)")
                              : UPBEAT_TEXT("The pulse runs ahead of the click by %1 ms a bar (±%2)"),
                     1);
    }
    Text operator()(SilenceDrifts) const {
        return sized(isPlus() ? UPBEAT_TEXT("While the click is silent you fall behind by %1 ms a bar (±%2)")
                              : UPBEAT_TEXT("While the click is silent you run ahead by %1 ms a bar (±%2)"),
                     1);
    }
    Text operator()(const ReturnsOff& off) const {
        if (off.free) return sized(UPBEAT_TEXT("On the first beat after what is free you are %1 ms off (±%2)"), 0);
        if (off.jumps == 0) return sized(UPBEAT_TEXT("When the click comes back you are %1 ms off (±%2)"), 0);
        return sized(UPBEAT_TEXT("When the click comes back you are %1 ms off (±%2), %3 of %4 times by a jump"), 0,
                     off.jumps, m_finding.figure.n);
    }
    Text operator()(const FreeNotesMiscounted& off) const {
        return Text::with(UPBEAT_TEXT("In %1 of %2 free spans there are more or fewer notes than asked for"),
                          off.spaces, off.of);
    }
    Text operator()(FreeNotesUneven) const {
        return sized(UPBEAT_TEXT("The notes of the free spans are uneven by %1 ms (±%2)"), 1);
    }
    Text operator()(FreeNotesStretched) const {
        return sized(isPlus() ? UPBEAT_TEXT("The notes of the free spans take %1 % too long (±%2)")
                              : UPBEAT_TEXT("The notes of the free spans rush by %1 % (±%2)"),
                     0);
    }
    Text operator()(GraceUneven) const {
        return sized(UPBEAT_TEXT("Grace notes are uneven: their distance varies by %1 ms (±%2)"), 1);
    }
    Text operator()(GraceTooWide) const {
        return sized(UPBEAT_TEXT("Grace notes stand %1 ms before the stroke (±%2): too wide to be one flam"), 0);
    }
    Text operator()(GraceTooNear) const {
        return sized(UPBEAT_TEXT("Grace notes stand %1 ms before the stroke (±%2): they run into it"), 0);
    }
    Text operator()(const PlaceLost& lost) const {
        const std::string beat = std::to_string(lost.beat);
        const std::string bar = std::to_string(lost.bar);
        if (lost.leftOutThrough > 0)
            return Text::with(UPBEAT_TEXT("You left out bars %1 to %2: %3 strokes are not there"), bar,
                              lost.leftOutThrough, lost.strokes);
        if (lost.againFrom > 0)
            return Text::with(UPBEAT_TEXT("You played bars %1 to %2 once more than is written"), lost.againFrom,
                              lost.bar - 1);
        if (lost.beatsLate == 0)
            return Text::with(UPBEAT_TEXT("You stopped at beat %1 of bar %2: %3 strokes are not there"), beat, bar,
                              lost.strokes);
        if (lost.beatsLate > 0)
            return Text::counted(
                lost.beatsLate, UPBEAT_TEXT("You lost the place at beat %1 of bar %2 and went on 1 beat late"),
                UPBEAT_TEXT_N("You lost the place at beat %1 of bar %2 and went on %n beats late"), beat, bar);
        return Text::counted(
            -lost.beatsLate, UPBEAT_TEXT("You lost the place at beat %1 of bar %2 and went on 1 beat early"),
            UPBEAT_TEXT_N("You lost the place at beat %1 of bar %2 and went on %n beats early"), beat, bar);
    }
    Text operator()(const BeatAtChange& change) const {
        return sized(isPlus()
                         ? UPBEAT_TEXT("Where %3 strokes a beat become %4, at %5, the beat is %1 ms too long (±%2)")
                         : UPBEAT_TEXT("Where %3 strokes a beat become %4, at %5, the beat is %1 ms too short (±%2)"),
                     0, std::to_string(change.strokesBefore), std::to_string(change.strokesAfter), place());
    }
    Text operator()(SecondsLevel) const {
        return sized(isPlus() ? UPBEAT_TEXT("The second strokes of your doubles are %1 dB louder than the first (±%2)")
                              : UPBEAT_TEXT("The second strokes of your doubles are %1 dB softer than the first (±%2)"),
                     1);
    }
    Text operator()(SecondsTime) const {
        return sized(isPlus()
                         ? UPBEAT_TEXT("The second strokes of your doubles come %1 ms too late after the first (±%2)")
                         : UPBEAT_TEXT("The second strokes of your doubles come %1 ms too early after the first (±%2)"),
                     0);
    }
    Text operator()(const AccentsFade& run) const {
        return sized(isPlus() ? UPBEAT_TEXT("The %3 accents from %4 on grow by %1 dB a stroke (±%2)")
                              : UPBEAT_TEXT("The %3 accents from %4 on fade by %1 dB a stroke (±%2)"),
                     1, std::to_string(run.length), place());
    }
    Text operator()(const SwellFails& swell) const {
        return Text::with(swell.rises ? UPBEAT_TEXT("Your crescendo covers %1 dB of the %2 written (±%3)")
                                      : UPBEAT_TEXT("Your diminuendo covers %1 dB of the %2 written (±%3)"),
                          figure(swell.playedDb, 0), figure(swell.writtenDb, 0),
                          figure(m_finding.figure.halfWidth(), 0));
    }
    Text operator()(const DynamicOff& dynamic) const {
        return sized(isPlus() ? UPBEAT_TEXT("Your %3 from %4 is %1 dB too loud (±%2)")
                              : UPBEAT_TEXT("Your %3 from %4 is %1 dB too soft (±%2)"),
                     0, std::string(dynamicOfLevel(dynamic.writtenDb)), place());
    }
    Text operator()(const VoicesApart& apart) const {
        if (!apart.told)
            return sized(UPBEAT_TEXT("Where they fall together the %3 and the %4 are %1 ms apart (±%2)"), 0,
                         nameOf(apart.voice), nameOf(apart.against));
        return sized(isPlus() ? UPBEAT_TEXT("Where they fall together the %3 comes %1 ms after the %4 (±%2)")
                              : UPBEAT_TEXT("Where they fall together the %3 comes %1 ms before the %4 (±%2)"),
                     0, nameOf(apart.voice), nameOf(apart.against));
    }
    Text operator()(RollOpens) const {
        return sized(UPBEAT_TEXT("Your roll from %3 opens: its longest gap is %1 ms (±%2)"), 0, place());
    }
    Text operator()(RollStopsShort) const {
        return sized(UPBEAT_TEXT("Your roll from %3 stops %1 ms before the stroke it leads to (±%2)"), 0, place());
    }
    Text operator()(const FeelMissed& feel) const {
        const Text played =
            m_finding.voice ? sized(beside(m_finding.figure.value, UPBEAT_TEXT("Your %3 is on the click (%1 ms, ±%2)"),
                                           UPBEAT_TEXT("Your %3 is %1 ms behind the click (±%2)"),
                                           UPBEAT_TEXT("Your %3 is %1 ms ahead of the click (±%2)")),
                                    0, nameOf(*m_finding.voice))
                            : sized(beside(m_finding.figure.value, UPBEAT_TEXT("You are on the click (%1 ms, ±%2)"),
                                           UPBEAT_TEXT("You are %1 ms behind the click (±%2)"),
                                           UPBEAT_TEXT("You are %1 ms ahead of the click (±%2)")),
                                    0);
        return Text::with(
            feel.askedMs > 0 ? UPBEAT_TEXT("%1; %2 ms behind is asked") : UPBEAT_TEXT("%1; %2 ms ahead is asked"),
            played, figure(feel.askedMs, 0));
    }
    Text operator()(LeftHandLevel) const {
        static constexpr std::array<const char*, 3> kLouder{
            UPBEAT_TEXT("Your left hand is %1 dB louder than the right in ghosts (±%2)"),
            UPBEAT_TEXT("Your left hand is %1 dB louder than the right in taps (±%2)"),
            UPBEAT_TEXT("Your left hand is %1 dB louder than the right in accents (±%2)")};
        static constexpr std::array<const char*, 3> kSofter{
            UPBEAT_TEXT("Your left hand is %1 dB softer than the right in ghosts (±%2)"),
            UPBEAT_TEXT("Your left hand is %1 dB softer than the right in taps (±%2)"),
            UPBEAT_TEXT("Your left hand is %1 dB softer than the right in accents (±%2)")};
        if (!m_finding.level)
            return sized(isPlus() ? UPBEAT_TEXT("Your left hand is %1 dB louder than the right (±%2)")
                                  : UPBEAT_TEXT("Your left hand is %1 dB softer than the right (±%2)"),
                         1);
        return sized((isPlus() ? kLouder : kSofter).at(level()), 1);
    }

  private:
    static const char* beside(double ms, const char* on, const char* behind, const char* ahead) {
        constexpr double kOnTheClickMs = 3;
        if (std::abs(ms) < kOnTheClickMs) return on;
        return ms > 0 ? behind : ahead;
    }
    [[nodiscard]] bool isPlus() const { return m_finding.figure.value > 0; }
    [[nodiscard]] Text stroke() const { return strokeOf(m_exercise, m_finding.stroke.value_or(0)); }
    [[nodiscard]] Text place() const { return placeOf(m_exercise, m_finding.stroke.value_or(0)); }
    [[nodiscard]] std::string passes() const { return std::to_string(m_finding.passes); }
    [[nodiscard]] std::string of() const { return std::to_string(m_finding.of); }
    [[nodiscard]] std::size_t level() const { return static_cast<std::size_t>(m_finding.level.value_or(Level::Tap)); }
    /// %1 is the size of the figure, %2 half its interval; then the arguments.
    template <class... Arguments>
    [[nodiscard]] Text sized(const char* source, int decimals, Arguments... arguments) const {
        const Figure& f = m_finding.figure;
        return Text::with(source, figure(f.value, decimals), figure(f.halfWidth(), decimals), std::move(arguments)...);
    }

    const Exercise& m_exercise;
    const Finding& m_finding;
};

}  // namespace

Text sentenceOf(const Exercise& exercise, const Finding& finding) {
    Text sentence = std::visit(FaultWords(exercise, finding), finding.fault);
    if (!finding.section) return sentence;
    if (!finding.section->name.empty()) return Text::with(UPBEAT_TEXT("In %1: %2"), finding.section->name, sentence);
    return Text::with(UPBEAT_TEXT("In bars %1 to %2: %3"), std::to_string(printedBar(exercise, finding.section->from)),
                      std::to_string(printedBar(exercise, finding.section->to)), sentence);
}

}  // namespace upbeat::words
