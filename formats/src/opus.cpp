#include <algorithm>
#include <cstring>
#include <sndfile.hh>

#include "upbeat/formats/audio_file.h"

namespace upbeat {

namespace {

/// A file in memory, as libsndfile asks for it.
struct MemoryFile {
    std::string bytes;
    std::size_t at = 0;

    static MemoryFile& of(void* with) { return *static_cast<MemoryFile*>(with); }
    static sf_count_t length(void* with) { return static_cast<sf_count_t>(of(with).bytes.size()); }
    static sf_count_t seek(sf_count_t offset, int whence, void* with) {
        MemoryFile& file = of(with);
        const sf_count_t base = whence == SEEK_SET   ? 0
                                : whence == SEEK_CUR ? static_cast<sf_count_t>(file.at)
                                                     : length(with);
        file.at = static_cast<std::size_t>(std::max<sf_count_t>(0, base + offset));
        return static_cast<sf_count_t>(file.at);
    }
    static sf_count_t read(void* to, sf_count_t count, void* with) {
        MemoryFile& file = of(with);
        const auto left = static_cast<sf_count_t>(file.bytes.size() - std::min(file.at, file.bytes.size()));
        const auto some = static_cast<std::size_t>(std::min(count, left));
        std::memcpy(to, file.bytes.data() + file.at, some);
        file.at += some;
        return static_cast<sf_count_t>(some);
    }
    static sf_count_t write(const void* from, sf_count_t count, void* with) {
        MemoryFile& file = of(with);
        const auto some = static_cast<std::size_t>(count);
        if (file.at + some > file.bytes.size()) file.bytes.resize(file.at + some);
        std::memcpy(file.bytes.data() + file.at, from, some);
        file.at += some;
        return count;
    }
    static sf_count_t tell(void* with) { return static_cast<sf_count_t>(of(with).at); }
};

}  // namespace

Result<std::string> opusOf(const Sound& sound) {
    constexpr int kRate = 48000;
    const Sound at48 = sound.sampleRate == kRate ? Sound() : resampled(sound, kRate);
    const std::vector<float>& samples = sound.sampleRate == kRate ? sound.samples : at48.samples;
    MemoryFile memory;
    SF_VIRTUAL_IO access{MemoryFile::length, MemoryFile::seek, MemoryFile::read, MemoryFile::write, MemoryFile::tell};
    bool complete = false;
    {
        SndfileHandle file(access, &memory, SFM_WRITE, SF_FORMAT_OGG | SF_FORMAT_OPUS, 1, kRate);
        const auto count = static_cast<sf_count_t>(samples.size());
        complete = file && file.error() == 0 && file.write(samples.data(), count) == count;
    }
    if (!complete)
        return fail(UPBEAT_TEXT("the sound could not be packed as Opus"), {},
                    UPBEAT_TEXT("leave the sound out, or install a libsndfile that knows Opus"));
    return std::move(memory.bytes);
}

}  // namespace upbeat
