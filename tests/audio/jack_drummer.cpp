// A drummer as a second JACK client: hears the program's click and answers every one behind the count-in with four even
// sixteenths into its microphone, where the click leaks in too. Usage: jack_drummer SERVER CLICK_PORT MICROPHONE_PORT;
// plays until it is stopped.
#include <jack/jack.h>

#include <array>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <thread>
#include <vector>

namespace {

constexpr std::size_t kRing = 1 << 17;
constexpr float kLeak = 0.08F;
constexpr double kRate = 48000;
constexpr std::size_t kStroke = 3840;

struct Drummer {
    jack_client_t* client = nullptr;
    jack_port_t* in = nullptr;
    jack_port_t* out = nullptr;
    std::vector<float> stroke;  // noise, long enough for many strokes
    std::uint32_t state = 7;
    std::array<float, kRing> coming{};
    std::int64_t now = 0;
    std::int64_t lastClick = -1;
    int heard = 0;  // clicks since the last pause

    /// Nobody strikes twice alike: other noise, and up to 3 ms early or late.
    void land(std::int64_t at) {
        state = state * 1664525U + 1013904223U;
        at += static_cast<std::int64_t>((state >> 8U) % 289) - 144;
        const std::size_t from = (state >> 4U) % (stroke.size() - kStroke);
        for (std::size_t i = 0; i < kStroke; ++i) {
            const double t = static_cast<double>(i) / kRate;
            const double shape = (1 - std::exp(-t / 0.0002)) * std::exp(-t / 0.012);
            coming[static_cast<std::size_t>(at + static_cast<std::int64_t>(i)) % kRing] +=
                static_cast<float>(shape) * stroke[from + i];
        }
    }

    void hearClick() {
        constexpr std::int64_t kAfter = 384;  // 8 ms behind it
        const std::int64_t apart = lastClick < 0 ? 0 : now - lastClick;
        constexpr std::int64_t kPause = 43200;
        constexpr int kCountIn = 4;
        heard = lastClick < 0 || apart > kPause ? 1 : heard + 1;
        for (int k = 0; k < 4 && heard > kCountIn; ++k) land(now + kAfter + k * apart / 4);
        lastClick = now;
    }

    int cycle(jack_nframes_t frames) {
        constexpr std::int64_t kDead = 7200;
        const auto* input = static_cast<const float*>(jack_port_get_buffer(in, frames));
        auto* output = static_cast<float*>(jack_port_get_buffer(out, frames));
        for (jack_nframes_t i = 0; i < frames; ++i, ++now) {
            if (std::abs(input[i]) > 1e-3F && (lastClick < 0 || now - lastClick > kDead)) hearClick();
            float& next = coming[static_cast<std::size_t>(now) % kRing];
            output[i] = next + kLeak * input[i];
            next = 0;
        }
        return 0;
    }
};

std::vector<float> someNoise() {
    std::vector<float> sound(48000);
    std::uint32_t state = 12345;
    for (float& v : sound) {
        state = state * 1664525U + 1013904223U;
        v = 0.4F * (static_cast<float>(state >> 8U) / (1U << 23U) - 1);
    }
    return sound;
}

}  // namespace

int main(int argc, char** argv) {
    if (argc != 4) return 2;
    static Drummer drummer;
    drummer.client =
        jack_client_open("drummer", static_cast<jack_options_t>(JackNoStartServer | JackServerName), nullptr, argv[1]);
    if (drummer.client == nullptr) return 4;
    drummer.stroke = someNoise();
    drummer.in = jack_port_register(drummer.client, "ear", JACK_DEFAULT_AUDIO_TYPE, JackPortIsInput, 0);
    drummer.out = jack_port_register(drummer.client, "drum", JACK_DEFAULT_AUDIO_TYPE, JackPortIsOutput, 0);
    jack_set_process_callback(
        drummer.client, [](jack_nframes_t n, void* self) { return static_cast<Drummer*>(self)->cycle(n); }, &drummer);
    if (jack_activate(drummer.client) != 0) return 5;
    if (jack_connect(drummer.client, argv[2], jack_port_name(drummer.in)) != 0) return 6;
    if (jack_connect(drummer.client, jack_port_name(drummer.out), argv[3]) != 0) return 7;
    std::puts("ready");
    std::fflush(stdout);
    while (true) std::this_thread::sleep_for(std::chrono::hours(1));
}
