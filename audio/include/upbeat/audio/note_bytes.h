#pragma once

#include <cstdint>
#include <optional>
#include <span>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// The note that a MIDI message strikes; nothing for any other message, and for a note-on without velocity, which is a
/// note-off. `position` becomes the note's.
[[nodiscard]] std::optional<StruckNote> struckNote(std::span<const std::uint8_t> message,
                                                   std::int64_t position) noexcept;

}  // namespace upbeat
