#pragma once

#include <cstdint>
#include <optional>
#include <span>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// The controller that a message switches on, as a foot switch does: a value of 64 or more; nothing for any other
/// message, and for the pedal of the hi-hat (controller 4), which is played.
[[nodiscard]] std::optional<int> switchedOn(std::span<const std::uint8_t> message) noexcept;

/// Reads the messages of a MIDI instrument in their order. Audio thread.
class NoteReader {
  public:
    /// The note that a message strikes; nothing for any other message, and for a note-on without velocity, which is a
    /// note-off. `position` becomes the note's. The pedal of the hi-hat (controller 4) is remembered for what follows.
    [[nodiscard]] std::optional<StruckNote> read(std::span<const std::uint8_t> message, std::int64_t position) noexcept;

  private:
    int m_pedal = -1;
};

}  // namespace upbeat
