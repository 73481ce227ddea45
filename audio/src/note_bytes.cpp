#include "upbeat/audio/note_bytes.h"

namespace upbeat {

std::optional<StruckNote> struckNote(std::span<const std::uint8_t> message, std::int64_t position) noexcept {
    constexpr unsigned kKind = 0xF0;
    constexpr unsigned kNoteOn = 0x90;
    constexpr unsigned kData = 0x7F;
    if (message.size() < 3 || (message[0] & kKind) != kNoteOn || (message[2] & kData) == 0) return std::nullopt;
    return StruckNote{position, static_cast<int>(message[1] & kData), static_cast<int>(message[2] & kData)};
}

}  // namespace upbeat
