#pragma once

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "upbeat/music/feel.h"
#include "upbeat/music/meter.h"
#include "upbeat/music/origin.h"
#include "upbeat/music/placement.h"
#include "upbeat/music/section.h"
#include "upbeat/music/stroke.h"
#include "upbeat/units/error.h"
#include "upbeat/units/quantity.h"

namespace upbeat {

/// Where the ladder of an exercise starts, ends and how large its rungs are, in beats per minute.
struct TempoPlan {
    double start = 60;
    double goal = 100;
    double step = 4;

    friend bool operator==(const TempoPlan&, const TempoPlan&) = default;
};

/// A written crescendo or diminuendo: levels against the accent (0 dB) at its two ends. With both the same it is a
/// written dynamic (pp to ff) that holds over the span.
struct Swell {
    Beats from;
    Beats to;
    double fromDb = -20;
    double toDb = 0;

    [[nodiscard]] bool isLevel() const { return fromDb == toDb; }

    friend bool operator==(const Swell&, const Swell&) = default;
};

/// A stretch in which the player improvises: only its anchors are asked for, and perhaps how many strokes.
struct FreeSpan {
    Beats from;
    Beats to;       ///< Exclusive.
    int notes = 0;  ///< "Any six notes": so many, evenly, whatever they are; 0: as many as one likes.

    friend bool operator==(const FreeSpan&, const FreeSpan&) = default;
};

/// From this bar on the phrase is in another meter, to the next change or to its end.
struct MeterChange {
    int bar = 2;  ///< From 2 to the last; the first bar is in the meter of the exercise.
    Meter meter;

    friend bool operator==(const MeterChange&, const MeterChange&) = default;
};

/// From this bar on the page goes at this share of its tempo, to the next change or to its end; see tempo_map.h.
struct TempoChange {
    int bar = 1;           ///< From 1.
    double percent = 100;  ///< Of the page's tempo.
    int through = 0;       ///< Not 0: it gets there gradually, at the end of this bar.

    friend bool operator==(const TempoChange&, const TempoChange&) = default;
};

/// A bar whose end is held: what follows comes so many beats later.
struct HeldBar {
    int bar = 1;
    double beats = 1;  ///< Of the page's tempo.

    friend bool operator==(const HeldBar&, const HeldBar&) = default;
};

/// How beats are counted where an exercise has no words of its own: "1 e & a", or a number for every part, "1 2 3 4".
enum class Counting { Letters, Numbers };

inline constexpr double kSlowestTempo = 30;
inline constexpr double kFastestTempo = 300;
inline constexpr double kSmallestTempoStep = 0.5;
inline constexpr double kLargestTempoStep = 50;
inline constexpr double kSlowestShare = 25;  // of a tempo change, in percent
inline constexpr double kFastestShare = 400;
inline constexpr double kLongestHold = 16;  // beats
inline constexpr int kMostFreeNotes = 64;
inline constexpr int kMostBars = 400;
inline constexpr std::size_t kMostStrokes = 16384;
inline constexpr std::int64_t kFinestDivision = 20160;  ///< Of a beat: all its strokes stand on so many steps or fewer.

/// A phrase that repeats, or a piece of up to 400 bars: the page the player reads.
struct Exercise {
    std::string id;      ///< Stable, lower case with dashes; takes refer to it.
    std::string title;   ///< As shown.
    std::string trains;  ///< One sentence: what it is good for.
    std::vector<std::string> tags;
    Meter meter;  ///< Of bar 1; its beats are what every tempo counts.
    int bars = 1;
    Feel feel;
    TempoPlan tempo;
    std::vector<Stroke> strokes;  ///< In order of position, then voice.
    std::vector<Swell> swells{};  ///< Spans in which levels are written instead of classes; see dynamics.h.

    std::vector<FreeSpan> freeSpans{};
    Counting counting = Counting::Letters;
    /// Words of its own for beats of so many parts, as many words as parts; an empty first word is the beat's number.
    std::map<int, std::vector<std::string>> words{};
    std::vector<MeterChange> meterChanges{};   ///< In order of bars; see bars.h. Quarter notes keep their length.
    std::optional<Origin> origin{};            ///< Of a part of another exercise; none for a page of its own.
    std::vector<AskedPlacement> placements{};  ///< Beside the click, at most one for a voice and one for all others.
    std::vector<Section> sections{};           ///< Named parts, in order of bars; see section.h.
    std::vector<TempoChange> tempoChanges{};   ///< In order of bars.
    std::vector<HeldBar> heldBars{};           ///< In order of bars.
    int firstBar = 1;                          ///< The number that is printed at bar 1.
    bool twoLevels = false;                    ///< Ghosts and taps are one level: only accents are told from the rest.

    friend bool operator==(const Exercise&, const Exercise&) = default;

    [[nodiscard]] Beats length() const;
};

/// Sorts the strokes by position, then voice, and the swells by their start.
[[nodiscard]] Exercise inOrder(Exercise exercise);

/// Nothing when the exercise can be played and measured; otherwise the first thing that is wrong: an unsupported
/// meter, a beat whose strokes share no grid, a stroke outside the phrase, two strokes of one limb or one voice at
/// once, a tempo out of range.
[[nodiscard]] Result<void> check(const Exercise& exercise);

/// As it is judged: with two levels ghosts are taps.
[[nodiscard]] Exercise asJudged(Exercise exercise);

/// Bar number from 1 and the beat in it from 1 (fractional, in counted beats of its meter).
struct CountPlace {
    int bar = 1;
    Beats beat{1};

    friend bool operator==(const CountPlace&, const CountPlace&) = default;
};
[[nodiscard]] CountPlace placeOf(const Exercise& exercise, const Beats& at);

/// Whether a position lies in a free span.
[[nodiscard]] bool isFree(const Exercise& exercise, const Beats& at);

/// The voices that are written, as rows from top to bottom: in order of their first stroke, feet below hands.
[[nodiscard]] std::vector<Voice> rowsOf(const Exercise& exercise);

/// True when any stroke of the exercise is written at this level.
[[nodiscard]] bool uses(const Exercise& exercise, Level level);

/// Smallest distance between two different written positions, wrap-around included, in quarter notes.
[[nodiscard]] Beats shortestStep(const Exercise& exercise);

}  // namespace upbeat
