#pragma once

#include <jack/jack.h>
#include <jack/midiport.h>

namespace upbeat {

/// The functions of libjack, found while the program runs: where it is not installed there is no JACK, and where it is,
/// it stays apart from the libraries of other servers (linked into one program with PipeWire's it crashes on closing).
struct JackLibrary {
    decltype(&jack_client_open) clientOpen = nullptr;
    decltype(&jack_client_close) clientClose = nullptr;
    decltype(&jack_get_ports) getPorts = nullptr;
    decltype(&jack_free) free = nullptr;
    decltype(&jack_port_register) portRegister = nullptr;
    decltype(&jack_port_connected) portConnected = nullptr;
    decltype(&jack_port_get_buffer) portGetBuffer = nullptr;
    decltype(&jack_port_name) portName = nullptr;
    decltype(&jack_connect) connect = nullptr;
    decltype(&jack_activate) activate = nullptr;
    decltype(&jack_deactivate) deactivate = nullptr;
    decltype(&jack_last_frame_time) lastFrameTime = nullptr;
    decltype(&jack_frames_since_cycle_start) framesSinceCycleStart = nullptr;
    decltype(&jack_get_sample_rate) getSampleRate = nullptr;
    decltype(&jack_get_buffer_size) getBufferSize = nullptr;
    decltype(&jack_midi_get_event_count) midiGetEventCount = nullptr;
    decltype(&jack_midi_event_get) midiEventGet = nullptr;
    decltype(&jack_set_process_callback) setProcessCallback = nullptr;
    decltype(&jack_set_sample_rate_callback) setSampleRateCallback = nullptr;
    decltype(&jack_set_port_connect_callback) setPortConnectCallback = nullptr;
    decltype(&jack_on_shutdown) onShutdown = nullptr;
    decltype(&jack_set_error_function) setErrorFunction = nullptr;
    decltype(&jack_set_info_function) setInfoFunction = nullptr;

    /// Null where it is not installed. Any thread.
    [[nodiscard]] static const JackLibrary* find();
};

}  // namespace upbeat
