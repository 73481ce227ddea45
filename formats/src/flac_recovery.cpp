#include "upbeat/formats/flac_recovery.h"

#include <system_error>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"

namespace upbeat {

namespace {

// "fLaC", a block head of 4 bytes, then STREAMINFO: the count of samples is the low 36 bits of its bytes 10 to 17.
constexpr std::size_t kCountByte = 4 + 4 + 13;
constexpr std::size_t kLargest = 1U << 30U;

}  // namespace

Result<double> recoverFlac(const std::filesystem::path& broken, const std::filesystem::path& whole) {
    auto bytes = readFile(broken, kLargest);
    if (!bytes) return tl::unexpected(bytes.error());
    if (bytes->size() < kCountByte + 5 || !bytes->starts_with("fLaC"))
        return fail("nothing can be saved of it", broken.string(), "delete it");
    // Promise more than any take holds (0x0FFFFFFFF samples): the decoder then reads to where the file ends.
    auto& b = *bytes;
    b[kCountByte] = static_cast<char>(static_cast<unsigned char>(b[kCountByte]) & 0xF0U);
    for (std::size_t i = 1; i <= 4; ++i) b[kCountByte + i] = '\x0F';
    const std::filesystem::path copy = whole.string() + ".mend";
    if (auto written = writeFileAtomically(copy, b); !written) return tl::unexpected(written.error());
    const Sound sound = readAudioUntilItBreaks(copy);
    std::error_code ignored;
    std::filesystem::remove(copy, ignored);
    if (sound.samples.empty()) return fail("nothing can be saved of it", broken.string(), "delete it");
    if (auto written = writeSound(whole, sound, AudioFormat::Flac24); !written) return tl::unexpected(written.error());
    return sound.durationS();
}

}  // namespace upbeat
