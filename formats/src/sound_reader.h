#pragma once

#include <filesystem>
#include <memory>
#include <span>

#include "upbeat/formats/audio_file.h"

namespace upbeat {

/// An open recording, read from front to back. Not thread safe.
class SoundReader {
  public:
    virtual ~SoundReader() = default;
    SoundReader(const SoundReader&) = delete;
    SoundReader& operator=(const SoundReader&) = delete;

    /// The duration is what the file promises; a stream without a table of contents can only be guessed at.
    [[nodiscard]] const AudioInfo& info() const { return m_info; }
    /// Fills `interleaved`, a whole number of frames; gives the frames read, 0 at the end.
    [[nodiscard]] virtual std::size_t read(std::span<float> interleaved) = 0;
    /// Goes on `frames` frames after the start; only before the first read.
    virtual void start(std::size_t frame) = 0;
    /// Whether a file that ends after `frames` frames holds less than it promised.
    [[nodiscard]] virtual bool breaksOffAt(std::size_t frames) const = 0;

  protected:
    SoundReader() = default;
    AudioInfo m_info;
};

/// WAV, FLAC, Ogg, Opus, MP3 and whatever else libsndfile reads; nothing where it cannot.
[[nodiscard]] std::unique_ptr<SoundReader> openSndfile(const std::filesystem::path& path);

/// M4A, AAC and the first sound of a video, by FFmpeg's libraries; nothing where they cannot. Only containers that
/// hold their own sound are tried: a playlist can name other files.
[[nodiscard]] std::unique_ptr<SoundReader> openMovie(const std::filesystem::path& path);

}  // namespace upbeat
