#include <algorithm>
#include <sndfile.hh>

#include "sound_reader.h"

namespace upbeat {

namespace {

class SndfileReader final : public SoundReader {
  public:
    explicit SndfileReader(const std::filesystem::path& path) : m_file(path.string()) {
        m_info = {m_file.samplerate(), m_file.channels(),
                  static_cast<double>(m_file.frames()) / std::max(m_file.samplerate(), 1)};
    }
    [[nodiscard]] bool isOpen() const { return m_file && m_file.error() == 0; }

    std::size_t read(std::span<float> interleaved) override {
        const auto frames = std::ssize(interleaved) / m_info.channels;
        return static_cast<std::size_t>(std::max<sf_count_t>(0, m_file.readf(interleaved.data(), frames)));
    }
    void start(std::size_t frame) override { m_file.seek(static_cast<sf_count_t>(frame), SEEK_SET); }
    [[nodiscard]] bool breaksOffAt(std::size_t frames) const override {
        return static_cast<sf_count_t>(frames) < m_file.frames();
    }

  private:
    SndfileHandle m_file;
};

}  // namespace

std::unique_ptr<SoundReader> openSndfile(const std::filesystem::path& path) {
    auto reader = std::make_unique<SndfileReader>(path);
    return reader->isOpen() ? std::move(reader) : nullptr;
}

}  // namespace upbeat
