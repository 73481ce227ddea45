#pragma once

#include <QString>
#include <vector>

#include "upbeat/field/field_data.h"

namespace upbeat {

/// What the field is looked at for. The strokes stay where they are; what does not matter steps back.
enum class Lens { Timing, Balance, Swing, Ornaments };

/// The lenses that have something to show for this take; timing and balance always have.
[[nodiscard]] std::vector<Lens> lensesFor(const TakeAnalysis& analysis);

[[nodiscard]] QString lensName(Lens lens);
/// One sentence: how to read the field through it.
[[nodiscard]] QString lensHint(Lens lens);

/// Timing: every stroke as it is. Balance: upright, the pale bars at the player's own class medians, strokes that fell
/// out of their class in front. Swing: the off-beats, leaning by how far they are from where the target puts them
/// between the beats around them. Ornaments: strokes with grace notes, each grace note as far before its stroke as it
/// sounded.
[[nodiscard]] FieldData fieldThrough(Lens lens, const TakeAnalysis& analysis);

}  // namespace upbeat
