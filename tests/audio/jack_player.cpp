// Plays a sound file to a JACK port as a drummer would play to a microphone: it listens to the program's click and
// starts its recording when the first count-in click is heard, so that file time runs with the take's. Usage:
// jack_player SERVER FILE CLICK_PORT MICROPHONE_PORT LEAD_S; ends after the file.
#include <jack/jack.h>

#include <atomic>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <thread>

#include "upbeat/formats/audio_file.h"

namespace {

struct Player {
    jack_client_t* client = nullptr;
    jack_port_t* in = nullptr;
    jack_port_t* out = nullptr;
    std::vector<float> samples;
    std::int64_t lead = 0;   // frames of the file before the first click
    std::int64_t next = -1;  // next frame of the file, -1: no click yet
    std::atomic<bool> done{false};
    std::int64_t started = 0;

    int cycle(jack_nframes_t frames) {
        const auto* input = static_cast<const float*>(jack_port_get_buffer(in, frames));
        auto* output = static_cast<float*>(jack_port_get_buffer(out, frames));
        for (jack_nframes_t i = 0; i < frames; ++i) {
            // The click's first sample is 0, the second is heard: file frame lead + 1 belongs here.
            if (next < 0 && std::abs(input[i]) > 1e-4F) next = lead + 1;
            output[i] = next >= 0 && next < static_cast<std::int64_t>(samples.size())
                            ? samples[static_cast<std::size_t>(next)]
                            : 0.0F;
            if (next >= 0) ++next;
        }
        if (next >= static_cast<std::int64_t>(samples.size())) done = true;
        return 0;
    }
};

}  // namespace

int main(int argc, char** argv) {
    if (argc != 6) return 2;
    const auto sound = upbeat::readSound(argv[2]);
    if (!sound) return 3;
    Player player;
    player.samples = sound->samples;
    player.client =
        jack_client_open("drummer", static_cast<jack_options_t>(JackNoStartServer | JackServerName), nullptr, argv[1]);
    if (player.client == nullptr) return 4;
    player.lead = std::llround(std::atof(argv[5]) * jack_get_sample_rate(player.client));
    player.in = jack_port_register(player.client, "ear", JACK_DEFAULT_AUDIO_TYPE, JackPortIsInput, 0);
    player.out = jack_port_register(player.client, "drum", JACK_DEFAULT_AUDIO_TYPE, JackPortIsOutput, 0);
    jack_set_process_callback(
        player.client, [](jack_nframes_t n, void* self) { return static_cast<Player*>(self)->cycle(n); }, &player);
    if (jack_activate(player.client) != 0) return 5;
    if (jack_connect(player.client, argv[3], jack_port_name(player.in)) != 0) return 6;
    if (jack_connect(player.client, jack_port_name(player.out), argv[4]) != 0) return 7;
    std::puts("ready");
    std::fflush(stdout);
    while (!player.done) std::this_thread::sleep_for(std::chrono::milliseconds(50));
    jack_deactivate(player.client);
    jack_client_close(player.client);
    return 0;
}
