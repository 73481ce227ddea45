#pragma once

#include <algorithm>
#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/music/tempo_map.h"
#include "upbeat/units/error.h"
#include "upbeat/units/quantity.h"

namespace upbeat {

/// What a click sounds like: none of them is taken for a drum.
enum class ClickTone { Sine, Low, Reed, Chirp };
inline constexpr int kClickTones = 4;
[[nodiscard]] std::string_view spokenName(ClickTone tone);

/// Bars of a take that sound and bars of silence after them, in turn.
struct SilentBars {
    int on = 1;   ///< 1 to 64
    int off = 0;  ///< 0 to 64; 0: never silent.

    static constexpr int kMost = 64;
    [[nodiscard]] constexpr bool canBePlayed() const { return on >= 1 && on <= kMost && off >= 0 && off <= kMost; }
    /// Whether the click is silent in a bar of the take, counted from 0.
    [[nodiscard]] constexpr bool holds(std::int64_t bar) const { return silentAt(bar) > 0; }
    /// The how manieth silent bar in a row it is, from 1; 0 where the click sounds.
    [[nodiscard]] constexpr std::int64_t silentAt(std::int64_t bar) const {
        return off > 0 ? std::max<std::int64_t>(0, bar % (on + off) - on + 1) : 0;
    }
    friend bool operator==(const SilentBars&, const SilentBars&) = default;
};

/// On the way to playing without a click: of four bars one is silent, then two, then three; nothing behind that.
[[nodiscard]] std::optional<SilentBars> lessClick(const SilentBars& now);
/// The way back, to the whole click; nothing from there.
[[nodiscard]] std::optional<SilentBars> moreClick(const SilentBars& now);

/// A bar of the page as the click knows it.
struct ClickBar {
    Meter meter;
    BarPace pace{};

    friend bool operator==(const ClickBar&, const ClickBar&) = default;
};

/// What the click plays: tempo, count-in, how finely each beat is divided, and which of it sounds once the take runs.
/// The count-in is always whole.
struct ClickPlan {
    Bpm tempo{80};
    Meter meter;          ///< Of the count-in; the tempo counts its beats.
    int countInBars = 1;  ///< 0 to 4
    int subdivision = 1;  ///< Clicks per beat, 1 to 8
    bool accentOnOne = true;
    bool audibleAfterCountIn = true;
    double swing = 1;                  ///< Of an even number of subdivisions: long to short in every pair.
    std::uint32_t beats = 0xFFFFFFFF;  ///< Bit by beat of the bar, the first is bit 0: which sound in the take.
    bool offBeats = false;             ///< In the take every click comes half a beat later.
    SilentBars silent{};               ///< Of the bars of the take.
    ClickTone tone = ClickTone::Sine;
    std::vector<ClickBar> phrase{};  ///< Of the bars of the take, over and over; empty: all are like the count-in.

    friend bool operator==(const ClickPlan&, const ClickPlan&) = default;

    [[nodiscard]] Seconds beat() const { return beatDuration(tempo); }
    /// Time of beat 1 of bar 1, counted from the start of the stream.
    [[nodiscard]] Seconds firstBeat() const { return beat() * (meter.beatsPerBar() * countInBars); }
};

/// The plain click of an exercise.
[[nodiscard]] ClickPlan clickFor(const Exercise& exercise, Bpm tempo);

/// When the plain click of an exercise sounds, in seconds from beat 1 of bar 1 and in order: from the bar that counts
/// in to a beat behind the last of `bars`.
[[nodiscard]] std::vector<double> clicksBesideS(const Exercise& exercise, Bpm tempo, int bars,
                                                const SilentBars& silent);

[[nodiscard]] Result<void> check(const ClickPlan& plan);

enum class ClickKind { Bar, Beat, Subdivision };

struct Click {
    std::int64_t index = 0;  ///< From 0 at the first count-in click.
    double timeS = 0;        ///< From the start of the stream.
    ClickKind kind = ClickKind::Beat;
    bool audible = true;
};

/// Click number `index` of the plan: computed, never accumulated, so no rounding builds up over an hour. Neither
/// allocates nor locks.
[[nodiscard]] Click clickAt(const ClickPlan& plan, std::int64_t index);

/// All audible clicks whose time lies in [fromS, toS).
[[nodiscard]] std::vector<Click> clicksBetween(const ClickPlan& plan, double fromS, double toS);

/// Tempo of taps at these times (seconds, in order): from the median of the last distances, in range; nothing for fewer
/// than three taps. Taps before a pause of two seconds are forgotten.
[[nodiscard]] std::optional<double> tempoOfTaps(const std::vector<double>& tapsS);

}  // namespace upbeat
