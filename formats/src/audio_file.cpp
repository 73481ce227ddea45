#include "upbeat/formats/audio_file.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <sndfile.hh>
#include <system_error>
#include <utility>
#include <vector>

#include "sound_reader.h"
#include "upbeat/formats/atomic_file.h"

namespace upbeat {

namespace {

constexpr int kLowestRate = 8000;
constexpr int kHighestRate = 192000;
constexpr int kMostChannels = 8;
constexpr std::size_t kBlockFrames = 1U << 14U;

Result<void> check(const AudioInfo& info, const std::string& where, double mostS) {
    if (info.sampleRate < kLowestRate || info.sampleRate > kHighestRate)
        return fail(Text::with(UPBEAT_TEXT("its sample rate is %1 Hz"), info.sampleRate), where,
                    UPBEAT_TEXT("use 8 to 192 kHz"));
    if (info.channels < 1 || info.channels > kMostChannels)
        return fail(Text::with(UPBEAT_TEXT("it has %1 channels"), info.channels), where, UPBEAT_TEXT("use 1 to 8"));
    if (info.durationS <= 0)
        return fail(UPBEAT_TEXT("it holds no sound"), where, UPBEAT_TEXT("record it again or choose another"));
    if (info.durationS > mostS)
        return fail(Text::with(UPBEAT_TEXT("it is %1 long"), durationInWords(info.durationS)), where,
                    UPBEAT_TEXT("cut it to two hours or less"));
    return {};
}

Result<std::unique_ptr<SoundReader>> open(const std::filesystem::path& path, double mostS) {
    std::error_code error;
    const auto status = std::filesystem::status(path, error);
    const std::string where = path.string();
    if (!std::filesystem::exists(status))
        return fail(UPBEAT_TEXT("there is no such file"), where, UPBEAT_TEXT("check the name"));
    if (!std::filesystem::is_regular_file(status))
        return fail(UPBEAT_TEXT("this is not a file"), where, UPBEAT_TEXT("name a recording"));
    if (std::filesystem::file_size(path, error) == 0)
        return fail(UPBEAT_TEXT("the file is empty"), where, UPBEAT_TEXT("record it again or choose another"));
    auto reader = openSndfile(path);
    if (!reader) reader = openMovie(path);
    if (!reader)
        return fail(UPBEAT_TEXT("this is not a recording that can be read"), where,
                    UPBEAT_TEXT("use WAV, FLAC, Ogg, MP3, M4A or a video with sound"));
    if (const auto fits = check(reader->info(), where, mostS); !fits) return tl::unexpected(fits.error());
    return reader;
}

void mixToMono(std::span<const float> interleaved, int channels, std::vector<float>& mono) {
    const auto count = static_cast<std::size_t>(channels);
    mono.resize(interleaved.size() / count);
    for (std::size_t i = 0; i < mono.size(); ++i) {
        float sum = 0;
        for (std::size_t c = 0; c < count; ++c) sum += interleaved[i * count + c];
        mono[i] = std::isfinite(sum) ? sum / static_cast<float>(channels) : 0.0F;
    }
}

int sndfileFormat(AudioFormat format) {
    switch (format) {
        case AudioFormat::Wav16:
            return SF_FORMAT_WAV | SF_FORMAT_PCM_16;
        case AudioFormat::Wav24:
            return SF_FORMAT_WAV | SF_FORMAT_PCM_24;
        case AudioFormat::Flac24:
            return SF_FORMAT_FLAC | SF_FORMAT_PCM_24;
    }
    return SF_FORMAT_WAV | SF_FORMAT_PCM_24;
}

}  // namespace

std::string durationInWords(double seconds) {
    constexpr int kMinute = 60;
    constexpr int kHour = 3600;
    if (seconds < kMinute) return fmt::format("{:.1f} s", seconds);
    const auto whole = std::llround(seconds);
    if (whole < kHour) return fmt::format("{}:{:02} min", whole / kMinute, whole % kMinute);
    return fmt::format("{}:{:02}:{:02} h", whole / kHour, whole % kHour / kMinute, whole % kMinute);
}

Result<AudioInfo> readAudio(const std::filesystem::path& path,
                            const std::function<void(std::span<const float>, const AudioInfo&)>& block, double mostS) {
    auto opened = open(path, mostS);
    if (!opened) return tl::unexpected(opened.error());
    SoundReader& reader = **opened;
    AudioInfo info = reader.info();
    const auto most = static_cast<std::size_t>(mostS * info.sampleRate);
    std::vector<float> interleaved(kBlockFrames * static_cast<std::size_t>(info.channels));
    std::vector<float> mono;
    std::size_t total = 0;
    while (const std::size_t frames = reader.read(interleaved)) {
        total += frames;
        const auto values = frames * static_cast<std::size_t>(info.channels);
        mixToMono(std::span<const float>(interleaved).first(values), info.channels, mono);
        block(mono, info);
        if (total > most) break;  // longer than it promised
    }
    if (reader.breaksOffAt(total))
        return fail(Text::with(UPBEAT_TEXT("the file breaks off after %1 of %2 s"),
                               fmt::format("{:.1f}", static_cast<double>(total) / info.sampleRate),
                               fmt::format("{:.1f}", info.durationS)),
                    path.string(), UPBEAT_TEXT("use the complete recording"));
    info.durationS = static_cast<double>(total) / info.sampleRate;
    return info;
}

Result<AudioInfo> readAudioInfo(const std::filesystem::path& path, double mostS) {
    const auto opened = open(path, mostS);
    if (!opened) return tl::unexpected(opened.error());
    return (*opened)->info();
}

Result<Sound> readSound(const std::filesystem::path& path) {
    Sound sound;
    const auto info = readAudio(path, [&](std::span<const float> block, const AudioInfo&) {
        sound.samples.insert(sound.samples.end(), block.begin(), block.end());
    });
    if (!info) return tl::unexpected(info.error());
    sound.sampleRate = info->sampleRate;
    return sound;
}

Result<Sound> readSpan(const std::filesystem::path& path, double fromS, double toS, double mostS) {
    auto opened = open(path, mostS);
    if (!opened) return tl::unexpected(opened.error());
    SoundReader& reader = **opened;
    const AudioInfo& info = reader.info();
    const auto frameAt = [&](double seconds) {
        return static_cast<std::size_t>(std::llround(std::clamp(seconds, 0.0, info.durationS) * info.sampleRate));
    };
    const std::size_t from = frameAt(fromS);
    const auto channels = static_cast<std::size_t>(info.channels);
    std::vector<float> interleaved((std::max(from, frameAt(toS)) - from) * channels);
    reader.start(from);
    interleaved.resize(reader.read(interleaved) * channels);
    Sound sound;
    sound.sampleRate = info.sampleRate;
    mixToMono(interleaved, info.channels, sound.samples);
    return sound;
}

Result<void> writeSound(const std::filesystem::path& path, const Sound& sound, AudioFormat format) {
    const auto target = plainFileBehind(path);
    if (!target) return tl::unexpected(target.error());
    const std::string temporary = target->string() + ".part";
    bool complete = false;
    {
        SndfileHandle file(temporary, SFM_WRITE, sndfileFormat(format), 1, sound.sampleRate);
        if (!file || file.error() != 0)
            return fail(UPBEAT_TEXT("it cannot be written"), path.string(),
                        UPBEAT_TEXT("choose a folder you may write to"));
        file.command(SFC_SET_CLIPPING, nullptr, SF_TRUE);
        const auto count = static_cast<sf_count_t>(sound.samples.size());
        complete = file.write(sound.samples.data(), count) == count;
        file.writeSync();
    }
    std::error_code error;
    if (complete) std::filesystem::rename(temporary, *target, error);
    if (!complete || error) {
        std::error_code ignored;
        std::filesystem::remove(temporary, ignored);
        return fail(UPBEAT_TEXT("writing it failed"), path.string(),
                    UPBEAT_TEXT("free some space or choose another folder"));
    }
    return {};
}

struct FlacWriter::Impl {
    SndfileHandle file;
    std::filesystem::path path;
    sf_count_t frames = 0;
};

FlacWriter::FlacWriter(std::unique_ptr<Impl> impl) : m_impl(std::move(impl)) {}
FlacWriter::~FlacWriter() = default;

Result<std::unique_ptr<FlacWriter>> FlacWriter::open(const std::filesystem::path& path, int sampleRate) {
    auto impl = std::make_unique<Impl>(
        Impl{SndfileHandle(path.string(), SFM_WRITE, sndfileFormat(AudioFormat::Flac24), 1, sampleRate), path, 0});
    if (!impl->file || impl->file.error() != 0)
        return fail(UPBEAT_TEXT("the recording cannot be written there"), path.string(),
                    UPBEAT_TEXT("free some space or choose another folder"));
    impl->file.command(SFC_SET_CLIPPING, nullptr, SF_TRUE);
    return std::unique_ptr<FlacWriter>(new FlacWriter(std::move(impl)));
}

bool FlacWriter::write(std::span<const float> samples) {
    const auto count = static_cast<sf_count_t>(samples.size());
    m_impl->frames += count;
    return m_impl->file.write(samples.data(), count) == count;
}

void FlacWriter::flush() {
    m_impl->file.writeSync();
}

bool FlacWriter::close() {
    m_impl->file.writeSync();
    m_impl->file = SndfileHandle();
    // Only the file itself tells whether the last block and the head found room.
    std::error_code error;
    if (!std::filesystem::is_regular_file(m_impl->path, error)) return false;
    const SndfileHandle written(m_impl->path.string());
    syncToDisk(m_impl->path);
    return written && written.error() == 0 && written.frames() == m_impl->frames;
}

}  // namespace upbeat
