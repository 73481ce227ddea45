#include "upbeat/audio/note_bytes.h"

namespace upbeat {

namespace {

constexpr unsigned kKind = 0xF0;
constexpr unsigned kNoteOn = 0x90;
constexpr unsigned kController = 0xB0;
constexpr int kFootController = 4;
constexpr unsigned kData = 0x7F;

}  // namespace

std::optional<int> switchedOn(std::span<const std::uint8_t> message) noexcept {
    constexpr unsigned kOn = 64;
    if (message.size() < 3 || (message[0] & kKind) != kController || (message[2] & kData) < kOn) return std::nullopt;
    const auto controller = static_cast<int>(message[1] & kData);
    return controller == kFootController ? std::nullopt : std::optional(controller);
}

std::optional<StruckNote> NoteReader::read(std::span<const std::uint8_t> message, std::int64_t position) noexcept {
    if (message.size() < 3) return std::nullopt;
    const auto first = static_cast<int>(message[1] & kData);
    const auto second = static_cast<int>(message[2] & kData);
    const unsigned kind = message[0] & kKind;
    if (kind == kController && first == kFootController) m_pedal = second;
    if (kind != kNoteOn || second == 0) return std::nullopt;
    return StruckNote{position, first, second, m_pedal};
}

}  // namespace upbeat
