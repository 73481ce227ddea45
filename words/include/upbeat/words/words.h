#pragma once

#include "upbeat/judge/findings.h"
#include "upbeat/ladder/verdict.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/music/method.h"
#include "upbeat/units/text.h"

namespace upbeat {

/// Everything that is said about a page and a take, made in one place: whole sentences with places for their
/// arguments, in any order a language wants. Text::said gives them in the player's language, and in English.
namespace words {

// Names, as they stand inside a sentence.
[[nodiscard]] Text nameOf(Voice voice);
[[nodiscard]] Text nameOf(Limb limb);
[[nodiscard]] Text nameOf(Level level);
[[nodiscard]] Text nameOf(ClickTone tone);
/// "left hand", "snare", "other voices".
[[nodiscard]] Text nameOf(const StrokeGroup& group);
/// "snare 8 ms behind", "2 % ahead": what is asked beside the click.
[[nodiscard]] Text nameOf(const AskedPlacement& placement);
/// "snare", "left hand", "ghost", "2nd of 4"; empty for counts, which have places.
[[nodiscard]] Text nameOf(const GroupRow& row);
/// "Grow from the start".
[[nodiscard]] Text nameOf(Method method);
/// One sentence: how it goes.
[[nodiscard]] Text explained(Method method);

/// "beat 2", "the a of 2", "the e of 3 in bar 2" for a written stroke of the exercise.
[[nodiscard]] Text placeOf(const Exercise& exercise, int stroke);
/// "left ghost", "right accent", "bass drum": how a drummer names the stroke.
[[nodiscard]] Text strokeOf(const Exercise& exercise, int stroke);

/// As a drummer would say it: "Spread", "Hands and voices apart", "Accents above taps".
[[nodiscard]] Text nameOf(GateKind kind);
/// One plain sentence: what the gate is about.
[[nodiscard]] Text explained(GateKind kind);
/// "ms", "dB", "ms a bar".
[[nodiscard]] Text unitOf(GateKind kind);
/// A figure of a gate: "12.3", or "2" where it counts.
[[nodiscard]] std::string numberOf(GateKind kind, double value);
/// The same with its unit, where it has one: "12.3 ms".
[[nodiscard]] Text figureOf(GateKind kind, double value);
/// "met", "missed", "unsure".
[[nodiscard]] Text nameOf(GateState state);
/// "spread 12.3 ms, limit 10.0": the gate's figure beside what is asked.
[[nodiscard]] Text figureOf(const Exercise& exercise, const Gate& gate);

/// The finding as a sentence, without its full stop.
[[nodiscard]] Text sentenceOf(const Exercise& exercise, const Finding& finding);
/// "Up to 108.", "Again at 104."
[[nodiscard]] Text headlineOf(const Verdict& verdict);
/// Gate, place, hand, figure. Empty where it was not recorded.
[[nodiscard]] Text reasonOf(const Exercise& exercise, const Verdict& verdict);

/// What a part of an exercise is called, "Paradiddle: beat 2"; `what` says which stage of a method it is.
[[nodiscard]] Text titleOf(const Origin& origin, const Exercise& whole, const Text& what = {});
/// What it is good for.
[[nodiscard]] Text aimOf(const Origin& origin, const Exercise& whole);

/// A tempo as shown: no decimals when it is whole.
[[nodiscard]] std::string tempo(double bpm);
/// A tempo as one says it in a plan: to the whole beat.
[[nodiscard]] std::string wholeTempo(double bpm);

/// "rung after rung by 4", "two up, one back by 4": how a ladder leads on.
[[nodiscard]] Text ruleOf(const Ladder& ladder);
/// What a voice says of a verdict, in a few words: "up, 108", "again", "isolate beat 2".
[[nodiscard]] Text spokenOf(const Verdict& verdict);

}  // namespace words

}  // namespace upbeat
