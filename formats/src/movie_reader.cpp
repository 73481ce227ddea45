#include <algorithm>
#include <cmath>
#include <mutex>
#include <vector>

#include "sound_reader.h"

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libswresample/swresample.h>
}

namespace upbeat {

namespace {

// No playlists, no protocols: what is read is this file.
constexpr const char* kContainers = "mov,matroska,aac,avi,asf,mpegts,mpeg,flv,amr,3gp,ac3";

struct Free {
    void operator()(AVFormatContext* p) const { avformat_close_input(&p); }
    void operator()(AVCodecContext* p) const { avcodec_free_context(&p); }
    void operator()(AVPacket* p) const { av_packet_free(&p); }
    void operator()(AVFrame* p) const { av_frame_free(&p); }
    void operator()(SwrContext* p) const { swr_free(&p); }
};
template <class T>
using Owned = std::unique_ptr<T, Free>;

Owned<AVFormatContext> openContainer(const std::filesystem::path& path) {
    AVDictionary* options = nullptr;
    av_dict_set(&options, "protocol_whitelist", "file", 0);
    av_dict_set(&options, "format_whitelist", kContainers, 0);
    AVFormatContext* opened = nullptr;
    const int state = avformat_open_input(&opened, ("file:" + path.string()).c_str(), nullptr, &options);
    av_dict_free(&options);
    return Owned<AVFormatContext>(state == 0 ? opened : nullptr);
}

Owned<AVCodecContext> openDecoder(const AVStream& stream) {
    const AVCodec* decoder = avcodec_find_decoder(stream.codecpar->codec_id);
    if (decoder == nullptr) return nullptr;
    Owned<AVCodecContext> codec(avcodec_alloc_context3(decoder));
    codec->pkt_timebase = stream.time_base;  // without it what the encoder put before the sound is not cut off
    if (avcodec_parameters_to_context(codec.get(), stream.codecpar) < 0) return nullptr;
    return avcodec_open2(codec.get(), decoder, nullptr) == 0 ? std::move(codec) : nullptr;
}

class MovieReader final : public SoundReader {
  public:
    MovieReader(Owned<AVFormatContext> container, Owned<AVCodecContext> codec, const AVStream& stream)
        : m_container(std::move(container)), m_codec(std::move(codec)), m_stream(stream.index) {
        const double own = static_cast<double>(stream.duration) * av_q2d(stream.time_base);
        const double whole = static_cast<double>(m_container->duration) / AV_TIME_BASE;
        const double durationS = stream.duration > 0 ? own : whole;
        m_info.durationS = std::isfinite(durationS) ? std::max(0.0, durationS) : 0;
    }

    /// Decodes the first frame: only it tells rate and channels. False where there is no sound to decode.
    bool begin() { return decode(); }
    void setDuration(double seconds) { m_info.durationS = seconds; }

    std::size_t read(std::span<float> interleaved) override {
        const auto channels = static_cast<std::size_t>(m_info.channels);
        const std::size_t wanted = interleaved.size() / channels * channels;
        while (m_decoded.size() - m_given < wanted && decode()) {
        }
        const std::size_t given = std::min(wanted, m_decoded.size() - m_given);
        std::copy_n(m_decoded.begin() + static_cast<std::ptrdiff_t>(m_given), given, interleaved.begin());
        m_given += given;
        return given / channels;
    }
    /// A decoder that jumps begins with what it does not know yet; so what lies before is decoded and left.
    void start(std::size_t frame) override {
        std::vector<float> left(std::size_t{1} << 14U);
        const auto channels = static_cast<std::size_t>(m_info.channels);
        for (std::size_t behind = 0; behind < frame;) {
            const std::size_t most = std::min(left.size() / channels, frame - behind);
            const std::size_t frames = read(std::span<float>(left).first(most * channels));
            if (frames == 0) return;
            behind += frames;
        }
    }
    [[nodiscard]] bool breaksOffAt(std::size_t frames) const override {
        constexpr double kPaddingS = 0.25;  // of an encoder, and of a video longer than its sound
        const bool isGuess = m_container->duration_estimation_method == AVFMT_DURATION_FROM_BITRATE;
        return m_isBroken ||
               (!isGuess && static_cast<double>(frames) / m_info.sampleRate < m_info.durationS - kPaddingS);
    }

