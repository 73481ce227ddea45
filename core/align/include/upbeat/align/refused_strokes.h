#pragma once

#include <optional>

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// Where somebody speaks throughout a take, a syllable in the place of a written stroke is taken for it when nothing
/// else says otherwise. Once the take was matched, all witnesses are asked together: how far the hit is from where this
/// player is then with this voice, how loud it is beside strokes of its kind, how far it rises above all vowels, and
/// how like the strokes of the take it is. Those who are rather syllables are refused (Hit::refused): gives what was
/// heard with these marks, worth matching again; nothing where nobody speaks or all are strokes.
[[nodiscard]] std::optional<HeardTake> refuseWritten(const MatchedTake& take, const HeardTake& heard);

}  // namespace upbeat
