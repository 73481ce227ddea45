#pragma once

#include <pipewire/filter.h>
#include <pipewire/pipewire.h>

#include <atomic>
#include <cmath>
#include <cstdint>
#include <vector>

namespace upbeat::test {

/// A sound card with a room around it, on a PipeWire server: what is played comes back softer and later, and a drummer
/// begins to play when the first click is heard.
class PipeWireRoom {
  public:
    struct Sound {
        float echo = 1;              ///< How much of what is played comes back.
        std::vector<float> drummer;  ///< From the first frame of the first click on.
    };

    explicit PipeWireRoom(Sound sound) : m_sound(std::move(sound)) {
        pw_init(nullptr, nullptr);
        m_loop = pw_thread_loop_new("room", nullptr);
        m_context = pw_context_new(pw_thread_loop_get_loop(m_loop), nullptr, 0);
        pw_thread_loop_start(m_loop);
        pw_thread_loop_lock(m_loop);
        m_core = pw_context_connect(m_context, nullptr, 0);
        if (m_core != nullptr) enter();
        pw_thread_loop_unlock(m_loop);
    }
    ~PipeWireRoom() {
        unplug();
        pw_thread_loop_stop(m_loop);
        if (m_core != nullptr) pw_core_disconnect(m_core);
        pw_context_destroy(m_context);
        pw_thread_loop_destroy(m_loop);
    }
    PipeWireRoom(const PipeWireRoom&) = delete;
    PipeWireRoom& operator=(const PipeWireRoom&) = delete;

    /// The card is pulled out.
    void unplug() {
        pw_thread_loop_lock(m_loop);
        leave();
        pw_thread_loop_unlock(m_loop);
    }
    void plugIn() {
        pw_thread_loop_lock(m_loop);
        enter();
        pw_thread_loop_unlock(m_loop);
    }

  private:
    void enter() {
        static const pw_filter_events events = [] {
            pw_filter_events e{};
            e.version = PW_VERSION_FILTER_EVENTS;
            e.process = [](void* self, spa_io_position* position) {
                static_cast<PipeWireRoom*>(self)->cycle(position->clock.position, position->clock.duration);
            };
            return e;
        }();
        m_filter = pw_filter_new(m_core, "room",
                                 pw_properties_new(PW_KEY_NODE_NAME, "room", PW_KEY_NODE_DESCRIPTION, "Practice room",
                                                   PW_KEY_MEDIA_CLASS, "Audio/Duplex", nullptr));
        pw_filter_add_listener(m_filter, &m_hook, &events, this);
        m_in = port(PW_DIRECTION_INPUT, "playback_1");
        m_out = port(PW_DIRECTION_OUTPUT, "capture_1");
        pw_filter_connect(m_filter, PW_FILTER_FLAG_RT_PROCESS, nullptr, 0);
    }
    void leave() {
        if (m_filter != nullptr) pw_filter_destroy(m_filter);
        m_filter = nullptr;
    }
    void* port(pw_direction direction, const char* name) {
        return pw_filter_add_port(
            m_filter, direction, PW_FILTER_PORT_FLAG_MAP_BUFFERS, 1,
            pw_properties_new(PW_KEY_FORMAT_DSP, "32 bit float mono audio", PW_KEY_PORT_NAME, name, nullptr), nullptr,
            0);
    }
    /// By the clock: a cycle that the room misses moves nobody.
    void cycle(std::uint64_t position, std::uint64_t frames) {
        const auto count = static_cast<std::uint32_t>(frames);
        const auto* in = static_cast<const float*>(pw_filter_get_dsp_buffer(m_in, count));
        auto* out = static_cast<float*>(pw_filter_get_dsp_buffer(m_out, count));
        if (out == nullptr) return;
        for (std::uint32_t i = 0; i < count; ++i) {
            const float heard = in == nullptr ? 0.0F : in[i];
            const auto now = static_cast<std::int64_t>(position + i);
            if (m_began < 0 && std::abs(heard) > 1e-4F) m_began = now;
            out[i] = m_sound.echo * heard;
            if (m_began < 0) continue;
            const auto at = static_cast<std::size_t>(now - m_began);
            if (at < m_sound.drummer.size()) out[i] += m_sound.drummer[at];
        }
    }

    Sound m_sound;
    std::int64_t m_began = -1;  // position of the first click
    pw_thread_loop* m_loop = nullptr;
    pw_context* m_context = nullptr;
    pw_core* m_core = nullptr;
    pw_filter* m_filter = nullptr;
    spa_hook m_hook{};
    void* m_in = nullptr;
    void* m_out = nullptr;
};

}  // namespace upbeat::test
