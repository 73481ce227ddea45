#pragma once

#include <filesystem>
#include <functional>
#include <memory>
#include <span>

#include "upbeat/take/take_bounds.h"
#include "upbeat/units/error.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// What a recording says of itself.
struct AudioInfo {
    int sampleRate = 0;
    int channels = 0;
    double durationS = 0;
};

/// "7.2 s", "1:40 min", "2:00:01 h": as exact as the sentence it stands in has to be.
[[nodiscard]] std::string durationInWords(double seconds);

/// Opens anything libsndfile reads, else M4A, AAC and the sound of a video (decision 33), checks it (8 to 192 kHz, 1 to
/// 8 channels, at most `mostS`) and hands it over block by block, mixed to mono; samples that are not finite come as 0.
/// Memory stays constant. A file that promises more than it holds is an error that says where it ends. The duration
/// given back is what was read.
[[nodiscard]] Result<AudioInfo> readAudio(const std::filesystem::path& path,
                                          const std::function<void(std::span<const float>, const AudioInfo&)>& block,
                                          double mostS = kLongestTakeS);

/// What a file says of itself; checked as by readAudio, nothing is decoded.
[[nodiscard]] Result<AudioInfo> readAudioInfo(const std::filesystem::path& path, double mostS = kLongestTakeS);

/// The whole file, for short takes and for listening.
[[nodiscard]] Result<Sound> readSound(const std::filesystem::path& path);

/// Part of a file in seconds, clamped to what is there.
[[nodiscard]] Result<Sound> readSpan(const std::filesystem::path& path, double fromS, double toS,
                                     double mostS = kLongestTakeS);

/// The same sound at another rate, band-limited (libswresample).
[[nodiscard]] Sound resampled(const Sound& sound, int sampleRate);

enum class AudioFormat { Wav16, Wav24, Flac24 };

/// Writes to a temporary name and renames; a link is followed, a device refused.
[[nodiscard]] Result<void> writeSound(const std::filesystem::path& path, const Sound& sound, AudioFormat format);

/// A sound as an Ogg Opus file in memory, at 48 kHz: small, and played by every browser. Times stay as they are.
[[nodiscard]] Result<std::string> opusOf(const Sound& sound);

/// A FLAC file that grows: used by the recorder's writer thread. The file is readable up to the last flush even when
/// the program dies. Not thread safe.
class FlacWriter {
  public:
    [[nodiscard]] static Result<std::unique_ptr<FlacWriter>> open(const std::filesystem::path& path, int sampleRate);
    ~FlacWriter();
    FlacWriter(const FlacWriter&) = delete;
    FlacWriter& operator=(const FlacWriter&) = delete;

    /// False when the disk is full or gone; what was written before stays.
    [[nodiscard]] bool write(std::span<const float> samples);
    void flush();
    /// Writes what is left and closes the file for good. False when the disk did not take all of it.
    [[nodiscard]] bool close();

  private:
    struct Impl;
    explicit FlacWriter(std::unique_ptr<Impl> impl);
    std::unique_ptr<Impl> m_impl;
};

}  // namespace upbeat