  private:
    /// Adds the next frame of sound to what was decoded; false at the end.
    bool decode() {
        if (m_given > 0) {
            m_decoded.erase(m_decoded.begin(), m_decoded.begin() + static_cast<std::ptrdiff_t>(m_given));
            m_given = 0;
        }
        while (true) {
            const int got = avcodec_receive_frame(m_codec.get(), m_frame.get());
            if (got == 0) return append();
            if (got != AVERROR(EAGAIN) || !feed()) return false;
        }
    }
    /// Gives the decoder the next packet of our stream, at the end the sign that there are no more.
    bool feed() {
        while (av_read_frame(m_container.get(), m_packet.get()) == 0) {
            const bool isOurs = m_packet->stream_index == m_stream;
            // A damaged packet is a gap in the sound, not its end.
            const int sent = isOurs ? avcodec_send_packet(m_codec.get(), m_packet.get()) : 0;
            av_packet_unref(m_packet.get());
            if (isOurs && (sent == 0 || sent == AVERROR_INVALIDDATA)) return true;
            if (isOurs) return false;
        }
        if (m_isDrained) return false;
        m_isDrained = true;
        return avcodec_send_packet(m_codec.get(), nullptr) == 0;
    }
    bool append() {
        if (!m_toFloat && !openConversion()) return false;
        if (m_frame->sample_rate != m_info.sampleRate || m_frame->ch_layout.nb_channels != m_info.channels ||
            m_frame->format != m_format) {
            m_isBroken = true;  // a stream that changes its mind is no recording
            return false;
        }
        const auto frames = static_cast<std::size_t>(std::max(0, m_frame->nb_samples));
        const std::size_t before = m_decoded.size();
        m_decoded.resize(before + frames * static_cast<std::size_t>(m_info.channels));
        auto* out = reinterpret_cast<std::uint8_t*>(m_decoded.data() + before);
        const auto** in = const_cast<const std::uint8_t**>(m_frame->extended_data);
        const int converted = swr_convert(m_toFloat.get(), &out, m_frame->nb_samples, in, m_frame->nb_samples);
        return converted == m_frame->nb_samples;
    }
    bool openConversion() {
        m_info.sampleRate = m_frame->sample_rate;
        m_info.channels = m_frame->ch_layout.nb_channels;
        m_format = m_frame->format;
        SwrContext* made = nullptr;
        const int state =
            swr_alloc_set_opts2(&made, &m_frame->ch_layout, AV_SAMPLE_FMT_FLT, m_info.sampleRate, &m_frame->ch_layout,
                                static_cast<AVSampleFormat>(m_format), m_info.sampleRate, 0, nullptr);
        m_toFloat.reset(made);
        return state == 0 && swr_init(made) == 0;
    }

    Owned<AVFormatContext> m_container;
    Owned<AVCodecContext> m_codec;
    Owned<SwrContext> m_toFloat;
    Owned<AVPacket> m_packet{av_packet_alloc()};
    Owned<AVFrame> m_frame{av_frame_alloc()};
    int m_stream;
    int m_format = AV_SAMPLE_FMT_NONE;
    bool m_isDrained = false;
    bool m_isBroken = false;
    std::vector<float> m_decoded;
    std::size_t m_given = 0;  ///< Of it, samples that were handed over.
};

std::unique_ptr<MovieReader> begin(const std::filesystem::path& path) {
    auto container = openContainer(path);
    if (!container || avformat_find_stream_info(container.get(), nullptr) < 0) return nullptr;
    const int index = av_find_best_stream(container.get(), AVMEDIA_TYPE_AUDIO, -1, -1, nullptr, 0);
    if (index < 0) return nullptr;
    const AVStream& stream = *container->streams[index];
    auto codec = openDecoder(stream);
    if (!codec) return nullptr;
    for (unsigned i = 0; i < container->nb_streams; ++i)
        if (static_cast<int>(i) != index) container->streams[i]->discard = AVDISCARD_ALL;
    auto reader = std::make_unique<MovieReader>(std::move(container), std::move(codec), stream);
    return reader->begin() ? std::move(reader) : nullptr;
}

double decodedS(SoundReader& reader) {
    std::vector<float> left(std::size_t{1} << 16U);
    std::size_t total = 0;
    while (const std::size_t frames = reader.read(left)) total += frames;
    return static_cast<double>(total) / reader.info().sampleRate;
}

}  // namespace

std::unique_ptr<SoundReader> openMovie(const std::filesystem::path& path) {
    static std::once_flag quiet;
    std::call_once(quiet, [] { av_log_set_level(AV_LOG_QUIET); });
    auto reader = begin(path);
    if (!reader || reader->info().durationS > 0) return reader;
    // Written while it was recorded, a file may not know how long it is.
    const double durationS = decodedS(*reader);
    reader = begin(path);
    if (reader) reader->setDuration(durationS);
    return reader;
}

}  // namespace upbeat
