#include "upbeat/formats/audio_file.h"

#include <algorithm>
#include <memory>

extern "C" {
#include <libavutil/channel_layout.h>
#include <libswresample/swresample.h>
}

namespace upbeat {

Sound resampled(const Sound& sound, int sampleRate) {
    if (sound.sampleRate == sampleRate || sound.samples.empty()) return sound;
    AVChannelLayout mono = AV_CHANNEL_LAYOUT_MONO;
    SwrContext* made = nullptr;
    swr_alloc_set_opts2(&made, &mono, AV_SAMPLE_FMT_FLT, sampleRate, &mono, AV_SAMPLE_FMT_FLT, sound.sampleRate, 0,
                        nullptr);
    const std::unique_ptr<SwrContext, void (*)(SwrContext*)> swr(made, [](SwrContext* p) { swr_free(&p); });
    if (!swr || swr_init(swr.get()) != 0) return {{}, sampleRate};
    const auto count = static_cast<int>(sound.samples.size());
    Sound out{{}, sampleRate};
    out.samples.resize(static_cast<std::size_t>(swr_get_out_samples(swr.get(), count)));
    auto* to = reinterpret_cast<std::uint8_t*>(out.samples.data());
    const auto* from = reinterpret_cast<const std::uint8_t*>(sound.samples.data());
    const auto room = static_cast<int>(out.samples.size());
    const int most = swr_convert(swr.get(), &to, room, &from, count);
    auto* rest = reinterpret_cast<std::uint8_t*>(out.samples.data() + std::max(0, most));
    const int tail = swr_convert(swr.get(), &rest, room - std::max(0, most), nullptr, 0);
    out.samples.resize(static_cast<std::size_t>(std::max(0, most)) + static_cast<std::size_t>(std::max(0, tail)));
    return out;
}

}  // namespace upbeat
