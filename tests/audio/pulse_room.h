#pragma once

#include <pulse/pulseaudio.h>

#include <cmath>
#include <cstdint>
#include <vector>

namespace upbeat::test {

/// A room on a PulseAudio server: what is played to the sink "speaker" comes back from the sink "room", and a drummer
/// begins to play when the first click is heard. One stream carries both, so they stand exactly to one another.
class PulseRoom {
  public:
    PulseRoom(float echo, std::vector<float> drummer) : m_echo(echo), m_drummer(std::move(drummer)) {
        m_loop = pa_threaded_mainloop_new();
        m_context = pa_context_new(pa_threaded_mainloop_get_api(m_loop), "room");
        pa_context_set_state_callback(
            m_context,
            [](pa_context* context, void* self) {
                if (pa_context_get_state(context) == PA_CONTEXT_READY) static_cast<PulseRoom*>(self)->open();
            },
            this);
        pa_context_connect(m_context, nullptr, PA_CONTEXT_NOAUTOSPAWN, nullptr);
        pa_threaded_mainloop_start(m_loop);
    }
    ~PulseRoom() {
        pa_threaded_mainloop_lock(m_loop);
        pa_context_set_state_callback(m_context, nullptr, nullptr);
        for (pa_stream* stream : {m_in, m_out}) {
            if (stream == nullptr) continue;
            pa_stream_set_read_callback(stream, nullptr, nullptr);
            pa_stream_disconnect(stream);
            pa_stream_unref(stream);
        }
        pa_context_disconnect(m_context);
        pa_context_unref(m_context);
        pa_threaded_mainloop_unlock(m_loop);
        pa_threaded_mainloop_stop(m_loop);
        pa_threaded_mainloop_free(m_loop);
    }
    PulseRoom(const PulseRoom&) = delete;
    PulseRoom& operator=(const PulseRoom&) = delete;

  private:
    void open() {
        const pa_sample_spec spec{PA_SAMPLE_FLOAT32NE, 48000, 1};
        const pa_buffer_attr buffer{UINT32_MAX, UINT32_MAX, 0, UINT32_MAX, 1920};
        m_out = pa_stream_new(m_context, "room", &spec, nullptr);
        m_in = pa_stream_new(m_context, "ear", &spec, nullptr);
        pa_stream_set_read_callback(
            m_in, [](pa_stream*, std::size_t, void* self) { static_cast<PulseRoom*>(self)->hear(); }, this);
        pa_stream_connect_playback(m_out, "room", &buffer, PA_STREAM_NOFLAGS, nullptr, nullptr);
        pa_stream_connect_record(m_in, "speaker.monitor", &buffer, PA_STREAM_ADJUST_LATENCY);
    }
    void hear() {
        const void* data = nullptr;
        std::size_t bytes = 0;
        while (pa_stream_readable_size(m_in) > 0 && pa_stream_peek(m_in, &data, &bytes) >= 0 && bytes > 0) {
            std::vector<float> out(bytes / sizeof(float), 0.0F);
            const auto* in = static_cast<const float*>(data);
            for (std::size_t i = 0; i < out.size(); ++i) {
                const float heard = in == nullptr ? 0.0F : in[i];
                if (m_at < 0 && std::abs(heard) > 1e-4F) m_at = 0;
                out[i] = m_echo * heard;
                if (m_at < 0) continue;
                const auto at = static_cast<std::size_t>(m_at++);
                if (at < m_drummer.size()) out[i] += m_drummer[at];
            }
            pa_stream_drop(m_in);
            if (pa_stream_get_state(m_out) != PA_STREAM_READY) continue;
            constexpr std::int64_t kLeadBytes = 4800 * 4;
            pa_stream_write(m_out, out.data(), bytes, nullptr, m_anchored ? 0 : kLeadBytes,
                            m_anchored ? PA_SEEK_RELATIVE : PA_SEEK_RELATIVE_ON_READ);
            m_anchored = true;
        }
    }

    float m_echo;
    std::vector<float> m_drummer;
    std::int64_t m_at = -1;
    bool m_anchored = false;
    pa_threaded_mainloop* m_loop = nullptr;
    pa_context* m_context = nullptr;
    pa_stream* m_in = nullptr;
    pa_stream* m_out = nullptr;
};

}  // namespace upbeat::test
